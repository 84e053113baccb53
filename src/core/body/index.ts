export { LOADS, type Load } from './loads';
export { REGIONS, SPINE_DIRECTIONS, type Region, type SpineDirection } from './regions';
export {
  SIDE_MEANINGS,
  SIDE_WAYS,
  SIDES,
  otherSide,
  type Side,
  type SideMeaning,
  type SideWay,
} from './sides';
