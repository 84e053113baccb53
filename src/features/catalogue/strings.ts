import type { MoveKind } from '@/core/catalog';
import type { Where } from '@/core/library';

export const CATALOGUE = {
  title: 'Moves',
  find: 'Find a move',
  narrow: 'Narrow down',
  any: 'any',
  none: 'nothing',
  clear: 'Show all moves',
  count: (count: number) => (count === 1 ? '1 move' : `${count} moves`),
  noMove: 'No move has all of this. Leave something out, or look at a word’s spelling.',
  pick: 'Choose a move to see its levels, its words and who it is for.',
  facets: {
    region: 'Region',
    where: 'Where',
    kind: 'Kind',
    prop: 'Prop',
    limit: 'Keeps clear of',
    direction: 'Spine',
    lane: 'Way of taking part',
  },
  facet: (name: string, value: string) => `${name}: ${value}`,
  also: (names: string) => `Also called ${names}`,
  levels: 'Levels',
  usual: 'usual',
  asks: (loads: string) => `Asks for ${loads}`,
  asksNothing: 'Asks for nothing that a limit speaks of',
  support: (support: string) => (support === 'none' ? 'hands free' : support),
  orElse: (prop: string, standIns: string) => (standIns ? `${prop} (or ${standIns})` : prop),
  dose: 'Dose',
  doseFor: (group: string, dose: string) => `${group}: ${dose}`,
  from: (least: string, most: string, what: string) => `${what} from ${least} to ${most}`,
  sets: (least: number, most: number) =>
    least === most ? `${least} set` : `${least} to ${most} sets`,
  words: 'What to say',
  setUp: 'Set-up',
  go: 'Go',
  short: 'Short',
  watch: 'Watch',
  easier: 'Easier',
  further: 'Further',
  wayOut: 'Way out',
  breath: 'Breath',
  lanes: 'Ways of taking part',
  rests: 'rests here',
  asIs: 'as it is',
  limits: 'Limits',
  limitsAll: (names: string) => `Ruled out on every level by: ${names}.`,
  limitsUsual: (names: string) =>
    `The usual level is ruled out by: ${names}. An easier one is not.`,
  limitsNone: 'No limit of the table rules it out. Care may still be needed.',
  care: 'This diagnoses nothing and clears nobody. Their clinician has the last word.',
  family: 'The same job elsewhere',
};

export const KIND_NAMES: Readonly<Record<MoveKind, string>> = {
  breath: 'Breath',
  mobility: 'Mobility',
  stretch: 'Stretch',
  strength: 'Strength',
  balance: 'Balance',
  transfer: 'Getting up and down',
};

export const WHERE_NAMES: Readonly<Record<Where, string>> = {
  floor: 'On the floor',
  kneeling: 'Kneeling',
  seated: 'Seated',
  standing: 'Standing',
};
