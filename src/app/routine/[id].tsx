import { useLocalSearchParams } from 'expo-router';
import { inWorkshop } from '@/workshop';

const BuilderScreen = inWorkshop((all) => all.BuilderScreen);

export default function RoutineRoute() {
  const { id, name, tonight, write } = useLocalSearchParams<{
    id: string;
    name?: string;
    tonight?: string;
    write?: string;
  }>();
  return (
    <BuilderScreen
      key={id}
      id={id}
      naming={name === '1'}
      tonight={tonight === '1'}
      writing={write === '1'}
    />
  );
}
