import { daysAfter, groupIdSchema, personIdSchema, routineIdSchema } from '@/core/common';
import type { ClassGroup, EntryWords, ItemResult } from '@/core/class';
import type { Member, Rung } from '@/core/people';

/** The day of the first visit, as the demo data is made; all its days are moved with it then. */
export const DEMO_DAY = '2020-06-15';
export const ago = (days: number) => daysAfter(DEMO_DAY, -days);

const group = (id: string, words: Omit<ClassGroup, 'id' | 'routineId'>, routine: string) => ({
  ...words,
  id: groupIdSchema.parse(`demo-${id}`),
  routineId: routineIdSchema.parse(`demo-${routine}`),
});

/** Four groups of a small harbour town. */
export const DEMO_GROUPS: readonly ClassGroup[] = [
  group(
    'saltmarsh',
    {
      name: 'Saltmarsh Court, chair circle',
      pace: 'older',
      weekday: 3,
      time: '10:30',
      room: [{ thing: 'chair without wheels', count: 14 }, { thing: 'wall' }],
      notes: 'Chairs in a ring, backs to the wall. Tea afterwards.',
    },
    'thursday-chair-circle',
  ),
  group(
    'harbour-office',
    {
      name: 'Harbour office',
      pace: 'desk',
      weekday: 0,
      time: '12:15',
      room: [{ thing: 'chair with wheels', count: 6 }, { thing: 'wall' }],
    },
    'signal-box-reset',
  ),
  group(
    'rowing-club',
    { name: 'Adaptive rowing club, land day', pace: 'chair', weekday: 5, time: '09:30' },
    'land-day-shoulders-down',
  ),
  group(
    'bakery',
    { name: 'Bakery, night shift', pace: 'standing', weekday: 2, time: '02:00' },
    'before-the-second-bake',
  ),
];

const SALTMARSH = 'demo-saltmarsh';
const OFFICE = 'demo-harbour-office';
const ROWERS = 'demo-rowing-club';
const BAKERS = 'demo-bakery';

const rung = (base: Rung['base'], hands: Rung['hands'], seconds: number): Rung => ({
  base,
  hands,
  challenge: 'still',
  timeMs: seconds * 1000,
});

const person = (
  id: string,
  name: string,
  groupId: string,
  words: Partial<Omit<Member, 'id' | 'name' | 'groups'>>,
  at?: Rung,
): Member => ({
  id: personIdSchema.parse(`demo-${id}`),
  name,
  groups: [groupIdSchema.parse(groupId)],
  limits: [],
  asked: { on: ago(60), again: ago(-120) },
  agreedOn: ago(60),
  ...words,
  ...(at && {
    ladders: { stance: { school: 'hands first', placed: [{ on: ago(50), rung: at, why: '' }] } },
  }),
});

