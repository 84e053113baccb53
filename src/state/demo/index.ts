import { countingIds, routineIdSchema, runIdSchema } from '@/core/ids';
import { sideTimes, type Run } from '@/core/record';
import { readRoutineText, type Routine } from '@/core/routine';
import { compile } from '@/core/score';
import { scorePhrases } from '@/words';
import { DEMO_ROUTINES } from './routines';

const DAY_MS = 86_400_000;

/** Classes that were led before today: whole ones, and one that ended early. */
const DEMO_RUNS = [
  { routine: 'thursday-chair-circle', daysAgo: 14, hour: 10, share: 1, lostMs: 0 },
  { routine: 'signal-box-reset', daysAgo: 9, hour: 12, share: 0.7, lostMs: 0 },
  { routine: 'thursday-chair-circle', daysAgo: 7, hour: 10, share: 1, lostMs: 4000 },
  { routine: 'before-the-second-bake', daysAgo: 2, hour: 2, share: 1, lostMs: 0 },
] as const;

export function demoData(now: Date): { routines: readonly Routine[]; runs: readonly Run[] } {
  const routines = Object.entries(DEMO_ROUTINES).map(([name, text]) => demoRoutine(name, text));
  const runs = DEMO_RUNS.map((run, i) => demoRun(run, `demo-run-${i + 1}`, now));
  return { routines, runs };
}

export function demoRoutine(name: string, text: string): Routine {
  const { routine, problems } = readRoutineText(text, {
    id: routineIdSchema.parse(`demo-${name}`),
    newId: countingIds('i'),
    untitled: name,
  });
  if (problems.length > 0) throw new Error(`demo routine ${name}: ${JSON.stringify(problems)}`);
  return routine;
}

function demoRun(
  { routine: name, daysAgo, hour, share, lostMs }: (typeof DEMO_RUNS)[number],
  id: string,
  now: Date,
): Run {
  const routine = demoRoutine(name, DEMO_ROUTINES[name]);
  const score = compile(routine, scorePhrases);
  const realMs = Math.round(score.totalMs * share);
  const start = new Date(now.getTime() - daysAgo * DAY_MS);
  start.setHours(hour, 0, 0, 0);
  const sides = sideTimes(score, {});
  const done = Math.round(sides.length * share);
  return {
    id: runIdSchema.parse(id),
    routine,
    startedAt: start.toISOString(),
    endedAt: new Date(start.getTime() + realMs + lostMs).toISOString(),
    plannedMs: score.totalMs,
    realMs,
    how: share < 1 ? 'finished-early' : 'completed',
    sides: sides.map((side, i) => {
      const short = i === done - 1 ? lostMs : 0;
      return { ...side, realMs: i < done ? Math.max(0, side.plannedMs - short) : 0 };
    }),
  };
}
