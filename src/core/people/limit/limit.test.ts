import { LOADS } from '@/core/body';
import { moveIdSchema } from '@/core/common';
import { SHIPPED, levelNamed, moveById } from '@/core/moves';
import { barsOf, bitesOn, clearOf, effectsOf } from './effects';
import { LIMITS, LIMIT_TABLE, NOT_ASKED, limitNamed } from './limits';

const levelOf = (move: string, level: string) => {
  const found = levelNamed(moveById(SHIPPED, moveIdSchema.parse(move)), level);
  if (!found) throw new Error(`${move}: ${level}`);
  return found;
};

describe('the table of limits', () => {
  test('no load of a limit is both out and cared for, and every one is known', () => {
    for (const one of [NOT_ASKED, ...Object.values(LIMIT_TABLE)]) {
      const out = one.out.map(({ load }) => load);
      const care = one.care.map(({ load }) => load);
      expect(out.filter((load) => care.includes(load))).toEqual([]);
      expect(new Set([...out, ...care]).size).toBe(out.length + care.length);
      for (const load of [...out, ...care]) expect(LOADS).toContain(load);
    }
  });

  test('a hip whose approach nobody knows is kept from both', () => {
    const out = (name: (typeof LIMITS)[number]) => limitNamed(name).out.map(({ load }) => load);
    const both = new Set([
      ...out('hip replaced back approach'),
      ...out('hip replaced front approach'),
    ]);
    expect([...out('hip replaced')].sort()).toEqual([...both].sort());
    expect(out('hip fracture')).toEqual([...out('hip replaced'), 'one-leg']);
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
