import fc from 'fast-check';
import { countingIds } from '@/core/common';
import { laneValues, personSchema, GROUP_ALONE, type TakingPart } from '@/core/people';
import { position } from '@/core/body';
import { applyChange, broughtBy, itemsInOrder, reversed, routineSchema } from '@/core/routine';
import { plainPhrases, routineArbitrary, routineOf } from '@/core/testing';
import { compile } from '@/core/timing';
import { checkPlaces, mendOf, mendsOf, newFindings } from './check';
import { fitSafely } from './guarded';
import { seeRoutine } from './seen';
import { RULES, type RuleId } from './table';

const at = '2026-11-25T10:00:00Z';
const people = (...words: object[]): TakingPart => ({
  people: words.map((one) => personSchema.parse({ name: 'Ada', ...one })),
  sessions: [],
  at,
});
const found = (text: string, id: RuleId, part = GROUP_ALONE) =>
  checkPlaces(routineOf(text), { part, phrases: plainPhrases }).filter((one) => one.id === id);

describe('fit beside the checks', () => {
  test('a caution that only the length brings is shown, and the instructor decides', () => {
    const routine = routineOf(
      'group: desk\n[main]\n(4 rounds)\n  Seated march: for 3:00\n  Seated cat: 12 reps',
    );
    const fitting = fitSafely(routine, {
      slotMs: 1_260_000,
      part: GROUP_ALONE,
      phrases: plainPhrases,
      newId: countingIds('n'),
    });
    if (!fitting.fitted) throw new Error('not fitted');
    expect(fitting.totalMs).toBe(1_260_000);
    expect(fitting.brings.map(({ id }) => id)).toContain('warm-short');
  });
});

describe('places and numbers', () => {
  test('a finding names its item, its side, its lane and what it measured', () => {
    const [one] = found(
      'group: desk\nSeated cat\nSeated twist: hold 20s, left only',
      'side-missing',
    );
    expect(one).toMatchObject({ itemId: 'i2', side: 'right', lane: null, source: 'practice' });
    const [two] = found(
      'group: desk\nlanes: floor, chair\nBridge\nSeated cat\nBridge',
      'floor-trips',
    );
    expect(two).toMatchObject({ itemId: null, lane: 'floor', numbers: { trips: 2 } });
  });

  test('what bites in every lane names none', () => {
    const text = 'group: desk\nlimits: breastbone opened\nlanes: chair, stand\nSeated twist';
    expect(found(text, 'limit-load')[0]).toMatchObject({
      lane: null,
      about: { lanes: ['chair', 'stand'], loads: ['twist-end'], limits: ['breastbone opened'] },
    });
  });

  test('stops stand first, then cautions, then notes', () => {
    const text =
      'group: desk\nlimits: breastbone opened\nslot: 20:00\nSeated twist: hold 20s, left only';
    const order = checkPlaces(routineOf(text), { part: GROUP_ALONE, phrases: plainPhrases }).map(
      (f) => f.severity,
    );
    const rank = ['stop', 'caution', 'note'];
    expect(order).toEqual([...order].sort((a, b) => rank.indexOf(a) - rank.indexOf(b)));
    expect(new Set(order).size).toBe(3);
  });

  test('a caution that is accepted on its line is a note with its reason; a stop stays one', () => {
    const caution = 'Seated twist: hold 2:00, accept dose-range "they like it long"';
    expect(found(`group: desk\n${caution}`, 'dose-range')[0]).toMatchObject({
      severity: 'note',
      accepted: 'they like it long',
    });
    const stop = 'limits: breastbone opened\nSeated twist: accept limit-load "tried it"';
    expect(found(`group: desk\n${stop}`, 'limit-load')[0]).toMatchObject({
      severity: 'stop',
      accepted: 'tried it',
    });
  });

  test('one of the whole routine may be accepted on any line', () => {
    const text = 'group: older\nSeated cat: accept limits-unknown "asked at the door each time"';
    expect(found(text, 'limits-unknown')[0]?.severity).toBe('note');
  });
});

