import { useLocalSearchParams } from 'expo-router';
import { lazy } from 'react';

const LeadScreen = lazy(() => import('@/features/lead'));

export default function LeadRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <LeadScreen key={id} id={id} />;
}
