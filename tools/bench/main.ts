import { readFileSync } from 'node:fs';
import { Bench } from 'tinybench';
import { checkRoutine, fitSafely } from '@/core/check';
import { SHIPPED } from '@/core/catalog';
import { fitRoutine } from '@/core/fit';
import { countingIds, type NewId } from '@/core/ids';
import { findMoves } from '@/core/library';
import { movingMs, orderRoutine } from '@/core/order';
import { compile } from '@/core/score';
import { scorePhrases as phrases } from '@/words';
import { longRoutine, sixtyItems, threeOfFourteen, threeOfFourteenKneeling } from './routines';

/** 80 kB of a score as it was once, frozen: the yardstick that makes machines comparable. */
const sample: unknown = JSON.parse(readFileSync('tools/bench/sample-score.json', 'utf8'));
const hour = longRoutine();
const sixty = sixtyItems();
const mixed = threeOfFourteen();
const kneeling = threeOfFourteenKneeling();
const newId: NewId = countingIds('n');
const sixtyMs = compile(sixty, phrases).totalMs;
const longerMs = sixtyMs + 197_000;

const bench = new Bench({ time: 1500, warmupTime: 300 });
// Copies, so that nothing can be remembered from the run before.
bench
  .add('JSON.stringify of 80 kB of score', () => {
    JSON.stringify(sample);
  })
  .add('score of a 60-minute routine', () => {
    compile({ ...hour }, phrases);
  })
  .add('score + checks of a 60-minute routine (bar 5 ms)', () => {
    checkRoutine({ ...hour }, { phrases });
  })
  .add('fit of 60 items (bar 10 ms)', () => {
    fitRoutine({ ...sixty }, { slotMs: longerMs, newId, phrases });
  })
  .add('search of the moves (bar 20 ms)', () => {
    findMoves(SHIPPED, { words: 'seted twst', region: 'ribs-sides', lane: 'chair' });
  })
  .add('fit of 60 items with all checks before and after', () => {
    fitSafely({ ...sixty }, { slotMs: longerMs, newId, phrases });
  });
await bench.run();

const once = new Bench({ iterations: 8, time: 0, warmupIterations: 2, warmupTime: 0 });
once
  .add('order of 3 × 14 units (bar 300 ms)', () => {
    orderRoutine({ ...mixed }, { phrases });
  })
  .add('order of 3 × 14 units, checks in the way', () => {
    orderRoutine({ ...kneeling }, { phrases });
  });
await once.run();

const medians = [...bench.tasks, ...once.tasks].map(({ name, result }) => {
  if (!('latency' in result)) throw new Error(`${name} was not measured`);
  return { name, ms: result.latency.p50 };
});
const score = compile(hour, phrases);
const fitting = fitSafely(sixty, { slotMs: longerMs, newId, phrases });
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
  const { before, after, exact } = orderRoutine(routine, { phrases });
  console.log(
    `order: from ${movingMs(before) / 1000} s to ${movingMs(after) / 1000} s of moving, ${exact ? 'the best there is' : 'not proved best'}`,
  );
}
