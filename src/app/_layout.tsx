import { App } from '@/features/app';
import { loadWorkshop } from '@/workshop';

export default function Layout() {
  return <App loadWorkshop={loadWorkshop} />;
}
