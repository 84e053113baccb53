import { useLocalSearchParams } from 'expo-router';
import { BuildScreen } from '@/features/build';

export default function RoutineRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <BuildScreen key={id} id={id} />;
}
