export { HallProvider, useHall, useWork, type Workshop } from './hall-context';
export { Waiting } from './waiting';
