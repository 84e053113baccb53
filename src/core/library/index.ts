export {
  WHERE,
  asksOf,
  findMoves,
  lanesFor,
  limitsAgainst,
  whereOf,
  type Wanted,
  type Where,
} from './find';
