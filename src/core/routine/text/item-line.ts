import { levelNamed, moveById, moveNamed, nearestNames, type Move } from '../../catalog';
import type { ItemId } from '../../ids';
import { FAULTY_WORDS, catalogFor, itemFaults, type ItemFault, type Setting } from '../item';
import type { Item } from '../schema';
import { CLAUSE_STARTS, mergeWords, readClause, type ClauseKey, type ItemWords } from './clauses';
import { splitAtCommas, type Piece } from './lines';
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
  const catalog = catalogFor(setting);
  const move = moveNamed(catalog, name);
  if (!move) {
    const problem = localProblem('unknown-move', bullet, name, nearestNames(catalog, name));
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
  let words: ItemWords = {};
  for (const piece of pieces) {
    const reading = readClause(piece);
    if (!reading) {
      problems.push(localProblem('unknown-clause', piece.at, piece.raw, CLAUSE_STARTS));
      continue;
    }
    if ('problem' in reading) {
      problems.push({ ...reading.problem, at: reading.problem.at + piece.at });
      continue;
    }
    const merged = mergeWords(words, reading);
    if (!merged) {
      problems.push(localProblem('clause-twice', piece.at, piece.raw));
      continue;
    }
    words = merged;
    places.set(reading.key, piece);
  }
  return withoutFaults({ kind: 'item', id, moveId: move.id, ...words }, setting, places, problems);
}

function withoutFaults(
  item: Item,
  setting: Setting,
  places: ReadonlyMap<ClauseKey, Piece>,
  problems: readonly LocalProblem[],
): ItemReading {
  const faults = itemFaults(item, setting);
  if (faults.length === 0) return { item: withLevelAsNamed(item, setting), problems };
  const kept: Record<string, unknown> = { ...item };
  const found = faults.flatMap((fault) => {
    const keys = FAULTY_WORDS[fault].filter((key) => key in kept);
    for (const key of keys) delete kept[key];
    const piece = keys.map((key) => places.get(key)).find(Boolean);
    return [
      localProblem(fault, piece?.at ?? 0, piece?.raw ?? '', couldStand(fault, item, setting)),
    ];
  });
  return { item: withLevelAsNamed(kept as Item, setting), problems: [...problems, ...found] };
}

function couldStand(fault: ItemFault, { moveId }: Item, setting: Setting): readonly string[] {
  if (fault !== 'unknown-level') return [];
  return moveById(catalogFor(setting), moveId).levels.map(({ name }) => name);
}

/** Letter case as the catalogue has it. */
function withLevelAsNamed(item: Item, setting: Setting): Item {
  const move = moveById(catalogFor(setting), item.moveId);
  const named = (name: string) => levelNamed(move, name)?.name ?? name;
  const lanes = Object.entries(item.laneLevels ?? {}).map(([lane, name]) => [lane, named(name)]);
  return {
    ...item,
    ...(item.level && { level: named(item.level) }),
    ...(item.laneLevels && { laneLevels: Object.fromEntries(lanes) as Item['laneLevels'] }),
  };
}
