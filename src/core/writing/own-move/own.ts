import isEqual from 'fast-deep-equal';
import { countingIds, itemIdSchema, routineIdSchema } from '@/core/common';
import {
  SHIPPED,
  catalogueWith,
  foldName,
  partFaults,
  cueStyleFaults,
  type Catalogue,
  type Fault,
  type Move,
  type PartFaultCode,
  type CueStyleFaultCode,
} from '@/core/moves';
import {
  itemsInOrder,
  readRoutineText,
  writeRoutineText,
  type Item,
  type Routine,
} from '@/core/routine';

/** What is wrong with a move beside the others that there are. */
export const PLACE_FAULTS = ['name-taken', 'name-misread'] as const;
type PlaceFaultCode = (typeof PLACE_FAULTS)[number];

/** What would better be otherwise, but keeps nobody from using a move. */
export const ADVICE = ['family-apart', 'one-level', 'said-twice'] as const;
type AdviceCode = (typeof ADVICE)[number];

export type MoveFaultCode = PartFaultCode | PlaceFaultCode | CueStyleFaultCode | AdviceCode;
export interface MoveFault extends Fault<MoveFaultCode> {
  /** Whether it has to be mended before the move can be used. */
  readonly weight: 'must' | 'advice';
}

/** Everything that is wrong with a move, or could be better, beside the moves of a catalogue. */
export function moveFaults(move: Move, catalogue: Catalogue): readonly MoveFault[] {
  const others = catalogue.moves.filter(({ id }) => id !== move.id);
  const parts = partFaults(move);
  const taken = takenFaults(move, others);
  // A line is only worth trying with a name that is the move's alone.
  const misread = parts.length + taken.length === 0 ? misreadFaults(move) : [];
  const must = [...parts, ...taken, ...misread];
  const advice = [...adviceFaults(move, others), ...cueStyleFaults(move)];
  return [
    ...must.map((fault) => ({ ...fault, weight: 'must' as const })),
    ...advice.map((fault) => ({ ...fault, weight: 'advice' as const })),
  ];
}

function takenFaults(move: Move, others: readonly Move[]): Fault<PlaceFaultCode>[] {
  const taken = new Map(
    others.flatMap(({ name, otherNames }) =>
      [name, ...otherNames].map((one) => [foldName(one), name] as const),
    ),
  );
  const own = [move.name, ...move.otherNames].map(foldName);
  return own.flatMap((name, i): Fault<PlaceFaultCode>[] => {
    const by = taken.get(name) ?? (own.indexOf(name) < i ? move.name : undefined);
    const path = i === 0 ? ['name'] : ['otherNames', i - 1];
    return by ? [{ code: 'name-taken', path, about: by }] : [];
  });
}

/** Every name and level, written as a line of text, must be read back as what it is. */
function misreadFaults(move: Move): Fault<PlaceFaultCode>[] {
  const newId = countingIds('i');
  const item = (words: Partial<Item> = {}): Item => ({
    kind: 'item',
    id: itemIdSchema.parse(newId()),
    moveId: move.id,
    ...words,
  });
  const items = [item(), ...move.levels.map(({ id }) => item({ level: id }))];
  const routine: Routine = {
    id: routineIdSchema.parse('line'),
    title: 'Line',
    group: 'desk',
    pace: {},
    notes: [],
    moves: [move],
    sections: { 'warm-up': [], main: items, settle: [] },
  };
  const lines = [...writeRoutineText(routine).trimEnd().split('\n'), ...move.otherNames];
  const read = readRoutineText(lines.join('\n'), {
    id: routine.id,
    newId: countingIds('r'),
    untitled: 'Line',
    moves: [move],
  });
  const back = itemsInOrder(read.routine).map(({ moveId, level }) => [moveId, level]);
  const wanted = [...items, ...move.otherNames.map(() => item())].map(({ moveId, level }) => [
    moveId,
    level,
  ]);
  const same = read.problems.length === 0 && isEqual(back, wanted);
  return same ? [] : [{ code: 'name-misread', path: ['name'], about: move.name }];
}

function adviceFaults(move: Move, others: readonly Move[]): Fault<AdviceCode>[] {
  const family = others.filter((one) => one.family === move.family);
  const shares = family.some((one) => one.regions.some((region) => move.regions.includes(region)));
  const words = ({ cues }: Move) => `${cues.setUp} ${cues.go}`;
  const twin = others.find((one) => words(one) === words(move));
  return [
    ...(family.length > 0 && !shares
      ? [{ code: 'family-apart', path: ['family'], about: move.family } as const]
      : []),
    ...(move.levels.length === 1 ? [{ code: 'one-level', path: ['levels'] } as const] : []),
    ...(twin ? [{ code: 'said-twice', path: ['cues', 'setUp'], about: twin.name } as const] : []),
  ];
}

/** What bringing moves in would do to those that are there. */
export interface Bringing {
  /** All own moves as they would be then. */
  readonly own: readonly Move[];
  readonly added: readonly Move[];
  /** Own moves that the incoming ones stand in place of, as they were. */
  readonly replaced: readonly Move[];
  /** Those that are here already, word for word. */
  readonly same: readonly Move[];
  /** What must be mended first; nothing is brought in before. */
  readonly faults: readonly { readonly move: Move; readonly fault: MoveFault }[];
}

/** Lays moves of a file beside the own ones that there are; nothing is changed yet. */
export function bringMoves(own: readonly Move[], incoming: readonly Move[]): Bringing {
  const known = new Map(own.map((move) => [move.id, move]));
  const isSame = (move: Move) => isEqual(known.get(move.id) ?? SHIPPED.byId.get(move.id), move);
  const different = incoming.filter((move) => !isSame(move));
  const after = new Map([...known, ...different.map((move) => [move.id, move] as const)]);
  const all = [...after.values()];
  const catalogue = catalogueWith(all);
  const coming = all.filter((move) => different.includes(move));
  return {
    own: all,
    added: coming.filter(({ id }) => !known.has(id)),
    replaced: coming.flatMap(({ id }) => known.get(id) ?? []),
    same: incoming.filter(isSame),
    faults: coming.flatMap((move) =>
      moveFaults(move, catalogue)
        .filter(({ weight }) => weight === 'must')
        .map((fault) => ({ move, fault })),
    ),
  };
}

/** Whether a move says just what the shipped one of its id says. */
export function isLikeShipped(move: Move): boolean {
  return isEqual(SHIPPED.byId.get(move.id), move);
}

/** Whether a move is the one that came with the application. */
export function isAsShipped(move: Move): boolean {
  return SHIPPED.byId.get(move.id) === move;
}

/** Whether a move came with the application, in this form or another. */
export function isShipped(id: string): boolean {
  return SHIPPED.byId.has(id);
}
