import { ChooseAMove } from '@/features/catalogue';

export default ChooseAMove;
