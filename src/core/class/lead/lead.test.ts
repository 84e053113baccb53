import { isWork } from '@/core/timing';
import { GROUP_ALONE } from '@/core/people';
import fc from 'fast-check';
import { runIdSchema } from '@/core/common';
import { plainPhrases, routineOf } from '@/core/testing';
import { mayExtend, extended } from './extend';
import { runOf } from './finished';
import {
  RESUME_COUNT_IN_MS,
  afterAction,
  countInLeftMs,
  ledClass,
  newLead,
  placeAt,
  segmentAt,
  settledAt,
  type Lead,
  type LeadAction,
} from './lead';
import { scriptOf } from '../script/script';
import { onsetsOf } from './onsets';

const TWIST = 'Seated cat: 4 reps, set-up "Ready."\nSeated twist: hold 20s, set-up "Ready."';
const scoreOf = (lead: Lead) => ledClass(lead, plainPhrases).score;
const done = (lead: Lead, action: LeadAction, nowMs: number) =>
  afterAction(lead, ledClass(lead, plainPhrases), action, nowMs, plainPhrases);

type PlainAction = Exclude<LeadAction['kind'], 'lanes' | 'why' | 'happened' | 'noted'>;

/** A class whose actions come at given times of the clock. */
function led(text: string, actions: readonly (readonly [atMs: number, kind: PlainAction])[]) {
  return actions.reduce(
    (lead, [atMs, kind]) => done(lead, { kind }, atMs),
    newLead(routineOf(text), GROUP_ALONE),
  );
}

const placeOf = (lead: Lead, nowMs: number) => placeAt(lead, scoreOf(lead), nowMs);

