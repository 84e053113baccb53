import { routineIdSchema } from '@/core/common';
import { unmarked, type Mark, type Row } from '@/state/hall';
import { ALL, allTags, shownRows, tagsIn } from './shown-rows';

const row = (title: string, totalMs: number, words: Partial<Row> = {}): Row => ({
  id: routineIdSchema.parse(title.toLowerCase()),
  title,
  group: 'older',
  totalMs,
  band: '',
  where: ['chair'],
  ...words,
});
const mark = (one: Row, words: Partial<Mark>): Mark => ({ ...unmarked(one.id), ...words });

const [alder, beech, cedar] = [
  row('Alder', 600_000),
  row('Beech', 900_000, { group: 'desk', where: ['standing'] }),
  row('Cedar', 300_000, { where: ['floor', 'chair'] }),
];
const ROWS = [
  { row: cedar, mark: mark(cedar, { tags: ['Thursday'], ledAt: '2026-03-02T10:00:00+01:00' }) },
  { row: alder, mark: mark(alder, { archived: true }) },
  {
    row: beech,
    mark: mark(beech, { tags: ['Thursday', 'calm'], ledAt: '2026-03-04T10:00:00+01:00' }),
  },
];
const titles = (wanted: Partial<typeof ALL>) =>
  shownRows(ROWS, { ...ALL, ...wanted }).map(({ row: own }) => own.title);

describe('the list of routines', () => {
  test('what is archived is not among those in use', () => {
    expect(titles({})).toEqual(['Beech', 'Cedar']);
    expect(titles({ archived: true })).toEqual(['Alder']);
  });

  test('words find titles, groups, places and tags', () => {
    expect(titles({ words: 'ced' })).toEqual(['Cedar']);
    expect(titles({ words: 'floor' })).toEqual(['Cedar']);
    expect(titles({ words: 'calm standing' })).toEqual(['Beech']);
    expect(titles({ words: 'calm floor' })).toEqual([]);
    expect(titles({ tag: 'Thursday' })).toEqual(['Beech', 'Cedar']);
  });

  test('they stand in the order that is wanted', () => {
    expect(titles({ sort: 'led' })).toEqual(['Beech', 'Cedar']);
    expect(titles({ sort: 'shortest' })).toEqual(['Cedar', 'Beech']);
    expect(titles({ sort: 'longest' })).toEqual(['Beech', 'Cedar']);
  });

  test('tags are typed with commas, each once and none too long', () => {
    expect(tagsIn(' a,b ,, a,  much   too long ', 8, 8)).toEqual(['a', 'b', 'much too']);
    expect(tagsIn('1,2,3', 2, 8)).toEqual(['1', '2']);
    expect(allTags(ROWS)).toEqual(['calm', 'Thursday']);
  });
});
