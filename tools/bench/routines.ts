import { countingIds, routineIdSchema } from '@/core/common';
import { readRoutineText, type Routine } from '@/core/routine';

function routineOf(text: string): Routine {
  const { routine, problems } = readRoutineText(text, {
    id: routineIdSchema.parse('bench'),
    newId: countingIds('i'),
    untitled: 'Bench',
  });
  if (problems.length > 0) throw new Error(JSON.stringify(problems[0]));
  return routine;
}

/** Sixty minutes for an older group: long enough that every part of the score has work. */
export function longRoutine(): Routine {
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
  return routineOf(
    `group: older\nlanes: floor, chair, stand-held\n${lines.join('\n')}\nBridge\nOpen book\nSeated easy breath`,
  );
}

/** Thirty rows for a class of many, in three ways of taking part. */
export function thirtyRows(): Routine {
  const ten = [
    'Seated march: for 40s',
    'Sit to stand: 8 reps',
    'Standing side bend: hold 20s',
    'Tandem stance: hold 10s',
    'Seated hamstring reach: hold 30s',
    'Seated twist: hold 20s',
    'Heel raises: 10 reps',
    'Seated cat: 6 reps',
    'Wall push-up: 8 reps',
    'Bridge: 8 reps',
  ];
  const lines = Array.from({ length: 3 }, () => ten).flat();
  const routine = routineOf(
    `title: Thirty\ngroup: older\nlanes: floor, chair, stand-held\n${lines.join('\n')}`,
  );
  return { ...routine, id: routineIdSchema.parse('thirty') };
}

/** Sixty items of every kind of dose, two of them pinned. */
export function sixtyItems(): Routine {
  const six = [
    'Seated march: for 40s',
    'Seated cat: 8 reps',
    'Neck side tilt: 4 breaths',
    'Seated twist: hold 20s',
    'Seated figure four: hold 30s x2, rest 5s',
    'Seated hamstring reach: hold 40s, press 5s x2',
  ];
  const lines = Array.from({ length: 10 }, () => six).flat();
  lines[20] = `${lines[20]}, pin`;
  lines[40] = `${lines[40]}, pin`;
  return routineOf(`group: desk\nlanes: chair, stand\n${lines.join('\n')}`);
}

const MIXED = [
  'Open book',
  'Seated cat',
  'Sit to stand: 12 reps',
  'Bridge',
  'Seated twist: hold 30s',
  'Tandem stance',
  'Lying along a roller',
  'Seated march: for 1:00',
  'Leg lowering',
  'Marching: prop strap',
  'Open book: 4 breaths',
  'Standing side bend: hold 30s',
  'One-leg stance',
  'Seated cat: 4 reps, prop strap',
];

function threeSections(lines: readonly string[]): Routine {
  const sections = ['warm-up', 'main', 'settle'].map((name) => `[${name}]\n${lines.join('\n')}`);
  return routineOf(`group: desk\nlanes: floor, stand, chair\n${sections.join('\n')}`);
}

/** Three sections of fourteen units each, as badly mixed as a class can be. */
export function threeOfFourteen(): Routine {
  return threeSections(MIXED);
}

/** The same with so much kneeling that the best orders break a check. */
export function threeOfFourteenKneeling(): Routine {
  return threeSections(
    MIXED.map((line) => (line.startsWith('Lying') ? "Child's pose: 8 breaths" : line)).map(
      (line) => (line.startsWith('Leg') ? 'All-fours cat' : line),
    ),
  );
}
