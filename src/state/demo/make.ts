import { sideTimes, type Run } from '@/core/class';
import { countingIds, routineIdSchema, runIdSchema } from '@/core/common';
import { readRoutineText, type Routine } from '@/core/routine';
import { compile } from '@/core/timing';
import { scorePhrases } from '@/words/score';
import { ROW } from '../hall/kinds';
import { ROUTINE, RUN } from '../kinds';
import { rowOf } from '../shelved';
import { keyOf, writeStored, type AnyKind } from '../storage/kind';
import { takingPart } from '../taking-part';
import { DEMO_ROUTINES } from './routines';

/** Classes that were led before today: whole ones, and one that ended early. */
const DEMO_RUNS = [
  { routine: 'thursday-chair-circle', daysAgo: 14, hour: 10, share: 1, lostMs: 0 },
  { routine: 'signal-box-reset', daysAgo: 9, hour: 12, share: 0.7, lostMs: 0 },
  { routine: 'thursday-chair-circle', daysAgo: 7, hour: 10, share: 1, lostMs: 4000 },
  { routine: 'before-the-second-bake', daysAgo: 2, hour: 2, share: 1, lostMs: 0 },
] as const;

/** Read by the time of day of the first visit, so any will do here. */
const SOME_TIME = '2026-01-01T00:00:00Z';

export function demoRoutine(name: string, text: string): Routine {
  const { routine, problems } = readRoutineText(text, {
    id: routineIdSchema.parse(`demo-${name}`),
    newId: countingIds('i'),
    untitled: name,
  });
  if (problems.length > 0) throw new Error(`demo routine ${name}: ${JSON.stringify(problems)}`);
  return routine;
}

/** The demo data as a first visit puts it into storage: what `made.json` holds. */
export function makeDemo() {
  const routines = Object.entries(DEMO_ROUTINES).map(([name, text]) => demoRoutine(name, text));
  const stored = routines.flatMap((routine) => [
    entryOf(ROUTINE, routine.id, routine),
    entryOf(ROW, routine.id, rowOf(routine)),
  ]);
  const runs = DEMO_RUNS.map((run, i) => {
    const { daysAgo, hour, lostMs } = run;
    const made = demoRun(run, `demo-run-${i + 1}`);
    const [key, kept] = entryOf(RUN, made.id, made);
    // The routine stands in the data once, beside its row.
    const { routine, startedAt: _s, endedAt: _e, ...rest } = made;
    return {
      daysAgo,
      hour,
      tookMs: made.realMs + lostMs,
      key,
      routineKey: keyOf(ROUTINE, routine.id),
      stored: { ...kept, run: rest },
    };
  });
  return { stored: Object.fromEntries(stored), runs };
}

function entryOf(kind: AnyKind<never>, id: string, value: unknown): [string, object] {
  return [keyOf(kind, id), JSON.parse(writeStored(kind, value, 1)) as object];
}

function demoRun({ routine: name, share, lostMs }: (typeof DEMO_RUNS)[number], id: string): Run {
  const routine = demoRoutine(name, DEMO_ROUTINES[name]);
  const score = compile(routine, takingPart(), scorePhrases);
  const sides = sideTimes(routine, score, {});
  const done = Math.round(sides.length * share);
  return {
    id: runIdSchema.parse(id),
    routine,
    startedAt: SOME_TIME,
    endedAt: SOME_TIME,
    plannedMs: score.totalMs,
    realMs: Math.round(score.totalMs * share),
    how: share < 1 ? 'finished-early' : 'completed',
    sides: sides.map((side, i) => {
      const short = i === done - 1 ? lostMs : 0;
      return { ...side, realMs: i < done ? Math.max(0, side.plannedMs - short) : 0 };
    }),
  };
}
