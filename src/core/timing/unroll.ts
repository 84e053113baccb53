import { paceOf, type Pace, type Side } from '@/core/body';
import {
  SECTIONS,
  chosenLines,
  itemInForce,
  type Block,
  type Item,
  type Line,
  type NoticeLine,
  type Routine,
  type SectionName,
  type Throughout,
} from '@/core/routine';
import { workOf } from './set-times';

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
  /** Flows on from what stands before: work, or a rest, behind which the room is counted in. */
  readonly straight: 'work' | 'rest' | null;
  /** What is kept up around it: of its section, and of its block. */
  readonly throughout: readonly Throughout[];
  /** The first play of what is kept up: its words are said there. */
  readonly takesUp: readonly Throughout[];
}

/** Time between plays: a rest or a notice that was asked for, or the pace's own. */
export interface Gap {
  readonly kind: 'gap';
  /** Null is the pause of "between moves". */
  readonly restMs: number | null;
  readonly notice?: NoticeLine;
}

/** A play that is still being laid out, or time between. */
type Step =
  | ({ -readonly [K in keyof Omit<Play, 'straight'>]: Play[K] } & { flows: boolean })
  | { readonly kind: 'rest'; readonly restMs: number }
  | { readonly kind: 'notice'; readonly notice: NoticeLine };

/**
 * Lays out what is done in order, with exactly one kind of gap between two plays: rests that are
 * written there or that a block has, nothing at the turn of a per-side block, else the pace's pause.
 */
export function unroll(routine: Routine): readonly (Play | Gap)[] {
  const steps = SECTIONS.flatMap((section) => sectionSteps(section, routine));
  const seen = new Set<string>();
  const kept = new Set<Throughout>();
  const timeline: (Play | Gap)[] = [];
  for (const step of steps) {
    if (step.kind === 'rest') {
      timeline.push({ kind: 'gap', restMs: step.restMs });
      continue;
    }
    if (step.kind === 'notice') {
      const { notice } = step;
      timeline.push({ kind: 'gap', restMs: notice.noticeMs, notice });
      continue;
    }
    const before = timeline.at(-1);
    const follows = before && (before.kind === 'play' ? 'work' : 'rest');
    const { flows, ...play } = step;
    const straight = (flows && follows) || null;
    if (follows === 'work' && !step.turns && !straight) {
      timeline.push({ kind: 'gap', restMs: null });
    }
    const takesUp = step.throughout.filter((one) => !kept.has(one));
    timeline.push({ ...play, straight, takesUp, firstOfLine: !seen.has(step.item.id) });
    seen.add(step.item.id);
    takesUp.forEach((one) => kept.add(one));
  }
  return timeline;
}

/** A section as often as it is done, with its rest between; its first line never flows on. */
function sectionSteps(section: SectionName, routine: Routine): readonly Step[] {
  const { rounds = 1, restMs, throughout } = routine.heads?.[section] ?? {};
  const between: readonly Step[] = restMs === undefined ? [] : [{ kind: 'rest', restMs }];
  const kept = throughout ? [throughout] : [];
  const all = Array.from({ length: rounds }, (_, i) => {
    const steps = routine.sections[section].flatMap((entry) => {
      const own = (entry.kind === 'block' && entry.rounds) || 1;
      const where = { section, round: i * own + 1, passSide: null, flows: false, throughout: kept };
      return entry.kind === 'block' ? blockSteps(entry, where, routine) : lineSteps(entry, where);
    });
    const first = steps.find(({ kind }) => kind !== 'rest');
    if (first?.kind === 'play') first.flows = false;
    return steps;
  });
  return joined(all, between);
}

type Where = Pick<Play, 'section' | 'round' | 'passSide' | 'throughout'> & {
  /** Whether lines flow on from what is before them. */
  readonly flows: boolean;
};

function lineSteps(line: Line, where: Where): readonly Step[] {
  if (line.kind === 'rest') return [{ kind: 'rest', restMs: line.restMs }];
  if (line.kind === 'notice') return [{ kind: 'notice', notice: line }];
  if (line.kind !== 'item') return [];
  const { section, round, passSide, throughout } = where;
  const flows = where.flows || line.straightOn === true;
  const about = { section, round, passSide, throughout, takesUp: NOTHING, flows };
  return [{ kind: 'play', item: line, turns: false, firstOfLine: false, ...about }];
}

const NOTHING: readonly Throughout[] = [];

/** Rounds hold passes, passes hold build-up steps; the block's rest stands between rounds or steps. */
function blockSteps(block: Block, around: Where, routine: Routine): readonly Step[] {
  const throughout = block.throughout
    ? [...around.throughout, block.throughout]
    : around.throughout;
  const lines = [...linesDone(block, routine)];
  const between: readonly Step[] =
    block.restMs === undefined ? [] : [{ kind: 'rest', restMs: block.restMs }];
  const rounds = Array.from({ length: block.rounds ?? 1 }, (_, i) => {
    const passes = passesOf(block).map((passSide) => {
      const round = around.round + i;
      const where = { ...around, round, passSide, throughout, flows: block.inOneGo === true };
      const steps = sequences({ ...block, lines }).map((sequence) =>
        sequence
          .filter((line) => inPass(line, passSide, routine))
          .flatMap((line) => lineSteps(line, where)),
      );
      return joined(steps, between);
    });
    return turned(passes);
  });
  const steps = joined(rounds, between);
  // What flows inside begins like anything else, where its first line does not say otherwise.
  const first = steps.find(({ kind }) => kind === 'play');
  if (first?.kind === 'play') first.flows = first.item.straightOn === true;
  return steps;
}

/** The lines of a choice that take longest, as many as are chosen, with the rests behind them. */
function linesDone(block: Block, routine: Routine): readonly Line[] {
  if (block.choose === undefined) return block.lines;
  const items = block.lines.filter((line) => line.kind === 'item');
  const pace = paceOf(routine.group, routine.pace);
  const timed = items.map((item) => ({ item, ms: ownMs(item, routine, pace) }));
  const longest = timed.sort((a, b) => b.ms - a.ms).slice(0, block.choose);
  const chosen = new Set(longest.map(({ item }) => item.id));
  return chosenLines(block, chosen);
}

/** What an item takes of itself, wherever people come from. */
function ownMs(item: Item, routine: Routine, pace: Pace): number {
  const inForce = itemInForce(item, routine);
  const passes = workOf(item, inForce, pace);
  const restsMs = passes.length * (inForce.dose.sets - 1) * inForce.dose.restMs;
  const workMs = passes.flatMap(({ sets }) => sets).reduce((sum, { ms }) => sum + ms, 0);
  return workMs + restsMs + (passes.length - 1) * pace.switchMs;
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
