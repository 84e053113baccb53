export { deviceSet, type DeviceState } from './device';
export { createHall, type Hall } from './hall';
export { useHallDispatch, useHallSelector } from './hooks';
export { noticeClosed, noticeShown, type Notice } from './notices';
export { openHall } from './open';
export type { HallDispatch, HallState } from './reducer';
export type { Row } from './shelf';
export type { Texts } from '../demo';
