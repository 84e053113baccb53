import { join } from 'node:path';
import { stalePages } from './main';

test('the pages made from the code are what the code would write', () => {
  expect(stalePages(join(__dirname, '../..'))).toEqual([]);
});
