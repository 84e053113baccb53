import { useLocalSearchParams } from 'expo-router';
import { inWorkshop } from '@/workshop';

const LeadScreen = inWorkshop((all) => all.LeadScreen, 'record');

export default function LeadRoute() {
  const { id, again } = useLocalSearchParams<{ id: string; again?: string }>();
  return <LeadScreen key={id} id={id} again={again === '1'} />;
}
