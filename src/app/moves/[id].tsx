import { useLocalSearchParams } from 'expo-router';
import { MovePage } from '@/features/catalogue';

export default function MoveRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <MovePage key={id} id={id} />;
}
