import type { ItemId, LevelId } from '@/core/common';
import { levelNamed, moveNamed, nearestNames, type Move } from '@/core/moves';
import { FAULTY_WORDS, catalogueFor, itemFaults, type Setting } from '../item';
import { laneEntries, type LaneName } from '@/core/people';
import type { Item, ItemOption } from '../entries';
import { CLAUSE_STARTS, mergeWords, readClause, type ClauseKey, type ClauseWords } from './clauses';
import { splitAtCommas, type Piece } from './text-lines';
import { localProblem, type LocalProblem } from './problem';

export interface ItemReading {
  /** Undefined where the move is not known. */
  readonly item: Item | undefined;
  readonly problems: readonly LocalProblem[];
}

const BULLET = /^(?:[-*•·]|\d{1,3}[.)])\s+/u;

/** Reads `[bullet] NAME [: clauses]`. Places count from the start of `text`. */
export function readItemLine(text: string, raw: string, id: ItemId, setting: Setting): ItemReading {
  const bullet = BULLET.exec(text)?.[0].length ?? 0;
  const colon = text.indexOf(':', bullet);
  const nameEnd = colon < 0 ? text.length : colon;
  const name = raw.slice(bullet, nameEnd).trim();
  const catalogue = catalogueFor(setting);
  const move = moveNamed(catalogue, name);
  if (!move) {
    const problem = localProblem('unknown-move', bullet, name, nearestNames(catalogue, name));
    return { item: undefined, problems: [problem] };
  }
  const from = nameEnd + 1;
  const pieces = splitAtCommas(text.slice(from), raw.slice(from));
  return itemFromPieces(move, shifted(pieces, from), id, setting);
}

function shifted(pieces: readonly Piece[], by: number): readonly Piece[] {
  return pieces.map((piece) => ({ ...piece, at: piece.at + by }));
}

/** Puts read clauses to a move and sees whether they go together; what does not is left out. */
export function itemFromPieces(
  move: Move,
  pieces: readonly Piece[],
  id: ItemId,
  setting: Setting,
): ItemReading {
  const problems: LocalProblem[] = [];
  const places = new Map<ClauseKey, Piece>();
  let words: ClauseWords = {};
  for (const piece of pieces) {
    const reading = readClause(piece, setting.lanes);
    if (!reading) {
      problems.push(localProblem('unknown-clause', piece.at, piece.raw, CLAUSE_STARTS));
      continue;
    }
    if ('problem' in reading) {
      problems.push({ ...reading.problem, at: reading.problem.at + piece.at });
      continue;
    }
    const merged = mergeWords(words, reading);
    if (typeof merged === 'string') {
      problems.push(localProblem(merged, piece.at, piece.raw));
      continue;
    }
    words = merged;
    places.set(reading.key, piece);
  }
  const { options: said = [], ...own } = words;
  const options = said.flatMap((one): ItemOption[] => {
    const at = (places.get('options')?.at ?? 0) + one.at;
    const read = readOption(one.text, one.lane, setting);
    problems.push(...read.problems.map((problem) => ({ ...problem, at: problem.at + at })));
    return read.option ? [read.option] : [];
  });
  const item = {
    kind: 'item',
    id,
    moveId: move.id,
    ...withLevelIds(own, move, places, problems),
    ...(options.length > 0 && { options }),
  };
  return withoutFaults(item as Item, setting, places, problems);
}

const OPTION_CLAUSES: readonly ClauseKey[] = ['dose', 'level'];
const OPTION_COULD = ['hold 20s', '8 reps', 'level …'] as const;

/**
 * Reads `NAME, 8 reps`: what is done in place of a line. Places count from the start of the text.
 * @returns no option where the move is not known
 */
export function readOption(
  typed: string,
  lane: LaneName | undefined,
  setting: Setting,
): { readonly option: ItemOption | undefined; readonly problems: readonly LocalProblem[] } {
  const catalogue = catalogueFor(setting);
  const colon = typed.indexOf(':');
  const isName = colon > 0 && moveNamed(catalogue, typed.slice(0, colon)) !== undefined;
  const text = isName ? `${typed.slice(0, colon)},${typed.slice(colon + 1)}` : typed;
  const all = splitAtCommas(text, text);
  const name = all[0]?.text ?? '';
  // Some names have commas of their own.
  const nameIn = (count: number) => {
    const last = all[count - 1];
    return last && moveNamed(catalogue, typed.slice(0, last.at + last.text.length));
  };
  const count = all.map((_, i) => all.length - i).find(nameIn) ?? 0;
  const move = nameIn(count);
  const pieces = all.slice(count);
  if (!move) {
    const problem = localProblem('unknown-move', 0, name, nearestNames(catalogue, name));
    return { option: undefined, problems: [problem] };
  }
  const problems: LocalProblem[] = [];
  let words: Pick<ItemOption, 'dose' | 'level'> = {};
  for (const piece of pieces) {
    const reading = readClause(piece);
    if (reading && 'problem' in reading) {
      problems.push({ ...reading.problem, at: reading.problem.at + piece.at });
    } else if (!reading || !OPTION_CLAUSES.includes(reading.key)) {
      problems.push(localProblem('unknown-clause', piece.at, piece.raw, OPTION_COULD));
    } else if (reading.key in words) {
      problems.push(localProblem('clause-twice', piece.at, piece.raw));
    } else if (reading.words.dose) words = { ...words, dose: reading.words.dose };
    else {
      const level = levelNamed(move, reading.words.level ?? '');
      const could = move.levels.map((one) => one.name);
      if (level) words = { ...words, level: level.id };
      else problems.push(localProblem('unknown-level', piece.at, piece.raw, could));
    }
  }
  return { option: { ...(lane && { lane }), moveId: move.id, ...words }, problems };
}

/** Levels as their move knows them; a name that it does not know is a problem, and left out. */
function withLevelIds(
  { level, laneLevels, ...words }: Omit<ClauseWords, 'options'>,
  move: Move,
  places: ReadonlyMap<ClauseKey, Piece>,
  problems: LocalProblem[],
): Partial<Item> {
  const idOf = (name: string, key: ClauseKey): LevelId | undefined => {
    const known = levelNamed(move, name);
    if (known) return known.id;
    const piece = places.get(key);
    const could = move.levels.map((one) => one.name);
    problems.push(localProblem('unknown-level', piece?.at ?? 0, piece?.raw ?? name, could));
    return undefined;
  };
  const own = level === undefined ? undefined : idOf(level, 'level');
  const lanes = laneEntries(laneLevels ?? {}).flatMap(([lane, name]) => {
    const id = idOf(name, 'laneLevels');
    return id ? [[lane, id] as const] : [];
  });
  return {
    ...words,
    ...(own && { level: own }),
    ...(lanes.length > 0 && { laneLevels: Object.fromEntries(lanes) as Item['laneLevels'] }),
  };
}

function withoutFaults(
  item: Item,
  setting: Setting,
  places: ReadonlyMap<ClauseKey, Piece>,
  problems: readonly LocalProblem[],
): ItemReading {
  const faults = itemFaults(item, setting);
  if (faults.length === 0) return { item, problems };
  const kept: Record<string, unknown> = { ...item };
  const found = faults.flatMap((fault) => {
    const keys = FAULTY_WORDS[fault].filter((key) => key in kept);
    for (const key of keys) delete kept[key];
    const piece = keys.map((key) => places.get(key)).find(Boolean);
    return [localProblem(fault, piece?.at ?? 0, piece?.raw ?? '')];
  });
  return { item: kept as Item, problems: [...problems, ...found] };
}
