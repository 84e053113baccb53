import { useLocalSearchParams } from 'expo-router';
import { inWorkshop } from '@/workshop';

const MeasureScreen = inWorkshop((all) => all.MeasureScreen, 'record');

export default function MeasureRoute() {
  const { id, what } = useLocalSearchParams<{ id: string; what?: string }>();
  return <MeasureScreen id={id} what={what} />;
}
