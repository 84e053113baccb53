import { useLocalSearchParams } from 'expo-router';
import { inWorkshop } from '@/workshop';

const GroupScreen = inWorkshop((all) => all.GroupScreen, 'record');

export default function GroupRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <GroupScreen id={id} />;
}