describe('limits', () => {
  test('a limb’s limit bites on its side only, and what it takes is a planned difference', () => {
    const four = 'Seated figure four: hold 30s';
    const head = 'group: desk\nlimits: hip replaced front approach left\n';
    expect(found(head + four, 'limit-load')[0]).toMatchObject({ severity: 'stop', side: 'left' });
    expect(found(`${head}${four}, right only`, 'limit-load')).toEqual([]);
    expect(found(`${head}${four}, right only`, 'side-missing')).toEqual([]);
    expect(found(`${head}${four}, right only`, 'side-uneven')).toEqual([]);
    expect(found(`${head}${four}, left only`, 'side-missing')[0]?.side).toBe('right');
  });

  test('least contact: below two hands it is out, with two hands it is not', () => {
    const head = 'group: desk\nlimits: stands only with hands held\nlanes: stand\n';
    expect(found(`${head}One-leg stance`, 'limit-load')[0]?.severity).toBe('stop');
    expect(found(`${head}One-leg stance: support two hands`, 'limit-load')).toEqual([]);
  });

  test('while standing only: busy hands in a chair are no matter', () => {
    const head = 'group: desk\nlimits: stands only with hands held\n';
    const standing = 'lanes: stand\nKnee lift with press';
    expect(found(head + standing, 'limit-load')[0]?.about.loads).toContain('hands-busy');
    const seated = 'lanes: chair\nSeated cat: with arms moving';
    expect(found(head + seated, 'limit-load')).toEqual([]);
  });

  test('time makes loads: an effort held for long, lying on the back for minutes', () => {
    const plank = 'group: desk\nlanes: floor\nlimits: eye pressure\nPlank: hold 15s';
    const loadsIn = (text: string) =>
      found(text, 'limit-load').flatMap(({ about }) => about.loads ?? []);
    expect(loadsIn(plank)).toContain('isometric-long');
    expect(loadsIn(plank.replace('15s', '10s'))).toContain('isometric-long');
    expect(loadsIn(plank.replace('15s', '9s'))).not.toContain('isometric-long');
    const lying =
      'group: desk\nlanes: floor\nlimits: pregnancy\nLying along a roller: hold 3:00, level rolled towel';
    expect(found(lying, 'limit-load')[0]?.about.loads).toContain('lie-back-long');
    const brief = found(lying.replace('3:00', '2:00'), 'limit-load');
    expect(brief[0]?.about.loads).not.toContain('lie-back-long');
  });

  test('limits not asked are the first row, not none', () => {
    const first = { severity: 'caution', about: { limits: ['not-asked'] } };
    const unasked = found('group: older\nSeated cat', 'limit-load');
    expect(unasked).toMatchObject([first, first]);
    expect(unasked.map(({ about }) => about.loads)).toEqual([['spine-flex-end'], ['neck-extend']]);
    expect(found('group: older\nlimits: none\nSeated cat', 'limit-load')).toEqual([]);
    expect(found('group: desk\nSeated cat', 'limit-load')).toEqual([]);
  });

  test('people bring their own limits to their own lane, by name', () => {
    const text = 'group: older\nlanes: stand-held, chair\nSeated twist';
    const group = people(
      { name: 'Ben', lane: 'chair', limits: [{ limit: 'breastbone opened' }] },
      { name: 'Cleo', limits: [] },
    );
    expect(found(text, 'limit-load', group)[0]).toMatchObject({
      severity: 'stop',
      lane: 'chair',
      about: { people: ['Ben'] },
    });
    expect(found(text, 'limits-unknown', group)).toEqual([]);
    expect(found(text, 'limits-unknown', people({ name: 'Dora' }))[0]?.about.people).toEqual([
      'Dora',
    ]);
  });

  test('a clearance turns out into care, for its side, for a year, until something happens', () => {
    const text = 'group: desk\nSeated figure four: hold 30s, left only, meant "today"';
    const severity = (clearance: object, events: object[] = []) =>
      found(
        text,
        'limit-load',
        people({
          limits: [{ limit: 'hip replaced front approach', side: 'left' }],
          clearances: [{ loads: ['hip-rotate-out'], by: 'Clinician', ...clearance }],
          events,
        }),
      )[0]?.severity;
    expect(severity({ on: '2026-01-10' })).toBe('caution');
    expect(severity({ on: '2026-01-10', side: 'left' })).toBe('caution');
    expect(severity({ on: '2026-01-10', side: 'right' })).toBe('stop');
    expect(severity({ on: '2025-11-25' })).toBe('stop');
    expect(severity({ on: '2025-11-26' })).toBe('caution');
    expect(severity({ on: '2026-12-01' })).toBe('stop');
    const fall = { what: 'fall', on: '2026-06-01' };
    expect(severity({ on: '2026-01-10' }, [fall])).toBe('stop');
    expect(severity({ on: '2026-07-10' }, [fall])).toBe('caution');
  });

  test('a bad knee leaves the ways that the other can take', () => {
    const text = (limit: string) =>
      `group: older\nlanes: floor\nlimits: ${limit}\nOpen book: 4 breaths`;
    expect(found(text('knee replaced left'), 'no-way-there').length).toBeGreaterThan(0);
    expect(found(text('knee painful left'), 'no-way-there')).toEqual([]);
    expect(found(text('no floor'), 'no-way-there')[0]).toMatchObject({
      severity: 'stop',
      about: { to: ['side-lying-left'], loads: ['floor-transfer'] },
    });
  });

  test('slow risers need longer pauses than the pace has', () => {
    const text = 'group: older\nlanes: floor\nlimits: parkinson\nBridge: 8 reps, level small';
    expect(found(text, 'rise-pause')[0]?.numbers).toMatchObject({
      needsMs: 60_000,
      needsStandingMs: 30_000,
    });
    expect(
      found(text.replace('\nBridge', '\npace: rising 60s + 30s\nBridge'), 'rise-pause'),
    ).toEqual([]);
  });
});

