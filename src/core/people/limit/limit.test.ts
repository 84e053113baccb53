import { LOADS, type Load } from '@/core/body';
import { moveIdSchema } from '@/core/common';
import { SHIPPED, levelNamed, moveById } from '@/core/moves';
import { barsOf, bitesOn, clearOf, effectsOf } from './effects';
import { LIMIT_TABLE, NOT_ASKED, limitNamed } from './limits';
import { LIMITS } from './names';
import { TABLE } from './table';
import { rowOf, table, type RowName } from './table/cells';
import { LEGS } from './table/legs';

const ONE = Object.fromEntries(Object.keys(LEGS.rows).map((name) => [name, '-'])) as Record<
  RowName,
  '-'
>;

const levelOf = (move: string, level: string) => {
  const found = levelNamed(moveById(SHIPPED, moveIdSchema.parse(move)), level);
  if (!found) throw new Error(`${move}: ${level}`);
  return found;
};

describe('the table of limits', () => {
  const ROWS = TABLE.map(({ loads, rows }) => ({ loads: loads as readonly Load[], rows }));

  test('every load has one column, and every row a cell in it', () => {
    const all = ROWS.flatMap(({ loads }) => loads);
    expect(all.toSorted()).toEqual([...LOADS].sort());
    for (const { loads, rows } of ROWS) {
      for (const [name, row] of Object.entries(rows)) {
        expect([name, row.split(/ +/u).length]).toEqual([name, loads.length]);
      }
    }
  });

  test('a row or a cell that is missing does not compile', () => {
    const { hearing, ...short } = ONE;
    expect(hearing).toBe('-');
    table(['kneel'], ONE);
    // @ts-expect-error a cell is missing in every row
    table(['kneel', 'deep-knee'], ONE);
    // @ts-expect-error a cell too many in one
    table(['kneel'], { ...ONE, hearing: '- -' });
    // @ts-expect-error no such cell
    table(['kneel'], { ...ONE, hearing: 'y' });
    // @ts-expect-error a row is missing
    table(['kneel'], short);
  });

  test('what is out with less in the hands may ask for care with more, and nothing is said twice', () => {
    for (const one of [NOT_ASKED, ...Object.values(LIMIT_TABLE)]) {
      const out = one.out.map(({ load }) => load);
      const care = one.care.map(({ load }) => load);
      expect(new Set(out).size).toBe(out.length);
      expect(new Set(care).size).toBe(care.length);
      for (const both of one.out.filter(({ load }) => care.includes(load))) {
        expect(both.below).toBeDefined();
      }
    }
  });

  test('cells are read as they are written', () => {
    const decided = (row: string) =>
      rowOf([table(['kneel'], { ...ONE, hearing: row as '-' })], 'hearing');
    const kneel = { load: 'kneel' };
    expect(decided('-')).toEqual({ out: [], care: [] });
    expect(decided('c')).toEqual({ out: [], care: [kneel] });
    expect(decided('x2')).toEqual({ out: [{ ...kneel, below: 'two hands' }], care: [] });
    expect(decided('cfs')).toEqual({
      out: [],
      care: [{ ...kneel, below: 'fingertips', standing: true }],
    });
    expect(decided('x1c')).toEqual({ out: [{ ...kneel, below: 'one hand' }], care: [kneel] });
    expect(decided('x1c2')).toEqual({
      out: [{ ...kneel, below: 'one hand' }],
      care: [{ ...kneel, below: 'two hands' }],
    });
  });

  test('a hip whose approach nobody knows is kept from both', () => {
    const out = (name: (typeof LIMITS)[number]) => limitNamed(name).out.map(({ load }) => load);
    const both = new Set([
      ...out('hip replaced back approach'),
      ...out('hip replaced front approach'),
    ]);
    expect([...out('hip replaced')].sort()).toEqual([...both].sort());
    expect(out('hip fracture')).toEqual(
      expect.arrayContaining([...out('hip replaced'), 'one-leg']),
    );
  });

  test('a fracture of the spine rules out all that thin bones do, and more', () => {
    const thin = LIMIT_TABLE['low bone density'].out;
    expect(LIMIT_TABLE['spine fracture'].out).toEqual(expect.arrayContaining([...thin]));
    expect(LIMIT_TABLE['spine fracture'].out.length).toBeGreaterThan(thin.length);
  });

  test('fainting and freezing ask for 60 + 30 s on rising', () => {
    for (const name of ['faint on rising', 'parkinson'] as const) {
      expect(limitNamed(name).rising).toEqual({ risingMs: 60_000, standingMs: 30_000 });
    }
  });
});

describe('where a limit bites', () => {
  const reach = levelOf('seated-hamstring-reach', 'knee soft');

  test('a limb’s limit bites on its own side only', () => {
    const [effect] = effectsOf([{ limit: 'hip replaced back approach', side: 'left' }]);
    if (!effect) throw new Error('no effect');
    const load = { load: effect.load, on: 'worked' } as const;
    expect(bitesOn(effect, load, reach, 'none', ['left', 'right'])).toEqual(['left']);
    expect(bitesOn(effect, load, reach, 'none', ['right'])).toEqual([]);
    expect(bitesOn(effect, { ...load, on: 'other' }, reach, 'none', ['right'])).toEqual(['right']);
    expect(bitesOn(effect, load, reach, 'none', [])).toBeNull();
  });

  test('one leg is ruled out below two hands, and no more with two', () => {
    const effects = effectsOf([{ limit: 'stands only with hands held' }]);
    const bars = barsOf(effects);
    const level = levelOf('one-leg-stance', 'one hand');
    expect(clearOf(bars, level, 'one hand')).toBe(false);
    expect(clearOf(bars, level, 'two hands')).toBe(true);
  });

  test('what is cleared needs care where it was out, on the side that was cleared', () => {
    const limits = [{ limit: 'knee replaced', side: 'left' }] as const;
    const severity = (side?: 'left' | 'right') =>
      effectsOf(limits, [{ loads: ['kneel'], side }]).find(({ load }) => load === 'kneel')
        ?.severity;
    expect([severity(), severity('left'), severity('right')]).toEqual(['care', 'care', 'out']);
  });

  test('one bad knee or shoulder bars a way on that side alone', () => {
    const { route } = barsOf(
      effectsOf([
        { limit: 'knee replaced', side: 'right' },
        { limit: 'shoulder operated', side: 'left' },
      ]),
    );
    expect([...(route.kneesOut ?? [])]).toEqual(['right']);
    expect([...(route.shouldersOut ?? [])]).toEqual(['left']);
    expect(route.ruledOut?.has('kneel')).toBe(false);
    expect(route.ruledOut?.has('deep-knee')).toBe(true);
  });
});