/** Made-up people, two or three of each kind of trouble. */
export const DEMO_PEOPLE: readonly Member[] = [
  person(
    'ada',
    'Ada Fenn',
    SALTMARSH,
    { bornIn: 1948, sex: 'woman', lane: 'stand-held', seat: 'chair with arms' },
    rung('tandem', 'fingertips', 3),
  ),
  person(
    'bram',
    'Bram Oakes',
    SALTMARSH,
    {
      bornIn: 1944,
      sex: 'man',
      lane: 'stand-held',
      seat: 'chair with arms',
      limits: [{ limit: 'knee painful', side: 'right' }, { limit: 'blood pressure' }],
      notes: 'The right knee complains after stairs.',
    },
    rung('together', 'fingertips', 10),
  ),
  person(
    'cora',
    'Cora Lindqvist',
    SALTMARSH,
    {
      bornIn: 1951,
      sex: 'woman',
      lane: 'stand-held',
      limits: [{ limit: 'hip painful', side: 'left' }],
    },
    rung('semi-tandem', 'fingertips', 10),
  ),
  person(
    'dov',
    'Dov Marsh',
    SALTMARSH,
    { bornIn: 1946, sex: 'man', lane: 'stand-held', aids: ['stick'] },
    rung('semi-tandem', 'hover', 10),
  ),
  person(
    'edith',
    'Edith Quay',
    SALTMARSH,
    {
      bornIn: 1939,
      sex: 'woman',
      lane: 'chair',
      seat: 'chair with arms',
      aids: ['walker', 'hearing aid'],
      limits: [{ limit: 'dizziness' }, { limit: 'low bone density' }],
      asked: { on: ago(190), again: ago(8) },
    },
    rung('apart', 'fingertips', 10),
  ),
  person('finn', 'Finn Harker', OFFICE, { lane: 'stand', limits: [{ limit: 'neck pain' }] }),
  person('gwen', 'Gwen Tolley', OFFICE, { lane: 'stand' }),
  person('hugo', 'Hugo Penrose', OFFICE, {
    lane: 'chair',
    limits: [{ limit: 'knee replaced', side: 'left' }],
    clearances: [{ loads: ['deep-knee'], side: 'left', by: 'his surgeon', on: ago(355) }],
  }),
  person('ivo', 'Ivo Strand', ROWERS, {
    lane: 'chair',
    seat: 'wheelchair',
    limits: [{ limit: 'pushes a wheelchair' }, { limit: 'shoulder painful', side: 'right' }],
  }),
  person('june', 'June Castell', ROWERS, {
    lane: 'chair',
    seat: 'wheelchair',
    limits: [{ limit: 'pushes a wheelchair' }],
  }),
  person('kit', 'K. R.', ROWERS, { lane: 'chair', limits: [{ limit: 'sight' }] }),
  person('lena', 'Lena Moor', BAKERS, { lane: 'stand' }),
  person('milo', 'Milo Ash', BAKERS, { lane: 'stand', limits: [{ limit: 'back painful' }] }),
  (({ limits: _, asked: __, agreedOn: ___, ...nell }) => nell)(
    person('nell', 'Nell Sedge', BAKERS, { lane: 'stand' }),
  ),
];

/** How it went for somebody in a week, as an entry without its person. */
type Went = Omit<Partial<EntryWords>, 'person'> & {
  readonly drill?: Omit<ItemResult, 'moveId'>;
};

const held = (
  at: Rung,
  left: number,
  right = left,
  more: Partial<ItemResult> = {},
): Went['drill'] => ({
  rung: at,
  leftMs: left * 1000,
  rightMs: right * 1000,
  watched: true,
  ...more,
});

const AWAY: Went = { came: false };
const tandem = (hands: Rung['hands'], seconds: number) => rung('tandem', hands, seconds);
const semi = (hands: Rung['hands'], seconds = 10) => rung('semi-tandem', hands, seconds);
const apart = (hands: Rung['hands'], seconds = 10) => rung('apart', hands, seconds);

/**
 * Six weeks, the earliest first: Ada goes forward, Bram's knee holds him back, Cora's left leg catches
 * up, Dov is away for a month, Edith has a near-fall and a good week after it.
 */
