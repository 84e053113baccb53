import { useLocalSearchParams } from 'expo-router';
import { inWorkshop } from '@/workshop';

const RunScreen = inWorkshop((all) => all.RunScreen, 'record');

export default function RunRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <RunScreen id={id} />;
}
