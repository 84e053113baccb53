export { BuilderScreen } from './builder-screen';
export { LimitPicks } from './limit-picks';
export { LimitUnread } from './limits-field';
export { RoomPicks } from './room-picks';
export { Steps } from './steps';
