import { RoutinesScreen } from '@/features/routines';

export default RoutinesScreen;
