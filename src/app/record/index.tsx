import { lazy } from 'react';

const RecordScreen = lazy(() => import('@/features/record'));

export default function RecordRoute() {
  return <RecordScreen />;
}
