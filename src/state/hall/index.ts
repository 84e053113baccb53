export { deviceSet, type DeviceState } from './device';
export { createHall, type Hall } from './hall';
export { useHallDispatch, useHallSelector } from './hooks';
export { noticeClosed, noticeShown, type Notice } from './notices';
export { openHall } from './open';
export { LONGEST_TAG, MOST_TAGS, marked, unmarked, type Mark } from './marks';
export type { HallDispatch, HallState } from './reducer';
export type { Row, RowPlace } from './shelf';
export type { Texts } from '../demo';
