import type { Side } from '@/core/body';
import {
  SECTIONS,
  itemInForce,
  type Block,
  type Entry,
  type Item,
  type Line,
  type Routine,
  type SectionName,
} from '@/core/routine';

/** One time that an item is done. */
export interface Play {
  readonly kind: 'play';
  readonly item: Item;
  readonly section: SectionName;
  readonly round: number;
  /** The side of the pass of a per-side block; null elsewhere. */
  readonly passSide: Side | null;
  /** The first play of a second pass: the room switches in place of a count-in. */
  readonly turns: boolean;
  /** The first play of its line has the set-up. */
  readonly firstOfLine: boolean;
}

/** Time between plays: a rest that was asked for, or the pace's own. */
export interface Gap {
  readonly kind: 'gap';
  /** Null is the pause of "between moves". */
  readonly restMs: number | null;
}

/** A play that is still being laid out, or a rest. */
type Step =
  { -readonly [K in keyof Play]: Play[K] } | { readonly kind: 'rest'; readonly restMs: number };

/**
 * Lays out what is done in order, with exactly one kind of gap between two plays: rests that are
 * written there or that a block has, nothing at the turn of a per-side block, else the pace's pause.
 */
export function unroll(routine: Routine): readonly (Play | Gap)[] {
  const steps = SECTIONS.flatMap((section) =>
    routine.sections[section].flatMap((entry) => stepsOf(entry, section, routine)),
  );
  const seen = new Set<string>();
  const timeline: (Play | Gap)[] = [];
  for (const step of steps) {
    if (step.kind === 'rest') {
      timeline.push({ kind: 'gap', restMs: step.restMs });
      continue;
    }
    if (timeline.at(-1)?.kind === 'play' && !step.turns) {
      timeline.push({ kind: 'gap', restMs: null });
    }
    step.firstOfLine = !seen.has(step.item.id);
    timeline.push(step);
    seen.add(step.item.id);
  }
  return timeline;
}

function stepsOf(entry: Entry, section: SectionName, routine: Routine): readonly Step[] {
  if (entry.kind === 'block') return blockSteps(entry, section, routine);
  return lineSteps(entry, { section, round: 1, passSide: null });
}

type Where = Pick<Play, 'section' | 'round' | 'passSide'>;

function lineSteps(line: Line, where: Where): readonly Step[] {
  if (line.kind === 'rest') return [{ kind: 'rest', restMs: line.restMs }];
  if (line.kind !== 'item') return [];
  const { section, round, passSide } = where;
  return [{ kind: 'play', item: line, section, round, passSide, turns: false, firstOfLine: false }];
}

/** Rounds hold passes, passes hold build-up steps; the block's rest stands between rounds or steps. */
function blockSteps(block: Block, section: SectionName, routine: Routine): readonly Step[] {
  const between: readonly Step[] =
    block.restMs === undefined ? [] : [{ kind: 'rest', restMs: block.restMs }];
  const rounds = Array.from({ length: block.rounds ?? 1 }, (_, i) => {
    const passes = passesOf(block).map((passSide) => {
      const where = { section, round: i + 1, passSide };
      const steps = sequences(block).map((lines) =>
        lines
          .filter((line) => inPass(line, passSide, routine))
          .flatMap((line) => lineSteps(line, where)),
      );
      return joined(steps, between);
    });
    return turned(passes);
  });
  return joined(rounds, between);
}

function passesOf(block: Block): readonly (Side | null)[] {
  if (!block.perSide) return [null];
  return block.firstSide === 'right' ? ['right', 'left'] : ['left', 'right'];
}

/** Step k of a build-up does the first k items, with the rests that stand between them. */
function sequences({ buildUp, lines }: Block): readonly (readonly Line[])[] {
  if (!buildUp) return [lines];
  const ends = lines.flatMap((line, i) => (line.kind === 'item' ? [i + 1] : []));
  return ends.map((end) => lines.slice(0, end));
}

/** What is meant for one side only is done in that side's pass. */
function inPass(line: Line, passSide: Side | null, routine: Routine): boolean {
  if (line.kind !== 'item' || passSide === null) return true;
  const { sides } = itemInForce(line, routine);
  return sides.way !== 'each' || sides.order.includes(passSide);
}

function joined(parts: readonly (readonly Step[])[], between: readonly Step[]): readonly Step[] {
  return parts
    .filter((part) => part.length > 0)
    .flatMap((part, i) => (i === 0 ? part : [...between, ...part]));
}

/** The passes in a row; the first play of the second one turns the room, where the first had any. */
function turned(passes: readonly (readonly Step[])[]): readonly Step[] {
  const [first, second] = passes.map((steps) => steps.find((step) => step.kind === 'play'));
  if (first && second) second.turns = true;
  return passes.flat();
}