describe('a class being led', () => {
  test('the place is what the clock says, however seldom it is asked', () => {
    const lead = led(TWIST, [[1000, 'go']]);
    expect(placeOf(lead, 1000)).toBe(0);
    expect(placeOf(lead, 13_345)).toBe(12_345);
    expect(placeOf(lead, 10_000_000)).toBe(scoreOf(lead).totalMs);
  });

  test('held, it stands; going on counts in first', () => {
    const lead = led(TWIST, [
      [0, 'go'],
      [12_000, 'hold'],
    ]);
    expect(placeOf(lead, 99_000)).toBe(12_000);
    const on = done(lead, { kind: 'go' }, 100_000);
    expect(countInLeftMs(on, 101_000)).toBe(RESUME_COUNT_IN_MS - 1000);
    expect(placeOf(on, 102_999)).toBe(12_000);
    expect(placeOf(on, 104_000)).toBe(13_000);
  });

  test('work on one leg starts its time again after a hold', () => {
    const text = 'Tandem stance: hold 20s, with eyes closed, set-up "Ready."';
    const score = scoreOf(newLead(routineOf(text), GROUP_ALONE));
    const work = score.segments.find(({ kind }) => kind === 'work');
    const middle = (work?.startMs ?? 0) + 9000;
    const lead = led(text, [
      [0, 'go'],
      [middle, 'hold'],
      [90_000, 'go'],
    ]);
    expect(placeOf(lead, 90_000)).toBe(work?.startMs);
  });

  test('back goes to the start of this play, or soon after it to the one before', () => {
    const at = (ms: number) =>
      placeOf(
        led(TWIST, [
          [0, 'go'],
          [ms, 'back'],
        ]),
        ms,
      );
    expect(at(20_000)).toBe(0);
    const second = scoreOf(newLead(routineOf(TWIST), GROUP_ALONE)).segments.find(
      ({ play }) => play === 1,
    );
    const start = second?.startMs ?? 0;
    expect(at(start + 2000)).toBe(0);
    expect(at(start + 4000)).toBe(start);
  });

  test('on goes to the next play, and past the last to the end', () => {
    const lead = led(TWIST, [
      [0, 'go'],
      [1000, 'on'],
    ]);
    const score = scoreOf(lead);
    expect(score.segments[segmentAt(score, placeOf(lead, 1000))]?.play).toBe(1);
    const further = done(lead, { kind: 'on' }, 1500);
    expect(placeOf(further, 1500)).toBe(score.totalMs);
  });

  test('ten seconds more lengthen this side and the other alike', () => {
    const score = scoreOf(newLead(routineOf(TWIST), GROUP_ALONE));
    const nowMs =
      (score.segments.find(({ kind, side }) => kind === 'work' && side === 'left')?.startMs ?? 0) +
      1000;
    const lead = led(TWIST, [
      [0, 'go'],
      [nowMs, 'extend'],
    ]);
    const longer = scoreOf(lead);
    expect(longer.totalMs).toBe(score.totalMs + 20_000);
    expect([longer.leftMs, longer.rightMs]).toEqual([
      score.leftMs + 10_000,
      score.rightMs + 10_000,
    ]);
    let endMs = 0;
    for (const segment of longer.segments) {
      expect(segment.startMs).toBe(endMs);
      endMs = segment.endMs;
    }
    expect(placeOf(lead, nowMs)).toBe(nowMs);
  });

  test('ten seconds more are not on offer on balance, out of range, or for reps', () => {
    const offer = (text: string) => {
      const routine = routineOf(text);
      const score = scoreOf(newLead(routine, GROUP_ALONE));
      return mayExtend(
        routine,
        score,
        score.segments.findIndex(({ kind }) => kind === 'work'),
      );
    };
    expect(offer('Seated twist: hold 20s')).toBe(true);
    expect(offer('Seated twist: hold 55s')).toBe(false);
    expect(offer('Tandem stance: hold 10s')).toBe(false);
    expect(offer('Seated cat: 6 reps')).toBe(false);
    // The other side would be lengthened alike, beyond the range.
    expect(offer('Seated twist: hold 50s, right first')).toBe(true);
    expect(offer('Seated twist: hold 45s, right first, weak left +10s')).toBe(false);
  });

  test('no extension takes either side out of its range', () => {
    const holds = fc.integer({ min: 1, max: 14 }).map((n) => n * 5);
    const weak = fc.constantFrom('', ', weak left +5s', ', weak left +10s', ', weak right +10s');
    const order = fc.constantFrom('', ', right first');
    fc.assert(
      fc.property(holds, weak, order, (seconds, extra, first) => {
        const routine = routineOf(`Seated twist: hold ${seconds}s${first}${extra}`);
        let score = scoreOf(newLead(routine, GROUP_ALONE));
        const longest = () =>
          Math.max(...score.segments.filter(isWork).map(({ startMs, endMs }) => endMs - startMs));
        const before = longest();
        for (let i = 0; i < 9; i++) {
          const at = score.segments.findIndex(isWork);
          if (!mayExtend(routine, score, at)) break;
          score = extended(score, { segment: at });
        }
        expect(longest()).toBeLessThanOrEqual(Math.max(before, 60_000));
      }),
    );
  });

  test('whatever is pressed, time led is time that passed unheld', () => {
    const kinds = fc.constantFrom<PlainAction>(
      'go',
      'hold',
      'back',
      'on',
      'ease',
      'again',
      'settle',
    );
    const steps = fc.array(fc.tuple(fc.integer({ min: 0, max: 9000 }), kinds), { maxLength: 12 });
    fc.assert(
      fc.property(steps, (presses) => {
        let nowMs = 0;
        let lead = newLead(routineOf(TWIST), GROUP_ALONE);
        let ranMs = 0;
        for (const [afterMs, kind] of presses) {
          const score = scoreOf(lead);
          const before = placeAt(lead, score, nowMs);
          nowMs += afterMs;
          ranMs += placeAt(lead, score, nowMs) - before;
          lead = done(lead, { kind }, nowMs);
        }
        const settled = settledAt(lead, scoreOf(lead), placeAt(lead, scoreOf(lead), nowMs));
        expect(settled.ledMs).toBeCloseTo(ranMs, 6);
      }),
    );
  });

  test('the record has what each side was meant to get and what it got', () => {
    const lead = led(TWIST, [
      [0, 'go'],
      [1000, 'on'],
      [1000 + 18_000, 'hold'],
    ]);
    const id = runIdSchema.parse('run');
    const startedAt = '2026-03-05T10:00:00.000Z';
    const run = runOf(
      lead,
      { id, startedAt, endedAt: startedAt, how: 'broken-off', led: 'as-led' },
      plainPhrases,
    );
    expect(
      run.sides.map(({ moveName, side, plannedMs, realMs }) => [moveName, side, plannedMs, realMs]),
    ).toEqual([
      ['Seated cat', 'both', 24_000, 0],
      ['Seated twist', 'left', 20_000, 10_000],
      ['Seated twist', 'right', 20_000, 0],
    ]);
    expect(run.realMs).toBe(19_000);
  });
});

describe('what sounds', () => {
  const onsets = (text: string) => {
    const routine = routineOf(text);
    const score = scoreOf(newLead(routine, GROUP_ALONE));
    return onsetsOf(score, scriptOf(routine, score, plainPhrases));
  };
  const tones = (text: string) =>
    onsets(text).flatMap((onset) =>
      onset.kind === 'tone' ? [`${onset.atMs / 1000} ${onset.tone}`] : [],
    );

  test('counts in, starts, counts down, ends', () => {
    expect(tones('Seated twist: hold 12s, left only, meant "x", set-up "Ready."')).toEqual([
      '5 count',
      '6 count',
      '7 count',
      '8 start',
      '15 count',
      '16 count',
      '17 count',
      '18 count',
      '19 count',
      '20 end',
    ]);
  });

  test('press and ease parts are one set to the ear', () => {
    const heard = tones(
      'Seated twist: hold 30s, press 5s x1, left only, meant "x", set-up "Ready."',
    );
    expect(heard.filter((tone) => tone.endsWith('end'))).toEqual(['38 end']);
  });

  test('every cue of the score is said at its time', () => {
    const score = scoreOf(newLead(routineOf(TWIST), GROUP_ALONE));
    const said = onsets(TWIST).filter(({ kind }) => kind === 'say');
    expect(said.length).toBeGreaterThan(score.segments.flatMap(({ cues }) => cues).length);
    expect(said.map(({ atMs }) => atMs)).toEqual(
      [...said.map(({ atMs }) => atMs)].sort((a, b) => a - b),
    );
  });
});
