import { useLocalSearchParams } from 'expo-router';
import { inWorkshop } from '@/workshop';

const PersonScreen = inWorkshop((all) => all.PersonScreen, 'record');

export default function PersonRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <PersonScreen id={id} />;
}
