import { NotFoundScreen } from '@/features/notices';

export default NotFoundScreen;
