import { LibraryScreen } from '@/features/library';

export default LibraryScreen;