describe('the room', () => {
  test('a chair can’t be seat and rail at once, and counts are counted lane by lane', () => {
    const text = (room: string) =>
      `group: desk\nlanes: stand-held, chair\nroom: ${room}\nSeated cat`;
    expect(found(text('chair x1'), 'support-count')[0]?.numbers).toEqual({ needed: 2, has: 1 });
    expect(found(text('chair x2'), 'support-count')).toEqual([]);
    expect(found(text('chair'), 'support-count')).toEqual([]);
    const four = people({ name: 'A' }, { name: 'B' }, { name: 'C' }, { name: 'D', lane: 'chair' });
    expect(found(text('3 chairs'), 'support-count', four)[0]?.numbers).toEqual({
      needed: 4,
      has: 3,
    });
  });

  test('a still chair beside the rolling ones is enough', () => {
    const text = 'group: desk\nlanes: stand\nMarching: level holding the chair';
    const head = (room: string) => text.replace('\nMarching', `\nroom: ${room}\nMarching`);
    expect(found(head('chair with wheels'), 'chair-wheels')[0]?.severity).toBe('stop');
    expect(found(head('chair with wheels, chair without wheels x6'), 'chair-wheels')).toEqual([]);
    expect(found(text, 'chair-wheels')).toEqual([]);
  });
});

describe('ways out', () => {
  test('a twist with no way-out cue is found, one with a cue is not', () => {
    const routine = routineOf('group: desk\nSeated twist\nSeated cat');
    const seen = seeRoutine(routine, GROUP_ALONE, compile(routine, GROUP_ALONE, plainPhrases));
    expect(RULES['way-out'].find(seen)).toEqual([]);
    const silenced = {
      ...seen,
      items: seen.items.map((one) => ({
        ...one,
        lanes: one.lanes.map((doing) => ({
          ...doing,
          move: { ...doing.move, cues: { ...doing.move.cues, wayOut: '' } },
        })),
      })),
    };
    expect(RULES['way-out'].find(silenced)).toMatchObject([
      { itemId: 'i1', about: { why: ['twist'] } },
    ]);
  });
});

