import { useLocalSearchParams } from 'expo-router';
import { WriteMoveScreen } from '@/features/write-move';

export default function WriteMoveRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <WriteMoveScreen key={id} id={id} />;
}
