import { NotFoundScreen } from '@/features/app';

export default NotFoundScreen;
