export { BuilderScreen } from './builder-screen';
export { LimitPicks } from './limit-picks';
export { RoomPicks } from './room-picks';
export { Steps } from './steps';
