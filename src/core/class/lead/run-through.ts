import { paceOf } from '@/core/body';
import type { ItemId } from '@/core/common';
import {
  SECTIONS,
  doseChanged,
  itemInForce,
  type Block,
  type Entry,
  type Item,
  type Routine,
  type SectionName,
} from '@/core/routine';

export interface RunThrough {
  /** Two reps or two breaths of each move, on each side: to be shown, or looked through. */
  readonly short: boolean;
  /** Without the time that words take: from one thing straight to the next. */
  readonly silent: boolean;
  /** The item that it begins with; the first one where it is left out. */
  readonly from?: ItemId | undefined;
}

const TWO = 2;
/** Faster speech than this nobody can follow, so no set-up waits for words. */
const SILENT_PACE = { talkWpm: 400, setUpMs: 2000, settlingMs: 0 } as const;

/** A routine as it is gone through before the class: the same moves, sides, places and ways. */
export function runThroughOf(routine: Routine, { short, silent, from }: RunThrough): Routine {
  const begun = { yet: from === undefined };
  const cut = (section: SectionName): readonly Entry[] =>
    routine.sections[section].flatMap((entry) => cutEntry(routine, entry, begun, { short, from }));
  const [warmUp, main, settle] = SECTIONS.map(cut);
  const heads = short ? undefined : routine.heads;
  return {
    ...routine,
    heads,
    ...(silent && { pace: { ...routine.pace, ...SILENT_PACE } }),
    sections: {
      'warm-up': [...(warmUp ?? [])],
      main: [...(main ?? [])],
      settle: [...(settle ?? [])],
    },
  };
}

function cutEntry(
  routine: Routine,
  entry: Entry,
  begun: { yet: boolean },
  { short, from }: Pick<RunThrough, 'short' | 'from'>,
): readonly Entry[] {
  if (entry.kind !== 'block') {
    begun.yet ||= entry.id === from;
    if (!begun.yet) return [];
    if (!short) return [entry];
    return entry.kind === 'item' ? [shortened(entry, routine)] : [];
  }
  const lines = entry.lines.flatMap((line) => {
    begun.yet ||= line.id === from;
    if (!begun.yet) return [];
    if (!short) return [line];
    return line.kind === 'item' ? [shortened(line, routine)] : [];
  });
  const items = lines.filter(({ kind }) => kind === 'item').length;
  if (items === 0) return [];
  const { choose } = entry;
  if (!short) {
    // What is left of a choice may be no choice any more.
    if (choose === undefined || choose < items) return [{ ...entry, lines }];
    const { choose: _, ...block } = entry;
    return isBlock(block) ? [{ ...block, lines }] : lines;
  }
  const { kind, id, perSide, firstSide } = entry;
  if (!perSide) return lines.slice(0, choose);
  return [{ kind, id, perSide, ...(firstSide && { firstSide }), lines: lines.slice(0, choose) }];
}

const isBlock = ({ rounds, perSide, buildUp, inOneGo, throughout }: Omit<Block, 'choose'>) =>
  Boolean(rounds ?? perSide ?? buildUp ?? inOneGo ?? throughout);

/** Two reps, or the time of two breaths, once on each side. */
function shortened(item: Item, routine: Routine): Item {
  const { dose } = itemInForce(item, routine);
  const { breathInMs, breathOutMs } = paceOf(routine.group, routine.pace);
  const breathsMs = Math.ceil((TWO * (breathInMs + breathOutMs)) / 1000) * 1000;
  const timed = dose.kind === 'hold' || dose.kind === 'timed';
  const amount = timed ? breathsMs : TWO;
  const words = doseChanged(item, routine, { amount, sets: 1 });
  const { weak: _, ...plain } = item;
  const next = Object.fromEntries(
    Object.entries({ ...plain, ...words, press: undefined, pressWhere: undefined }).filter(
      ([, value]) => value !== undefined,
    ),
  );
  return next as Item;
}
