import fc from 'fast-check';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { SHIPPED } from '@/core/moves';
import { readPlainLine, readPlainRest } from './plain-line';
import { readSaidDose } from './said-dose';
import { SPOKEN_NAMES } from './spoken-names';
import { readTypedLine } from './typed-line';

interface Meant {
  readonly typed: string;
  readonly name: string;
  readonly says: string;
}

/**
 * Lines as several hands write them, made up for this test, each with the move that is meant and what
 * its dose must say; some are not read right yet.
 */
const FOLDER = join(__dirname, 'lines');
const linesOf = (file: string) => readFileSync(join(FOLDER, file), 'utf8').trim().split('\n');
const NO_MOVE = 'no-move.txt';
const HANDS = readdirSync(FOLDER)
  .filter((file) => file !== NO_MOVE)
  .map((file) => {
    const all = linesOf(file).map((line): Meant => {
      const [typed = '', meant = ''] = line.split(' => ');
      const [name = '', says = ''] = meant.replace(/ \|$/u, '').split(' | ');
      return { typed, name, says };
    });
    return [file.replace('.txt', '').replaceAll('-', ' '), all] as const;
  });

const asOlder = (typed: string) => readTypedLine(typed, { group: 'older' });

/** As the line for adding reads it, and not the plain reading alone. */
const rightOf = (all: readonly Meant[]) =>
  all.filter(({ typed, name, says }) => {
    const { text, others } = asOlder(typed);
    // What no move is, is right where the nearest is offered first with how it differs.
    const [near] = others;
    const first = text === '' && near?.differs !== undefined ? near.text : text;
    return first.startsWith(name) && first.includes(says);
  });
const RIGHT = new Map(HANDS.map(([hand, all]) => [hand, rightOf(all).length]));

/** A trade's own shorthand is harder. */
const LEAST: ReadonlyMap<string, number> = new Map([['shorthand', 0.9]]);

