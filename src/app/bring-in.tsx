import { BringInScreen } from '@/features/library';

export default BringInScreen;
