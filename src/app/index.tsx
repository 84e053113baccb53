import { TodayScreen } from '@/features/today';

export default TodayScreen;
