import type { LevelId, GroupName } from '@/core/common';
import type { PositionRef, Side } from '@/core/body';
import {
  catalogueWith,
  hasMove,
  levelById,
  moveById,
  ownDose,
  usualLevel,
  type Catalogue,
  type Level,
  type Move,
  doseInForce,
  pressFits,
  type Dose,
} from '@/core/moves';
import { byLane, laneEntries, plainLane, type LaneName } from '@/core/people';
import type { Item, ItemOption } from './entries';

/** What an item has to be read with: whose pace it is done at, and which own moves there are. */
export interface Setting {
  readonly group: GroupName;
  readonly moves?: readonly Move[] | undefined;
  /** The routine's ways of taking part, some of which may have words of their own. */
  readonly lanes?: readonly LaneName[] | undefined;
}

/** The moves that a routine can name: the shipped ones, with its own laid over them. */
export function catalogueFor({ moves }: Pick<Setting, 'moves'>): Catalogue {
  return catalogueWith(moves);
}

/** How one item's sides are done once move and line are put together. */
export type SidePlan =
  | { readonly way: 'both' }
  | { readonly way: 'alternating'; readonly first: Side }
  | { readonly way: 'each'; readonly order: readonly Side[] };

export interface ItemInForce {
  readonly move: Move;
  readonly level: Level;
  readonly dose: Dose;
  readonly sides: SidePlan;
}

/** An item with everything that its line leaves out taken from the move and the pace. */
export function itemInForce(item: Item, setting: Setting): ItemInForce {
  const move = moveById(catalogueFor(setting), item.moveId);
  const known = inForceKnown.get(item);
  if (known?.group === setting.group && known.inForce.move === move) return known.inForce;
  const level = (item.level && levelById(move, item.level)) || usualLevel(move, setting.group);
  const own = ownDose(move, setting.group);
  const led = level.tempo && own.kind === 'reps' ? { ...own, tempo: level.tempo } : own;
  const dose = doseInForce(item, led);
  const inForce = { move, level, dose, sides: sidePlan(item, move) };
  inForceKnown.set(item, { group: setting.group, inForce });
  return inForce;
}

/** Items never change; the last setting that each was read with is the one it is asked for again. */
const inForceKnown = new WeakMap<
  Item,
  { readonly group: GroupName; readonly inForce: ItemInForce }
>();

function sidePlan(item: Item, move: Move): SidePlan {
  const first: Side = item.firstSide ?? 'left';
  switch (item.sides ?? move.sides) {
    case 'both':
      return { way: 'both' };
    case 'alternating':
      return { way: 'alternating', first };
    case 'each':
      return { way: 'each', order: first === 'left' ? ['left', 'right'] : ['right', 'left'] };
    case 'left-only':
      return { way: 'each', order: ['left'] };
    case 'right-only':
      return { way: 'each', order: ['right'] };
  }
}

export const ITEM_FAULTS = [
  'unknown-level',
  'sides-not-this-move',
  'weak-needs-each',
  'press-needs-hold',
  'press-needs-side',
  'press-too-long',
  'tempo-needs-reps',
  'held-needs-reps',
  'breath-needs-reps',
  'breath-or-tempo',
  'in-all-needs-turns',
  'press-where-needs-press',
  'not-at-this-place',
  'unknown-option',
] as const;
export type ItemFault = (typeof ITEM_FAULTS)[number];

