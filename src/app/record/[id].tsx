import { useLocalSearchParams } from 'expo-router';
import { lazy } from 'react';

const RunScreen = lazy(() => import('@/features/record/run-screen'));

export default function RunRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <RunScreen id={id} />;
}
