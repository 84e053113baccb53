/** Everything that works on routines and moves, in one piece that is loaded when first wanted. */
import * as work from '@/state';

export { BringInScreen } from '@/features/bring-in';
export { BinScreen } from '@/features/bin';
export { BuilderScreen } from '@/features/builder';
export { LeadScreen, RehearseScreen, WallScreen } from '@/features/lead';
export { ChooseAMove, MovePage, MovesScreen } from '@/features/moves';
export { BackupScreen, DeviceScreen, PrivacyScreen } from '@/features/keep';
export {
  ClassScreen,
  GroupScreen,
  MeasureScreen,
  PeopleScreen,
  PersonScreen,
  ReportScreen,
} from '@/features/people';
export { PrintScreen } from '@/features/print';
export { ByHandScreen, RecordScreen, RunScreen } from '@/features/record';
export { WriteMoveScreen } from '@/features/write-move';
export { work };
