import { useLocalSearchParams } from 'expo-router';
import { inWorkshop } from '@/workshop';

const PrintScreen = inWorkshop((all) => all.PrintScreen);

export default function PrintRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <PrintScreen key={id} id={id} />;
}
