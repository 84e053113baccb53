import type { RuleId } from '@/core/judgement';
import {
  personSchema,
  sessionSchema,
  type Person,
  type Session,
  type TakingPart,
} from '@/core/people';

/** A rule, where it speaks and where it does not. */
export interface CheckCase {
  /** Routine text in which the rule finds something. */
  readonly fires: string;
  /** Nearly the same, in which it does not. */
  readonly silent: string;
  readonly severity: 'stop' | 'caution' | 'note';
  /** Whether an edit mends the first finding of this case. */
  readonly mends: boolean;
  /** The group alone where left out. */
  readonly part?: TakingPart;
  readonly silentPart?: TakingPart;
}

const person = (words: object): Person => personSchema.parse({ name: 'Ada', ...words });
const session = (endedAt: string, ...moves: string[]): Session =>
  sessionSchema.parse({ endedAt, moves });
const part = (people: readonly Person[], sessions: readonly Session[] = []): TakingPart => ({
  people,
  sessions,
  at: '2026-11-25T10:00:00Z',
});

const older = (...lines: string[]) => ['group: older', 'limits: none', ...lines].join('\n');
const desk = (...lines: string[]) => ['group: desk', ...lines].join('\n');

const TANDEM_RUNG = { base: 'tandem', hands: 'one hand', challenge: 'still', timeMs: 10_000 };

