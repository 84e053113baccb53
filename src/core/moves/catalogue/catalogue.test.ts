import { countWords, SIDED_POSITIONS, POSITION_IDS } from '@/core/body';
import { searchMoves } from '@/core/writing';
import { SHIPPED } from './catalogue';
import { usualLevel } from './move';
import { foldName } from './names';
import { moveNamed, nameAtStart, nearestNames } from './naming';

describe('the catalogue', () => {
  test('has the moves that examples and demo data name', () => {
    const names = [
      'Seated cat',
      'Seated round and lift',
      'Seated march',
      'Leg extend and bend',
      'Neck side tilt',
      'Seated hamstring reach',
      'Seated twist',
      'Seated figure four',
      'Sit to stand',
      'Lift off the backrest',
      'Scoot to the front',
      'Lean over the feet',
      'Tandem stance',
      'Standing side bend',
      'Bridge',
      'Marching',
      'Open book',
      'Seated easy breath',
    ];
    expect(names.filter((name) => !moveNamed(SHIPPED, name))).toEqual([]);
  });

  test('reaches seat, standing and floor, all ways of sides, and at least four kinds', () => {
    const froms = SHIPPED.moves.map((move) => usualLevel(move).from);
    for (const from of ['sit-front', 'stand', 'lying-back']) expect(froms).toContain(from);
    expect(new Set(SHIPPED.moves.map(({ sides }) => sides))).toEqual(
      new Set(['both', 'each', 'alternating']),
    );
    expect(new Set(SHIPPED.moves.map(({ kind }) => kind)).size).toBeGreaterThanOrEqual(4);
  });

  test('names and ids stand once', () => {
    const names = SHIPPED.moves
      .flatMap(({ name, otherNames }) => [name, ...otherNames])
      .map(foldName);
    expect(new Set(names).size).toBe(names.length);
    expect(new Set(SHIPPED.moves.map(({ id }) => id)).size).toBe(SHIPPED.moves.length);
  });

  test.each(SHIPPED.moves.map((move) => [move.name, move] as const))(
    '%s is complete',
    (_, move) => {
      expect(move.regions.length).toBeGreaterThan(0);
      expect(move.levels.length).toBeGreaterThanOrEqual(2);
      expect(move.levels.filter(({ usual }) => usual)).toHaveLength(1);
      expect(move.sides === 'both').toBe(move.sideMeans === undefined);
      expect(countWords(move.cues.setUp)).toBeLessThanOrEqual(25);
      expect(countWords(move.cues.go)).toBeLessThanOrEqual(12);
      expect(countWords(move.cues.short)).toBeLessThanOrEqual(5);
      const places: readonly string[] = [...POSITION_IDS, ...SIDED_POSITIONS];
      for (const { from, through, to } of move.levels) {
        for (const place of [from, ...through, to]) expect(places).toContain(place);
      }
      const { cues } = move;
      for (const cue of [cues.setUp, cues.go, cues.short, cues.easier, cues.further, cues.wayOut]) {
        expect(cue.trim().length).toBeGreaterThan(0);
        if (move.sides === 'both') expect(cue).not.toMatch(/\{(side|other)\}/);
      }
    },
  );

  test('what may be led a rep a breath says nothing of a breath to each half', () => {
    const led = SHIPPED.moves.filter(({ dose, doseFor }) =>
      [dose, ...Object.values(doseFor ?? {})].some((one) => one.kind === 'reps' && one.breath),
    );
    expect(led.length).toBeGreaterThan(3);
    for (const { cues, levels } of led) {
      for (const { breath = '' } of [cues, ...levels.map(({ words }) => words ?? {})])
        expect(breath).not.toMatch(/each half/i);
    }
  });

  test('a stance is taken standing', () => {
    const stances = SHIPPED.moves.flatMap(({ levels }) => levels.filter(({ stance }) => stance));
    expect(stances.length).toBeGreaterThan(0);
    for (const { from } of stances) expect(from).toMatch(/^stand/);
  });

  test('the set-up of the seated figure four has twenty words', () => {
    expect(countWords(moveNamed(SHIPPED, 'Seated figure four')?.cues.setUp ?? '')).toBe(20);
  });

  test('an exact name wins, else a part that only one move has', () => {
    expect(moveNamed(SHIPPED, '  seated   TWIST ')?.name).toBe('Seated twist');
    expect(moveNamed(SHIPPED, 'hamstring')?.name).toBe('Seated hamstring reach');
    expect(moveNamed(SHIPPED, 'seated')).toBeUndefined();
    expect(moveNamed(SHIPPED, '')).toBeUndefined();
  });

  test('the longest whole name at the start of a line is taken', () => {
    expect(nameAtStart(SHIPPED, 'sit to stand 8 reps')?.move.name).toBe('Sit to stand');
    expect(nameAtStart(SHIPPED, 'bridges')).toBeUndefined();
  });

  test('offers the nearest names and finds by region', () => {
    expect(nearestNames(SHIPPED, 'seatd twits')[0]).toBe('Seated twist');
    for (const { regions } of searchMoves(SHIPPED, 'buttocks'))
      expect(regions).toContain('buttocks');
    expect(searchMoves(SHIPPED, 'calf').map(({ name }) => name)).toContain('Wall calf stretch');
    expect(searchMoves(SHIPPED, 'no such thing')).toEqual([]);
  });
});