describe('older groups', () => {
  test.each([
    ['lanes: floor\nOpen book: 4 breaths\nTandem stance', 'balance-after-rise'],
    ['lanes: stand\nTandem stance: level two hands, with arms moving', 'support-busy'],
    ['lanes: floor\npace: rising 5s\nBridge: 8 reps, level small', 'rise-pause'],
  ] as const)('%s is a stop there and a caution elsewhere', (text, id) => {
    const severity = (pace: string) =>
      found(`group: ${pace}\nlimits: none\n${text}`, id)[0]?.severity;
    expect(severity('older')).toBe('stop');
    if (id !== 'rise-pause') expect(severity('desk')).toBe('caution');
  });

  test('one trip to the floor is one too many unless a floor lane is named', () => {
    const head = 'group: older\nlimits: none\n';
    expect(found(`${head}lanes: floor\nOpen book`, 'floor-trips')).toEqual([]);
    expect(
      found(`${head}lanes: floor\nOpen book\nSeated cat\nOpen book`, 'floor-trips'),
    ).toHaveLength(1);
  });
});

const seeded = { seed: 20261125, numRuns: 60 };

describe('for any routine', () => {
  test('checks end, repeat themselves, and leave their input alone', () => {
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        const before = JSON.stringify(routine);
        const once = checkPlaces(routine, { part: GROUP_ALONE, phrases: plainPhrases });
        expect(checkPlaces(routine, { part: GROUP_ALONE, phrases: plainPhrases })).toEqual(once);
        expect(JSON.stringify(routine)).toBe(before);
        const ids = new Set(itemsInOrder(routine).map(({ id }) => id));
        for (const { itemId } of once) if (itemId) expect(ids.has(itemId)).toBe(true);
      }),
      seeded,
    );
  });

  test('a known score changes nothing', () => {
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        const score = compile(routine, GROUP_ALONE, plainPhrases);
        expect(checkPlaces(routine, { part: GROUP_ALONE, phrases: plainPhrases, score })).toEqual(
          checkPlaces(routine, { part: GROUP_ALONE, phrases: plainPhrases }),
        );
      }),
      { ...seeded, numRuns: 20 },
    );
  });

  test('no mend adds a stop or a caution, and every one can be taken back', () => {
    fc.assert(
      fc.property(routineArbitrary, (routine) => {
        const wish = { part: GROUP_ALONE, phrases: plainPhrases };
        const before = checkPlaces(routine, wish);
        for (const one of before.slice(0, 6)) {
          const change = mendOf(routine, one, { ...wish, newId: countingIds('n') });
          if (!change) continue;
          const after = applyChange(routine, change);
          expect(routineSchema.safeParse(after).success).toBe(true);
          // Where nothing else is left, the row is; its neighbours may come together then.
          const leftOut = change.steps.every(({ kind }) => kind === 'remove');
          if (!leftOut) expect(newFindings(before, checkPlaces(after, wish))).toEqual([]);
          expect(applyChange(after, reversed(change))).toEqual(routine);
        }
      }),
      { ...seeded, numRuns: 15 },
    );
  });
});

describe('what is offered to mend with', () => {
  const newId = () => countingIds('n');
  const offered = (text: string, id: string) => {
    const routine = routineOf(text);
    const wish = { part: GROUP_ALONE, phrases: plainPhrases };
    const [what] = checkPlaces(routine, wish).filter((one) => one.id === id);
    if (!what) throw new Error(`no ${id}`);
    const mends = mendsOf(routine, what, { ...wish, newId: newId() });
    return mends.map((change) => ({ change, brings: broughtBy(routine, change), routine }));
  };

  test('other moves stay where the lanes are, are not in the class already, and up to three differ', () => {
    const text =
      'group: older\nlanes: chair\nlimits: none\nSeated march\nPlank: hold 15s, level full';
    const mends = offered(text, 'lane-gap');
    expect(mends.length).toBeGreaterThan(0);
    expect(mends.length).toBeLessThanOrEqual(3);
    const names = mends.flatMap(({ brings }) => brings.map(({ move }) => move));
    expect(new Set(names).size).toBe(names.length);
    expect(names).not.toContain('Seated march');
    for (const { change, routine } of mends) {
      const after = compile(applyChange(routine, change), GROUP_ALONE, plainPhrases);
      const places = after.segments.flatMap(({ position: at }) => laneValues(at));
      for (const place of places) expect(position(place).way).toBe('seated');
    }
  });

  test('an easier level is named, a dose is changed once', () => {
    const easier = offered(
      'group: desk\nlanes: chair\nlimits: low bone density\nSeated twist: hold 20s',
      'limit-load',
    );
    expect(easier[0]?.brings[0]?.level).toBeDefined();
    expect(offered('group: desk\nSeated twist: hold 3:00', 'dose-range')).toHaveLength(1);
  });

  test('own words are never written anew', () => {
    const text =
      'group: desk\nschool: breath in on rounding\nSeated cat: cue "Puff out and round, sip in and lift."';
    const [mend] = offered(text, 'breath-school');
    const step = mend?.change.steps[0];
    expect(step?.kind === 'replace' && step.to.kind === 'item' && step.to.cue).toBeUndefined();
  });
});

