import { readFileSync } from 'node:fs';
import { Bench } from 'tinybench';
import { countingIds, routineIdSchema } from '@/core/ids';
import { readRoutineText, type Routine } from '@/core/routine';
import { compile } from '@/core/score';
import { scorePhrases } from '@/words';

/** Sixty minutes for an older group: long enough that every part of the score has work. */
function longRoutine(): Routine {
  const hour = [
    'Seated march: for 1:00',
    'Seated cat: 8 reps',
    'Leg extend and bend: 8 reps x2, rest 20s',
    'Neck side tilt: 4 breaths',
    'Sit to stand: 8 reps',
    'rest 20s',
    'Standing side bend: hold 30s x2, rest 5s',
    'Tandem stance: hold 10s x2, rest 5s',
    'Seated hamstring reach: hold 1:00, press 5s x3',
    '(each side)',
    '  Seated figure four: hold 30s',
    '  Seated twist: hold 30s',
  ];
  const lines = Array.from({ length: 3 }, () => hour).flat();
  const text = `group: older\nlanes: floor, chair, stand-held\n${lines.join('\n')}\nBridge\nOpen book\nSeated easy breath`;
  return readRoutineText(text, {
    id: routineIdSchema.parse('bench'),
    newId: countingIds('i'),
    untitled: 'Bench',
  }).routine;
}

const routine = longRoutine();
const score = compile(routine, scorePhrases);
/** 80 kB of a score as it was once, frozen: the yardstick that makes machines comparable. */
const sample: unknown = JSON.parse(readFileSync('tools/bench/sample-score.json', 'utf8'));

const bench = new Bench({ time: 1500, warmupTime: 300 });
bench
  .add('score of a 60-minute routine', () => {
    // A copy, so that nothing can be remembered from the run before.
    compile({ ...routine }, scorePhrases);
  })
  .add('JSON.stringify of 80 kB of it', () => {
    JSON.stringify(sample);
  });
await bench.run();

const medians = bench.tasks.map(({ name, result }) => {
  if (!('latency' in result)) throw new Error(`${name} was not measured`);
  return { name, ms: result.latency.p50 };
});
console.log(`${Math.round(score.totalMs / 60_000)} minutes, ${score.segments.length} segments`);
for (const { name, ms } of medians) console.log(`${name}: ${ms.toFixed(3)} ms median`);
const [compiled, yardstick] = medians;
if (compiled && yardstick) console.log(`ratio: ${(compiled.ms / yardstick.ms).toFixed(2)}`);
