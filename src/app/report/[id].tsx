import { useLocalSearchParams } from 'expo-router';
import { inWorkshop } from '@/workshop';

const ReportScreen = inWorkshop((all) => all.ReportScreen, 'record');

export default function ReportRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <ReportScreen id={id} />;
}
