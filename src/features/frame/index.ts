export { HallProvider, useHall, useWork, type Workshop } from './hall-context';
export { Places, type PlaceName } from './places';
export { ScriptsGone, Waiting } from './waiting';
export { useHandedOn } from './use-handed-on';
export { useGrowing } from './use-growing';
