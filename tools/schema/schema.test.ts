import { join } from 'node:path';
import { staleSchemas } from './main';

test('docs/schema is what the code would write', () => {
  expect(staleSchemas(join(__dirname, '../..'))).toEqual([]);
});
