import { motionOf, pictureOf } from '@/core/figure';
import { POSES } from '@/core/figure/poses';
import { GROUP_ALONE } from '@/core/people';
import { readFileSync } from 'node:fs';
import { Bench } from 'tinybench';
import { countingIds, type NewId } from '@/core/common';
import { checkRoutine, fitSafely, fitRoutine, orderRoutine } from '@/core/judgement';
import { SHIPPED } from '@/core/moves';
import { checkedRoutine } from '@/core/routine';
import { compile } from '@/core/timing';
import { findMoves } from '@/core/writing';
import { scorePhrases as phrases } from '@/words/score';
import { longRoutine, sixtyItems, threeOfFourteen, threeOfFourteenKneeling } from './routines';

/** 80 kB of a score as it was once, frozen: the yardstick that makes machines comparable. */
const sample: unknown = JSON.parse(readFileSync('tools/bench/sample-score.json', 'utf8'));
const hour = longRoutine();
const sixty = sixtyItems();
const mixed = threeOfFourteen();
const kneeling = threeOfFourteenKneeling();
const part = GROUP_ALONE;
const newId: NewId = countingIds('n');
const sixtyMs = compile(sixty, part, phrases).totalMs;
const longerMs = sixtyMs + 197_000;

/** Copies down to the last line, so that nothing can be remembered from the run before. */
const fresh = { hour, sixty, mixed, kneeling };
const beforeEach = () => {
  Object.assign(fresh, structuredClone({ hour, sixty, mixed, kneeling }));
};

const DRAWN = Object.values(POSES).flatMap((levels) => Object.values(levels));

const bench = new Bench({ time: 1500, warmupTime: 300 });
bench
  .add('JSON.stringify of 80 kB of score', () => {
    JSON.stringify(sample);
  })
  .add(
    'score of a 60-minute routine',
    () => {
      compile(fresh.hour, part, phrases);
    },
    { beforeEach },
  )
  .add(
    'score + checks of a 60-minute routine (bar 6.7 times)',
    () => {
      checkRoutine(fresh.hour, { part, phrases });
    },
    { beforeEach },
  )
  .add(
    'fit of 60 items (bar 13 times)',
    () => {
      fitRoutine(fresh.sixty, { slotMs: longerMs, newId, part, phrases });
    },
    { beforeEach },
  )
  .add('check before writing, after an edit of 60 items (bar 2 ms)', () => {
    const [first, ...others] = sixty.sections.main;
    const edited = { ...sixty, sections: { ...sixty.sections, main: [{ ...first }, ...others] } };
    checkedRoutine(edited as typeof sixty);
  })
  .add('search of the moves (bar 20 ms)', () => {
    findMoves(SHIPPED, { words: 'seted twst', region: 'ribs-sides', lane: 'chair' });
  })
  .add(
    'fit of 60 items with all checks before and after',
    () => {
      fitSafely(fresh.sixty, { slotMs: longerMs, newId, part, phrases });
    },
    { beforeEach },
  );
await bench.run();

let moment = 0;
const figures = new Bench({ iterations: 400, time: 0, warmupIterations: 60, warmupTime: 0 });
figures.add(
  'a moment of a moving figure, worked out and laid flat (bar 8 ms with its drawing)',
  () => {
    const drawn = DRAWN[moment % DRAWN.length];
    moment += 1;
    if (drawn) pictureOf(drawn, motionOf(drawn).at((moment % 10) / 10));
  },
);
await figures.run();

const once = new Bench({ iterations: 8, time: 0, warmupIterations: 2, warmupTime: 0 });
once
  .add(
    'order of 3 × 14 units (bar 400 times)',
    () => {
      orderRoutine(fresh.mixed, { part, phrases });
    },
    { beforeEach },
  )
  .add(
    'order of 3 × 14 units, checks in the way (bar 600 times)',
    () => {
      orderRoutine(fresh.kneeling, { part, phrases });
    },
    { beforeEach },
  );
await once.run();

const medians = [...bench.tasks, ...figures.tasks, ...once.tasks].map(({ name, result }) => {
  if (!('latency' in result)) throw new Error(`${name} was not measured`);
  return { name, ms: result.latency.p50 };
});
const score = compile(hour, part, phrases);
const fitting = fitSafely(sixty, { slotMs: longerMs, newId, part, phrases });
console.log(`${Math.round(score.totalMs / 60_000)} minutes, ${score.segments.length} segments`);
const [yardstick] = medians;
for (const { name, ms } of medians) {
  const ratio = yardstick ? `, ratio ${(ms / yardstick.ms).toFixed(2)}` : '';
  console.log(`${name}: ${ms.toFixed(3)} ms median${ratio}`);
}
console.log(
  `fit: from ${sixtyMs / 1000} s to ${longerMs / 1000} s, ${fitting.fitted ? `${fitting.changes.length} changes` : 'not fitted'}`,
);
for (const routine of [mixed, kneeling]) {
  const { before, after, exact } = orderRoutine(routine, { part, phrases });
  console.log(
    `order: from ${before.movingMs / 1000} s to ${after.movingMs / 1000} s of moving, ${exact ? 'the best there is' : 'not proved best'}`,
  );
}
