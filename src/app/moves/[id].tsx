import { useLocalSearchParams } from 'expo-router';
import { CatalogueScreen } from '@/features/catalogue';

export default function MoveRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <CatalogueScreen id={id} />;
}
