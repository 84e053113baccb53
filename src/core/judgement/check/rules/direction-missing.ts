import { usualLevel } from '@/core/moves';
import { SPINE_DIRECTIONS, type Load, type SpineDirection } from '@/core/body';
import { placeOf } from '@/core/routine';
import type { Rule } from '../finding';
import { lineOf, movesForAll } from '../mend';
import type { Seen, SeenItem } from '../seen';
import { onlySide } from './side-missing';

const FROM_MS = 600_000;

/** What rules a direction out, so that nobody asks for it. */
const RULED_OUT_BY: Readonly<Record<SpineDirection, readonly Load[]>> = {
  flex: ['spine-flex-end', 'spine-flex-loaded'],
  extend: ['spine-extend-end'],
  'bend-left': [],
  'bend-right': [],
  'turn-left': ['twist-end', 'twist-loaded'],
  'turn-right': ['twist-end', 'twist-loaded'],
};

/** The ways the spine goes in an item; one side alone goes one way alone. */
function directionsOf(one: SeenItem): readonly SpineDirection[] {
  const side = onlySide(one);
  return one.inForce.move.spine.filter((direction) => {
    const sided = direction.endsWith('left') || direction.endsWith('right');
    return !side || !sided || direction.endsWith(side);
  });
}

function asked({ routine }: Seen): boolean {
  const { goals = [], group } = routine;
  if (goals.length === 0) return group === 'desk';
  return goals.some((goal) => goal === 'low-back' || goal === 'upper-back');
}

export const directionMissing: Rule<never, 'directions'> = {
  severity: 'note',
  source: 'practice',
  values: { fromMs: FROM_MS },
  find: (seen) => {
    if (!asked(seen) || seen.score.totalMs <= FROM_MS) return [];
    const done = new Set(seen.items.flatMap(directionsOf));
    const out = new Set(
      [...seen.effects.values()]
        .flat()
        .filter(({ severity }) => severity === 'out')
        .map(({ load }) => load),
    );
    return SPINE_DIRECTIONS.filter(
      (direction) => !done.has(direction) && !RULED_OUT_BY[direction].some((load) => out.has(load)),
    ).map((direction) => ({ about: { directions: [direction] } }));
  },
  mends: (seen, finding, making) => {
    const [wanted] = finding.about.directions ?? [];
    const used = seen.items.map((one) => one.inForce.level.from);
    return movesForAll(
      seen,
      (move, level) => move.spine.some((one) => one === wanted) && used.includes(level.from),
    ).map((move) => {
      const beside = seen.items.findLast(
        (one) =>
          one.section !== 'settle' &&
          usualLevel(move, seen.routine.group).from === one.inForce.level.from,
      );
      const place = beside && placeOf(seen.routine, beside.entryId);
      const end = { section: 'main' as const, at: seen.routine.sections.main.length };
      return lineOf(seen, move, place ? { ...place, at: place.at + 1 } : end, making);
    });
  },
};