/** What clauses of a line do not go together, or do not go with its move. */
export function itemFaults(item: Item, setting: Setting): readonly ItemFault[] {
  const { move, level, dose, sides } = itemInForce(item, setting);
  const faults: ItemFault[] = [];
  const levels = [item.level, ...Object.values(item.laneLevels ?? {})];
  const lanes = laneEntries(item.laneLevels ?? {}).map(([lane]) => lane);
  if (
    levels.some((id) => id && !levelById(move, id)) ||
    lanes.some((lane) => !isHere(lane, setting))
  ) {
    faults.push('unknown-level');
  }
  if (move.sides === 'both' && (item.sides || item.firstSide)) faults.push('sides-not-this-move');
  if (item.weak && !(sides.way === 'each' && sides.order.includes(item.weak.side))) {
    faults.push('weak-needs-each');
  }
  if (item.tempo && dose.kind !== 'reps') faults.push('tempo-needs-reps');
  if (item.held && dose.kind !== 'reps') faults.push('held-needs-reps');
  if (item.breath && dose.kind !== 'reps') faults.push('breath-needs-reps');
  else if (item.breath && (item.tempo || item.held)) faults.push('breath-or-tempo');
  if (dose.kind === 'reps' && dose.inAll && sides.way !== 'alternating') {
    faults.push('in-all-needs-turns');
  }
  if (item.pressWhere && !item.press) faults.push('press-where-needs-press');
  if (item.at && !placesOf(level).includes(item.at)) faults.push('not-at-this-place');
  if (item.options?.some((option) => !isKnown(option, setting))) faults.push('unknown-option');
  if (item.press) {
    if (dose.kind !== 'hold') faults.push('press-needs-hold');
    else if (sides.way === 'alternating') faults.push('press-needs-side');
    else if (!pressFits(dose.holdMs, item.press)) faults.push('press-too-long');
  }
  return faults;
}

/** Every place that a level can be done at: its own, and those it names besides. */
export function placesOf({ from, to, also }: Level): readonly PositionRef[] {
  return from === to ? [from, ...(also ?? [])] : [from];
}

/** Whether a lane means something here: one with a word of its own is its routine's alone. */
function isHere(lane: LaneName, { lanes = [] }: Setting): boolean {
  return plainLane(lane) === lane || lanes.includes(lane);
}

function isKnown({ moveId, level, lane }: ItemOption, setting: Setting): boolean {
  const catalogue = catalogueFor(setting);
  if (lane && !isHere(lane, setting)) return false;
  if (!hasMove(catalogue, moveId)) return false;
  return level === undefined || levelById(moveById(catalogue, moveId), level) !== undefined;
}

/** The words of a line that each fault lies in. */
export const FAULTY_WORDS = {
  'unknown-level': ['level', 'laneLevels'],
  'sides-not-this-move': ['sides', 'firstSide'],
  'weak-needs-each': ['weak'],
  'press-needs-hold': ['press', 'pressWhere'],
  'press-needs-side': ['press', 'pressWhere'],
  'press-too-long': ['press', 'pressWhere'],
  'tempo-needs-reps': ['tempo'],
  'held-needs-reps': ['held'],
  'breath-needs-reps': ['breath'],
  'breath-or-tempo': ['breath'],
  'in-all-needs-turns': ['dose'],
  'press-where-needs-press': ['pressWhere'],
  'not-at-this-place': ['at'],
  'unknown-option': ['options'],
} as const satisfies Record<ItemFault, readonly (keyof Item)[]>;

/** An item without the words that do not go with its move; itself where all do. */
export function mendedItem(item: Item, setting: Setting): Item {
  const faults = itemFaults(item, setting);
  if (faults.length === 0) return item;
  const levels = faults.includes('unknown-level') ? withKnownLevels(item, setting) : item;
  const kept = faults.includes('unknown-option')
    ? withKnownOptions(levels, setting)
    : { ...levels };
  for (const fault of faults) {
    if (!IN_PART.includes(fault)) for (const word of FAULTY_WORDS[fault]) delete kept[word];
  }
  return mendedItem(kept, setting);
}

/** Faults of one part of a list, whose other parts stay. */
const IN_PART: readonly ItemFault[] = ['unknown-level', 'unknown-option'];

function withKnownOptions({ options = [], ...item }: Item, setting: Setting): Item {
  const known = options.filter((option) => isKnown(option, setting));
  return { ...item, ...(known.length > 0 && { options: known }) };
}

/** A line may name several levels, one a lane; those that are there stay. */
function withKnownLevels({ level, laneLevels, ...item }: Item, setting: Setting): Item {
  const { move } = itemInForce(item, setting);
  const known = (id: LevelId | undefined) => id !== undefined && levelById(move, id);
  const lanes = laneEntries(laneLevels ?? {}).filter(
    ([lane, id]) => known(id) && isHere(lane, setting),
  );
  return {
    ...item,
    ...(known(level) && { level }),
    ...(lanes.length > 0 && { laneLevels: byLane(lanes) }),
  };
}