describe('what own words say of the breath', () => {
  const said = (cue: string, school = 'out') =>
    found(
      `group: desk\nschool: breath ${school} on rounding\nSeated cat: cue "${cue}"`,
      'breath-school',
    ).length;

  test.each([
    ['Breathe in, round your back, breathe out, lift.', 1],
    ['Breathe out and round, breathe in and lift.', 0],
    ['Puff the air away as you round.', 0],
    ['Sigh, and curl forward.', 0],
    ['Sip in while you curl.', 1],
    ['Inhale and lift, blow out and fold.', 0],
    ['Lift as you breathe in. Round as you exhale.', 0],
    ['Round your back.', 0],
  ])('%s', (cue, count) => {
    expect(said(cue)).toBe(count);
  });
});

describe('times that the checks keep', () => {
  const stand = 'group: older\nlanes: stand\nlimits: none\n';

  test('tired legs are rested after three minutes', () => {
    const after = (rest: string) =>
      found(`${stand}Sit to stand: 14 reps\nrest ${rest}\nTandem stance`, 'balance-tired').length;
    expect(after('10s')).toBe(1);
    expect(after('3:00')).toBe(0);
  });

  test('a kind of dose that a move does not offer is held against those it does', () => {
    const range = (dose: string) =>
      found(`lanes: floor\nBird dog: ${dose}`, 'dose-range').map(({ severity }) => severity);
    expect(range('for 5:00')).toEqual(['caution']);
    expect(range('for 1:00')).toEqual([]);
    expect(range('8 reps')).toEqual([]);
  });

  test('breaths at the end of the range count as the seconds they take', () => {
    const cold = (dose: string) =>
      found(`school: strength strong\nSeated hamstring reach: ${dose}`, 'cold-hold').length;
    expect(cold('6 breaths')).toBe(1);
    expect(cold('2 breaths')).toBe(0);
  });

  test('on the forearms the wrists bear nothing', () => {
    const long = (level: string) =>
      found(
        `lanes: floor\nForearm plank: hold 60s x2, rest 5s, level ${level}\nForearm plank: hold 60s, level ${level}`,
        'wrist-long',
      );
    expect(long('full')).toEqual([]);
  });

  test('a way that asks for care says so, where the move itself does not', () => {
    const ways = (text: string) =>
      found(text, 'limit-load').filter(({ about }) => about.loads?.includes('floor-transfer'));
    const head = 'group: older\nlanes: floor\nlimits: pregnant\n';
    expect(ways(`${head}Side-lying leg raise`).length).toBeGreaterThan(0);
    expect(ways(`${head}Seated cat`)).toEqual([]);
  });

  test('strength is rested between its sets in older and chair groups', () => {
    const rest = (group: string, seconds: number) =>
      found(`group: ${group}\nSit to stand: 8 reps x2, rest ${seconds}s`, 'rest-short').map(
        ({ severity }) => severity,
      );
    expect(rest('older', 10)).toEqual(['caution']);
    expect(rest('older', 30)).toEqual(['note']);
    expect(rest('older', 60)).toEqual([]);
    expect(rest('desk', 10)).toEqual([]);
  });
});
