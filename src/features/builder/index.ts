export { BuilderScreen } from './builder-screen';
export { GroupPicks } from './group-picks';
export { LimitPicks } from './limit-picks';
export { LimitUnread } from './limits-field';
export { RoomPicks } from './room-picks';
