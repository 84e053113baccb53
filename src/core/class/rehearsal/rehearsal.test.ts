import fc from 'fast-check';
import { paceChangesSchema } from '@/core/body';
import { GROUP_ALONE } from '@/core/people';
import { itemInForce, itemsInOrder, routineSchema, type Routine } from '@/core/routine';
import { plainPhrases, routineArbitrary, routineOf } from '@/core/testing';
import { compile } from '@/core/timing';
import {
  draftOf,
  measured,
  paceMeasured,
  sheetOf,
  stagesOf,
  type RehearsalStage,
} from './rehearsal';

const scoreOf = (routine: Routine) => compile(routine, GROUP_ALONE, plainPhrases);

/** Taps as somebody gives them who takes so many times as long as planned. */
function tapped(stages: readonly RehearsalStage[], factor: (stage: RehearsalStage) => number) {
  let atMs = 0;
  return stages.map((stage) => (atMs += Math.round(stage.plannedMs * factor(stage))));
}
const rehearsed = (routine: Routine, factor: (stage: RehearsalStage) => number) => {
  const stages = stagesOf(scoreOf(routine));
  return measured(stages, tapped(stages, factor));
};
const doses = (routine: Routine) =>
  itemsInOrder(routine).map((item) => itemInForce(item, routine).dose);

describe('a rehearsal by tapping', () => {
  test('its stages are the whole score, and done to the second they change nothing', () => {
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        const score = scoreOf(routine);
        const stages = stagesOf(score);
        expect(stages.reduce((sum, { plannedMs }) => sum + plannedMs, 0)).toBe(score.totalMs);
        const plain = routineOf('Seated twist: hold 20s\nSeated cat: 8 reps');
        expect(
          doses(
            draftOf(
              plain,
              rehearsed(plain, () => 1),
            ),
          ),
        ).toEqual(doses(plain));
      }),
      { numRuns: 40 },
    );
  });

  test('a draft is a routine like any other, however fast or slow it was tapped', () => {
    fc.assert(
      fc.property(routineArbitrary, fc.double({ min: 0.02, max: 4, noNaN: true }), (routine, k) => {
        const real = rehearsed(routine, () => k);
        expect(routineSchema.safeParse(draftOf(routine, real)).error).toBeUndefined();
        expect(paceChangesSchema.safeParse(paceMeasured(routine, real)).error).toBeUndefined();
      }),
      { numRuns: 60 },
    );
  });

  test('holds take their real seconds, reps their real tempo; what was not come to stays', () => {
    const routine = routineOf(
      'Seated twist: hold 20s\nLeg extend and bend: 5 reps, tempo 2-1-2-0, each side\nSeated figure four: hold 30s',
    );
    const stages = stagesOf(scoreOf(routine));
    const last = stages.findIndex(({ moveName }) => moveName === 'Seated figure four');
    const taps = tapped(stages, ({ kind }) => (kind === 'work' ? 1.4 : 1)).slice(0, last);
    const [twist, leg, four] = doses(draftOf(routine, measured(stages, taps)));
    expect(twist).toMatchObject({ holdMs: 28_000 });
    expect(leg).toMatchObject({ reps: 5, tempo: [3000, 1000, 3000, 0] });
    expect(four).toMatchObject({ holdMs: 30_000 });
  });

  test('the sheet lays left beside right, and real seconds beside planned ones', () => {
    const routine = routineOf('Seated twist: hold 20s x2, rest 5s\nSeated cat: 4 reps');
    const real = rehearsed(routine, ({ side }) => (side === 'left' ? 1.5 : 1));
    expect(sheetOf(routine, real).map(({ moveName, sides }) => [moveName, sides])).toEqual([
      [
        'Seated twist',
        [
          { side: 'left', plannedMs: 40_000, realMs: 60_000 },
          { side: 'right', plannedMs: 40_000, realMs: 40_000 },
        ],
      ],
      ['Seated cat', [expect.objectContaining({ side: 'both' })]],
    ]);
  });

  test('ways, set-ups and switches that were slow make the pace of the group slower', () => {
    const routine = routineOf(
      'group: older\nlanes: stand\nSeated twist: hold 20s\nStanding side bend: hold 20s\nSeated cat: 4 reps\nHeel raises: 6 reps',
    );
    const pace = paceMeasured(
      routine,
      rehearsed(routine, ({ kind }) => (kind === 'way' ? 2 : 1)),
    );
    expect(pace.transferHundredths).toBe(360);
    expect(paceMeasured(routine, [])).toEqual({});
  });
});
