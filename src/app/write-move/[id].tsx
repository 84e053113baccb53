import { useLocalSearchParams } from 'expo-router';
import { inWorkshop } from '@/workshop';

const WriteMoveScreen = inWorkshop((all) => all.WriteMoveScreen);

export default function WriteMoveRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <WriteMoveScreen key={id} id={id} />;
}
