import { useLocalSearchParams } from 'expo-router';
import { inWorkshop } from '@/workshop';

const RehearseScreen = inWorkshop((all) => all.RehearseScreen);

export default function RehearseRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <RehearseScreen key={id} id={id} />;
}