/** One case for each check: tests of the rules and of their sentences go through them. */
export const CHECK_CASES: Readonly<Record<RuleId, CheckCase>> = {
  'side-missing': {
    fires: desk('Seated twist: hold 20s, left only'),
    silent: desk('Seated twist: hold 20s, left only, meant "right ribs sore"'),
    severity: 'caution',
    mends: true,
  },
  'side-uneven': {
    fires: desk('Seated twist: hold 40s, left only', 'Seated twist: hold 20s, right only'),
    silent: desk('Seated twist: hold 40s, left only', 'Seated twist: hold 40s, right only'),
    severity: 'caution',
    mends: true,
  },
  'direction-missing': {
    fires: desk('Seated cat: 12 reps', 'Seated march: for 3:00 x4', 'Standing side bend'),
    silent: desk(
      'Seated cat: 12 reps',
      'Seated march: for 3:00 x4',
      'Seated twist',
      'Standing side bend',
    ),
    severity: 'note',
    mends: true,
  },
  'cold-hold': {
    fires: desk(
      'school: strength strong',
      'Neck side tilt: hold 30s',
      'Seated march: for 2:00',
      'Neck side tilt: 8 reps',
    ),
    silent: desk(
      'school: strength strong',
      'Seated march: for 2:00',
      'Neck side tilt: 8 reps',
      'Neck side tilt: hold 30s',
    ),
    severity: 'caution',
    mends: true,
  },
  'warm-short': {
    fires: desk(
      '[warm-up]',
      'Seated march: for 1:00',
      '[main]',
      '(12 rounds)',
      '  Seated march: for 1:30',
      '[settle]',
      'Seated easy breath: 15 breaths',
    ),
    silent: desk(
      '[warm-up]',
      'Seated march: for 3:00',
      '[main]',
      '(12 rounds)',
      '  Seated march: for 1:30',
      '[settle]',
      'Seated easy breath: 15 breaths',
    ),
    severity: 'caution',
    mends: true,
  },
  'floor-trips': {
    fires: desk('lanes: floor', 'Open book', 'Seated cat', 'Open book'),
    silent: desk('lanes: floor', 'Open book', 'Open book', 'Seated cat'),
    severity: 'caution',
    mends: true,
  },
  'rise-pause': {
    fires: older('lanes: floor', 'pace: rising 5s', 'Bridge', 'Seated cat: 4 reps, level small'),
    silent: older('lanes: floor', 'Bridge', 'Seated cat: 4 reps, level small'),
    severity: 'stop',
    mends: true,
  },
  'balance-after-rise': {
    fires: desk('lanes: floor', 'Open book', 'Tandem stance'),
    silent: desk('lanes: floor', 'Tandem stance', 'Open book'),
    severity: 'caution',
    mends: true,
  },
  'exit-tired': {
    fires: desk('lanes: floor', 'Bridge: 15 reps', 'Seated cat'),
    silent: desk('lanes: floor', 'Bridge: 15 reps', 'rest 30s', 'Seated cat'),
    severity: 'caution',
    mends: true,
  },
  'no-way-there': {
    fires: desk('limits: no floor', 'lanes: floor', 'Plank'),
    silent: desk('limits: no floor', 'lanes: floor', 'Plank: level hands on the wall'),
    severity: 'stop',
    mends: true,
  },
  'way-missing': {
    fires: older('lanes: stand', 'Marching'),
    silent: older('lanes: stand, wheelchair', 'Marching'),
    severity: 'stop',
    mends: true,
    part: part([person({ limits: [], lane: 'wheelchair' })]),
  },
  'lane-gap': {
    fires: desk('lanes: chair', 'Plank'),
    silent: desk('lanes: floor', 'Plank'),
    severity: 'caution',
    mends: true,
  },
  'not-for-group': {
    fires: older('lanes: floor', 'Small curl-up: 6 reps'),
    silent: desk('lanes: floor', 'Small curl-up: 6 reps'),
    severity: 'stop',
    mends: true,
  },
  'limit-load': {
    fires: desk('limits: breastbone opened', 'Seated twist'),
    silent: desk('limits: breastbone opened', 'Seated twist: level arms crossed'),
    severity: 'stop',
    mends: true,
  },
  'limits-unknown': {
    fires: 'group: older\nSeated march',
    silent: older('Seated march'),
    severity: 'caution',
    mends: false,
  },
  'balance-jump': {
    fires: older('lanes: stand', 'Tandem stance: hold 10s, level two hands, support hover'),
    silent: older('lanes: stand-held', 'Tandem stance: hold 10s, support fingertips'),
    severity: 'stop',
    mends: true,
    part: part([person({ limits: [], rung: TANDEM_RUNG })]),
  },
  'balance-support': {
    fires: desk('Tandem stance: with head turning, support hover'),
    silent: desk('Tandem stance: with head turning, support fingertips'),
    severity: 'stop',
    mends: true,
  },
  'balance-tired': {
    fires: desk('lanes: stand', 'Sit to stand: 12 reps', 'Tandem stance'),
    silent: desk('lanes: stand', 'Tandem stance', 'Sit to stand: 12 reps'),
    severity: 'caution',
    mends: true,
  },
  'support-busy': {
    fires: desk('Tandem stance: level two hands, with arms moving'),
    silent: desk('Tandem stance: with arms moving, support one hand'),
    severity: 'caution',
    mends: true,
  },
  'support-count': {
    fires: desk('room: chair, counter', 'lanes: stand', 'Hands on the seat, long back'),
    silent: desk('room: chair, wall', 'lanes: stand', 'Hands on the seat, long back'),
    severity: 'caution',
    mends: true,
  },
  'chair-wheels': {
    fires: desk('room: chair with wheels', 'lanes: chair-rise', 'Sit to stand'),
    silent: desk('room: chair without wheels', 'lanes: chair-rise', 'Sit to stand'),
    severity: 'stop',
    mends: true,
  },
  'kneel-long': {
    fires: desk('lanes: floor', 'All-fours cat: 12 reps', 'All-fours cat: 12 reps'),
    silent: desk('lanes: floor', 'All-fours cat: 6 reps'),
    severity: 'caution',
    mends: true,
  },
  'wrist-long': {
    fires: desk('lanes: floor', 'All-fours cat: 8 reps', 'Plank: hold 60s'),
    silent: desk('lanes: floor', 'All-fours cat: 6 reps'),
    severity: 'caution',
    mends: true,
  },
  'one-leg-long': {
    fires: older('lanes: stand-held', 'One-leg stance: hold 40s, level one hand'),
    silent: older('lanes: stand-held', 'One-leg stance: hold 30s, level one hand'),
    severity: 'caution',
    mends: true,
  },
  'arms-long': {
    fires: desk('limits: heart', 'Standing side bend: hold 40s'),
    silent: desk('Standing side bend: hold 40s'),
    severity: 'caution',
    mends: true,
  },
  'stand-long': {
    fires: older('lanes: stand', 'Marching: for 3:00', 'Marching: for 3:00'),
    silent: older('lanes: stand', 'Marching: for 2:00', 'Seated march', 'Marching: for 3:00'),
    severity: 'caution',
    mends: true,
  },
  'seat-long': {
    fires: 'group: chair\nlanes: wheelchair' + '\nSeated march: for 3:00 x4'.repeat(3),
    silent:
      'group: chair\nlanes: wheelchair' +
      '\nSeated march: for 3:00 x4\nPressure-relief leans: for 2:00'.repeat(3),
    severity: 'caution',
    mends: true,
  },
  'dose-range': {
    fires: desk('Seated twist: hold 3:00'),
    silent: desk('Seated twist: hold 1:00'),
    severity: 'caution',
    mends: true,
  },
  'rest-short': {
    fires: older('Sit to stand: 8 reps x2, rest 10s'),
    silent: older('Sit to stand: 8 reps x2, rest 60s'),
    severity: 'caution',
    mends: true,
  },
  'stretch-total': {
    fires: desk('goals: hip-outer', 'Seated figure four: hold 20s'),
    silent: desk('Seated figure four: hold 20s'),
    severity: 'note',
    mends: true,
  },
  'hold-strain': {
    fires: desk('limits: heart', 'lanes: stand', 'Seated hamstring reach: hold 60s, press 8s x2'),
    silent: desk('limits: heart', 'lanes: stand', 'Seated hamstring reach: hold 60s, press 6s x2'),
    severity: 'stop',
    mends: true,
  },
  'cue-long': {
    fires: older('pace: speech 40', 'Neck side tilt: 2 breaths 1/1'),
    silent: older('Neck side tilt: 4 breaths'),
    severity: 'note',
    mends: true,
  },
  'cant-see': {
    fires: desk('lanes: floor', 'Prone chest lift: cue "Lift your chest like this."'),
    silent: desk('lanes: floor', 'Prone chest lift: cue "Lift your chest a little."'),
    severity: 'note',
    mends: true,
  },
  'way-out': {
    fires: desk('Seated twist'),
    silent: desk('Seated twist'),
    severity: 'caution',
    mends: false,
  },
  'prop-missing': {
    fires: desk('room: chair', 'Seated hamstring reach: level strap round the foot'),
    silent: desk('room: chair, towel', 'Seated hamstring reach: level strap round the foot'),
    severity: 'caution',
    mends: true,
  },
  'prop-churn': {
    fires: desk('Seated cat: prop strap', 'Seated march: prop band', 'Seated cat: prop strap'),
    silent: desk('Seated cat: prop strap', 'Seated cat: prop strap', 'Seated march: prop band'),
    severity: 'note',
    mends: true,
  },
  'prop-in-hand': {
    fires: desk('lanes: stand', 'Seated cat: prop stick', 'Marching'),
    silent: desk('lanes: stand', 'Seated cat: prop stick', 'rest 10s', 'Marching'),
    severity: 'caution',
    mends: true,
  },
  footing: {
    fires: desk('limits: numb feet', 'lanes: stand', 'Marching: level holding the chair'),
    silent: desk(
      'limits: numb feet',
      'school: grip flat shoes',
      'lanes: stand',
      'Marching: level holding the chair',
    ),
    severity: 'caution',
    mends: true,
  },
  'too-new': {
    fires: older('Seated march', 'Seated cat', 'Neck side tilt', 'Seated twist'),
    silent: older('Seated march', 'Seated cat', 'Neck side tilt', 'Seated twist'),
    severity: 'note',
    mends: true,
    part: part([], [session('2026-11-18T10:00:00Z', 'seated-easy-breath')]),
    silentPart: part([], [session('2026-11-18T10:00:00Z', 'seated-march')]),
  },
  slot: {
    fires: desk('slot: 2:00', 'Seated cat: 6 reps', 'Seated march: for 1:00'),
    silent: desk('slot: 2:00', 'Seated cat: 6 reps', 'Seated march: for 1:09'),
    severity: 'note',
    mends: true,
  },
  'no-settle': {
    fires: desk('Seated march: for 3:00 x4'),
    silent: desk('Seated march: for 3:00 x3'),
    severity: 'note',
    mends: true,
  },
  'breath-school': {
    fires: desk('school: breath in on rounding', 'Seated cat: cue "Breathe out and round."'),
    silent: desk('school: breath in on rounding', 'Seated cat: cue "Breathe in and round."'),
    severity: 'note',
    mends: true,
  },
  'own-words-ask': {
    fires: desk('Seated cat: cue "Round and lift with your eyes closed."'),
    silent: desk('Seated cat: with eyes closed, cue "Round and lift with your eyes closed."'),
    severity: 'note',
    mends: true,
  },
  'curl-school': {
    fires: desk('school: curl never', 'lanes: floor', 'Small curl-up'),
    silent: desk('school: curl never', 'lanes: floor', 'Leg lowering'),
    severity: 'caution',
    mends: true,
  },
  'days-apart': {
    fires: desk('lanes: stand', 'Sit to stand'),
    silent: desk('lanes: stand', 'Sit to stand'),
    severity: 'caution',
    mends: false,
    part: part([], [session('2026-11-24T09:00:00Z', 'sit-to-stand')]),
    silentPart: part([], [session('2026-11-23T09:00:00Z', 'sit-to-stand')]),
  },
};
