import { useLocalSearchParams } from 'expo-router';
import { inWorkshop } from '@/workshop';

const ClassScreen = inWorkshop((all) => all.ClassScreen);

export default function ClassRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <ClassScreen id={id} />;
}
