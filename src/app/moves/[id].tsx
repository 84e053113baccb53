import { useLocalSearchParams } from 'expo-router';
import { inWorkshop } from '@/workshop';

const MovePage = inWorkshop((all) => all.MovePage);

export default function MoveRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <MovePage key={id} id={id} />;
}
