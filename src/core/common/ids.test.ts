import { routineIdSchema, slugOf, slugsOf } from './ids';

describe('ids', () => {
  test('what every object knows is none, since things are kept by their ids', () => {
    const known = Object.getOwnPropertyNames(Object.prototype);
    expect(known).toContain('constructor');
    expect(known.filter((name) => routineIdSchema.safeParse(name).success)).toEqual([]);
    expect(routineIdSchema.safeParse('constructor-2').success).toBe(true);
  });

  test('any name makes one', () => {
    const names = [
      'Constructor',
      'constructor',
      '',
      '!',
      'é',
      '漢字',
      `${'long '.repeat(40)}`,
      '-a-',
    ];
    const slugs = slugsOf(names);
    expect(slugs.filter((slug) => !routineIdSchema.safeParse(slug).success)).toEqual([]);
    expect(new Set(slugs).size).toBe(names.length);
    expect(slugOf('Child’s pose, wide')).toBe('childs-pose-wide');
  });
});