export const DEMO_WEEKS: Readonly<Record<string, readonly Went[]>> = {
  ada: [
    { effort: 4, drill: held(tandem('fingertips', 3), 3) },
    { effort: 4, drill: held(tandem('fingertips', 3), 3) },
    { effort: 5, drill: held(tandem('hover', 3), 2, 3) },
    { effort: 4, drill: held(tandem('hover', 3), 3) },
    { effort: 3, drill: held(tandem('hover', 3), 3) },
    { effort: 3, drill: held(tandem('none', 3), 3) },
  ],
  bram: [
    {
      effort: 4,
      painBefore: 2,
      painAfter: 2,
      painNext: 2,
      drill: held(rung('together', 'fingertips', 10), 10),
    },
    {
      effort: 5,
      painBefore: 2,
      painAfter: 4,
      painNext: 3,
      drill: held(rung('together', 'fingertips', 10), 10),
    },
    {
      outcome: 'eased',
      effort: 6,
      painBefore: 3,
      painAfter: 5,
      painNext: 4,
      drill: held(rung('together', 'fingertips', 10), 8),
    },
    {
      outcome: 'eased',
      effort: 5,
      painBefore: 3,
      painAfter: 3,
      painNext: 3,
      drill: held(rung('together', 'fingertips', 10), 10),
    },
    {
      effort: 4,
      painBefore: 2,
      painAfter: 4,
      painNext: 3,
      drill: held(rung('together', 'fingertips', 10), 10),
    },
    {
      outcome: 'stopped-early',
      effort: 5,
      painBefore: 3,
      painAfter: 5,
      note: 'Stairs were out of order all week.',
    },
  ],
  cora: [
    { effort: 5, drill: held(semi('fingertips'), 4, 10) },
    { effort: 5, drill: held(semi('fingertips'), 5, 10) },
    { effort: 4, drill: held(semi('fingertips'), 6, 10, { grabs: 1 }) },
    { effort: 4, drill: held(semi('fingertips'), 8, 10) },
    { effort: 4, drill: held(semi('fingertips'), 9, 10) },
    { effort: 3, drill: held(semi('fingertips'), 10, 10) },
  ],
  dov: [
    { effort: 3, drill: held(semi('hover'), 10) },
    AWAY,
    AWAY,
    AWAY,
    AWAY,
    { effort: 6, drill: held(semi('fingertips'), 7, 8), note: 'Back from his sister’s. Stiff.' },
  ],
  edith: [
    { effort: 5, drill: held(apart('fingertips'), 10) },
    { effort: 6, dizzy: true, outcome: 'stopped-early' },
    { effort: 5, drill: held(apart('fingertips'), 6, 6, { nearFalls: 1 }) },
    AWAY,
    { effort: 4, drill: held(rung('seated', 'none', 30), 30) },
    { effort: 4, drill: held(rung('seated', 'none', 30), 30) },
  ],
  finn: [{ effort: 3 }, { effort: 3 }, AWAY, { effort: 2 }, { effort: 3 }, { effort: 2 }],
  gwen: [{ effort: 4 }, { effort: 4 }, { effort: 4 }, { effort: 4 }, { effort: 3 }, { effort: 3 }],
  hugo: [AWAY, { effort: 5 }, { effort: 5 }, { effort: 4 }, AWAY, { effort: 4 }],
  ivo: [
    { effort: 4, painBefore: 1, painAfter: 1, painNext: 1 },
    { effort: 5, painBefore: 1, painAfter: 2, painNext: 1 },
    { effort: 7, painBefore: 2, painAfter: 2, painNext: 2 },
    { effort: 5, painBefore: 1, painAfter: 1, painNext: 1 },
    { effort: 4, painBefore: 1, painAfter: 1, painNext: 1 },
    { effort: 4, painBefore: 0, painAfter: 0 },
  ],
  june: [{ effort: 3 }, { effort: 3 }, { effort: 4 }, { effort: 3 }, { effort: 3 }, { effort: 3 }],
  kit: [AWAY, AWAY, { effort: 5 }, { effort: 5 }, { effort: 4 }, { effort: 4 }],
  lena: [{ effort: 3 }, { effort: 4 }, { effort: 3 }, AWAY, { effort: 3 }, { effort: 3 }],
  milo: [
    { effort: 4 },
    { effort: 4, soreDays: 3 },
    { effort: 3 },
    { effort: 4 },
    { effort: 4 },
    { effort: 3 },
  ],
  nell: [AWAY, AWAY, AWAY, AWAY, { effort: 5 }, { effort: 4 }],
};

/** What was measured: before the six weeks, in them, and at their end. */
export const DEMO_READINGS = [
  {
    person: 'ada',
    measure: 'chair-stand',
    values: [
      [90, 9],
      [48, 10],
      [5, 12],
    ],
  },
  {
    person: 'cora',
    measure: 'chair-stand',
    values: [
      [88, 11],
      [47, 11],
      [5, 12],
    ],
  },
  {
    person: 'bram',
    measure: 'chair-stand',
    values: [
      [88, 10],
      [5, 9],
    ],
  },
  {
    person: 'ada',
    measure: 'three-metre-walk',
    values: [
      [90, 9.8],
      [48, 9.1],
      [5, 8.4],
    ],
  },
] as const;