describe('lines as people write them', () => {
  test.each(HANDS)(
    'of %s: nineteen of twenty are right at the first try, nine of ten of shorthand',
    (hand, all) => {
      expect((RIGHT.get(hand) ?? 0) / all.length).toBeGreaterThanOrEqual(LEAST.get(hand) ?? 0.95);
    },
  );

  test('there are many of them, and the share that is right is told', () => {
    const all = HANDS.flatMap(([, lines]) => lines);
    const share = (100 * [...RIGHT.values()].reduce((a, b) => a + b)) / all.length;
    process.stdout.write(`plain lines: ${share.toFixed(1)} % of ${all.length} read right\n`);
    expect(all.length).toBeGreaterThanOrEqual(1800);
    expect(new Set(all.map(({ typed }) => typed)).size).toBe(all.length);
    expect(share).toBeGreaterThanOrEqual(95);
  });

  test('titles, notes and moves that the catalogue has not are not taken', () => {
    const taken = linesOf(NO_MOVE).filter((typed) => asOlder(typed).text !== '');
    expect(taken).toEqual([]);
  });

  test('any words are read without throwing, those that every object knows too', () => {
    const words = fc.oneof(
      fc.constantFrom('constructor', '__proto__', 'toString', 'valueOf', 'neck', '5', 'each'),
      fc.string({ unit: 'binary', maxLength: 12 }),
    );
    const lines = fc.array(words, { minLength: 1, maxLength: 4 }).map((all) => all.join(' '));
    fc.assert(fc.property(lines, (typed) => void asOlder(typed)));
    expect(asOlder('constructor 5 reps').text).toBe('');
    expect(asOlder('neck side tilt constructor 10s')).toMatchObject({ passed: ['constructor'] });
  });

  test.each([
    ['2 sets of 8 squats', { sets: 2, reps: 8 }],
    ['3x10', { sets: 3, reps: 10 }],
    ['10 x 3', { sets: 3, reps: 10 }],
    ['8 reps x2', { reps: 8, sets: 2 }],
    ['8 steps x 2', { reps: 8, sets: 2 }],
    ['2 x 10 steps', { sets: 2, reps: 10 }],
    ['8 right, 8 left', { bare: 8, each: true, eachWay: true }],
    ['20 s R 20 s L', { seconds: 20, each: true, eachWay: true }],
    ['fwd x8 bwd x8', { bare: 8, each: true, eachWay: true }],
    ['5 clockwise 5 anticlockwise', { bare: 5, each: true, eachWay: true }],
    ['hold 5 x8', { seconds: 5, sets: 8, held: true }],
    ['x8 steps', { reps: 8 }],
    ['5/direction', { bare: 5, each: true, eachWay: true }],
    ['6 fwd 6 back', { bare: 6, each: true, eachWay: true }],
    ['2 x 12 reps', { sets: 2, reps: 12 }],
    ['3 sets of 30 seconds', { sets: 3, seconds: 30 }],
    ['30s x 2 each leg', { seconds: 30, sets: 2, each: true, eachLimb: true }],
    ['half a minute', { seconds: 30 }],
    ['a minute and a half', { seconds: 90 }],
    ['1:30', { seconds: 90 }],
    ['hold for 20 secs l/r', { held: true, seconds: 20, each: true }],
    ['ten times', { reps: 10 }],
    ['8-10 reps', { reps: 8, to: 10 }],
    ['5 slow breaths per side', { breaths: 5, each: true, eachLimb: true }],
    ['left only 15 s', { only: 'left', seconds: 15 }],
    ['12', { bare: 12 }],
    ['', {}],
  ])('%s is an amount', (typed, dose) => {
    expect(readSaidDose(typed).dose).toEqual(dose);
  });

  test('numbers that are a part of a name stay in it', () => {
    expect(readSaidDose('one-leg stand 10s').words).toBe('one-leg stand');
    expect(readSaidDose('seated figure four 20s each').words).toBe('seated figure four');
    expect(readSaidDose('1. figure of eight, 1 min').words).toBe('figure of eight');
  });

  test('a rest is a rest', () => {
    expect(readPlainRest('rest 30')).toBe(30);
    expect(readPlainRest('short break 1 min')).toBe(60);
    expect(readPlainRest('water break for 45 secs')).toBe(45);
    expect(readPlainRest('lying rest breath 5')).toBeUndefined();
    expect(readPlainRest('seated forward rest 30s')).toBeUndefined();
  });

  test('words that mean no move are not taken for one', () => {
    for (const typed of [
      '',
      '30 s',
      'hoovering the carpet',
      'xyzzy 10',
      'kayak rolls in the river 5',
      'headstand 30s',
      'mountain climbers 20s',
      'lion’s breath 3',
      'pick apples 10',
      'read the register',
    ]) {
      expect(readPlainLine(typed, { group: 'older' }).sure).toBe(false);
    }
  });

  test('a name that is still being typed is not taken for a line', () => {
    for (const typed of ['seat', 'seated', 'stand', 'should', 'hamstring']) {
      expect(readPlainLine(typed, { group: 'older' }).sure).toBe(false);
    }
    expect(readPlainLine('cat cow', { group: 'older' }).sure).toBe(true);
  });

  test.each([
    'march left only 30s',
    'calf raises 400',
    'sit to stand 0 reps',
    'legs 20',
    'neck 5',
    'stretch 30s',
    'balance 10s',
  ])('%s is not taken: something of it would be lost, or guessed', (typed) => {
    expect(readPlainLine(typed, { group: 'older' }).sure).toBe(false);
  });

  test.each([
    ['3 sets of sit to stand', 'Sit to stand: 8 reps x3'],
    ['bridge 3x8 hold 5s', 'Bridge: 8 reps x3, held 5s'],
    ['bridge 10 reps hold 5 seconds', 'Bridge: 10 reps, held 5s'],
    ['heel raises no hands 10', 'Heel raises: 10 reps, support none'],
    ['bicep curl 1kg 2 x 12', 'Bottle curl: 12 reps x2    # 1 kg'],
    ['tandem stance 10s eyes closed', 'Tandem stance: hold 10s, with eyes closed'],
  ])('%s keeps all that is said', (typed, strict) => {
    const { choices, sure } = readPlainLine(typed, { group: 'older' });
    expect(choices[0]?.text).toBe(strict);
    expect(sure).toBe(true);
  });

  test('what is said of moves is said of moves that are there, once each', () => {
    const names = new Set(SHIPPED.moves.map(({ name }) => name));
    expect([...SPOKEN_NAMES.keys()].filter((name) => !names.has(name))).toEqual([]);
    for (const said of SPOKEN_NAMES.values()) {
      expect(new Set(said).size).toBe(said.length);
      expect(said.filter((one) => one !== one.trim() || one === '')).toEqual([]);
    }
    expect([...SPOKEN_NAMES.values()].flat().length).toBeGreaterThan(1500);
  });

  test('words that say nothing of the move are told', () => {
    expect(readPlainLine('10 shoulder rolls to harbour bells', { group: 'older' }).unknown).toEqual(
      ['harbour', 'bells'],
    );
  });

  test.each([
    ['bridge with ball squeeze 10', 'Bridge: 10 reps', ['ball', 'squeeze']],
    ['march with arm circles 1 min', 'Marching: for 1:00', ['arm', 'circles']],
    [
      'stand on one leg while brushing teeth 10s',
      'One-leg stance: hold 10s',
      ['brushing', 'teeth'],
    ],
  ])('%s: what it would be done with is passed over, and told', (typed, text, passed) => {
    expect(readTypedLine(typed, { group: 'older' })).toMatchObject({ text, passed });
  });

  test.each([
    ['Lie on your back, knees bent, lift hips 10 times', 'Bridge: 10 reps'],
    ['On hands and knees arch and round the back 8 times', 'All-fours cat: 8 reps'],
    ['Lie on side, open and close top knee 12 each side', 'Clamshell: 12 reps, each side'],
    [
      'Sit on edge of chair, extend one leg, lean forward, 20 sec each',
      'Seated hamstring reach: hold 20s, each side',
    ],
    ['bed: ankle pumps 20', 'Ankle pumps: 20 reps, level lying'],
    ['legs: heel raises seated x20', 'Seated heel raises: 20 reps'],
    ['wrists - fingers back stretch 15s', 'Wrist stretch: hold 15s'],
    ['standing: sit to stand x8', 'Sit to stand: 8 reps'],
  ])('%s: what sets people up says where, and names nothing', (typed, text) => {
    expect(asOlder(typed)).toMatchObject({ text, passed: [] });
  });

  test.each([
    ['band overhead press 8', 'Bottle press: 8 reps', ['band']],
    ['10 x sit to stand then rest', 'Sit to stand: 10 reps', ['rest']],
    ['gentle marching on the spot, 2 min, build up pace', 'Marching: for 2:00', undefined],
  ])(
    '%s: a name at an end or in a part of it is taken, and the rest told',
    (typed, text, passed) => {
      const read = asOlder(typed);
      expect(read.text).toBe(text);
      if (passed) expect(read.passed).toEqual(passed);
      else expect(read.passed).not.toEqual([]);
    },
  );

  test('where people are is never passed over', () => {
    expect(asOlder('hip abd with band seated x12').text).not.toMatch(/^Side leg raise/);
    expect(asOlder('heel raises holding back of chair 15').text).toBe('Heel raises: 15 reps');
  });

  test('a clause that is wrong in a strict line is a problem, and not passed over', () => {
    for (const typed of ['seated twist: 30s sideways', 'seated twist: hold 30s, each sde']) {
      expect(asOlder(typed)).toMatchObject({ text: '', problem: expect.anything() });
    }
  });

  test('two moves in a line are none', () => {
    expect(asOlder('march & turn head x20').text).toBe('');
    expect(asOlder('shoulder shrug + roll 10').text).toBe('');
  });

  test.each([
    ['heel raises with one hand on the chair 10', 'Heel raises: 10 reps, support one hand'],
    ['toe raises holding chair 10', 'Toe raises: 10 reps, level standing and held'],
    [
      'downward dog at the wall 5 breaths',
      'Hips high, knees soft: 5 breaths, level hands on the seat',
    ],
  ])('%s: where people stand and hold on is kept', (typed, text) => {
    expect(readTypedLine(typed, { group: 'older' }).text).toBe(text);
  });

  test.each([
    ['knuckles up 8 times', 'so many holds that nobody would do them'],
    ['final stretch 1 min', 'no move is meant'],
    ['touch your toes 5', 'fewer seconds than it is held'],
    ['lunges 8 each leg holding chair', 'reps, of what is held'],
    ['plank in the chair 20s', 'it is never done there'],
    ['sit to stand with counter support 6', 'what hands hold on to would be lost'],
  ])('%s is not taken: %s', (typed) => {
    expect(readTypedLine(typed, { group: 'older' }).text).toBe('');
  });

  test('who gets up off the floor does not get up from a chair', () => {
    const { text } = readTypedLine('get up off the floor practice 2', { group: 'older' });
    expect(text).not.toMatch(/^Sit to stand/);
  });

  test('a place is where it is done, and nothing that it asks for', () => {
    const { text } = readTypedLine('Hip abduction standing 10 each side', { group: 'older' });
    expect(text).toBe('Side leg raise at the chair: 10 reps, each side');
  });

  test('a part of a name that people call another move is that one', () => {
    expect(readTypedLine('forward fold 30s', { group: 'older' }).text).toMatch(
      /^Seated forward rest/,
    );
    expect(readTypedLine('cat cow 8', { group: 'older' }).text).toMatch(/^All-fours cat/);
  });

  test('of two that fit, where people are decides', () => {
    const at = (place: 'stand-chair' | 'sit-front') =>
      readPlainLine('arm circles 30s', { group: 'older', at: place }).choices[0]?.move.name;
    expect(at('stand-chair')).toBe('Standing arm circles');
    expect(at('sit-front')).toBe('Seated arm circles');
  });
});
