import { App } from '@/features/app';

export default App;
