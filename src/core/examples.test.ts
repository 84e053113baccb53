import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import * as body from './body';
import * as lead from './class';
import * as common from './common';
import * as moves from './moves';
import * as people from './people';
import * as routine from './routine';
import * as timing from './timing';

/** What an example may use: all that the wings hand out. */
const HANDED_OUT = { ...common, ...body, ...moves, ...people, ...routine, ...timing, ...lead };

function filesIn(folder: string): readonly string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return filesIn(path);
    return path.endsWith('.ts') && !path.endsWith('.test.ts') ? [path] : [];
  });
}

const examples = filesIn(__dirname).flatMap((path) =>
  [...readFileSync(path, 'utf8').matchAll(/@example (.+?) \/\/ (.+)/g)].map(
    ([, call = '', result = '']) => [call, result] as const,
  ),
);

/** The examples are code of our own, from the files beside this one. */
function value(code: string): unknown {
  return new Function(...Object.keys(HANDED_OUT), `return (${code});`)(
    ...Object.values(HANDED_OUT),
  ) as unknown;
}

test.each(examples)('%s is %s', (call, result) => {
  expect(value(call)).toEqual(value(result));
});

test('there are examples where they help', () => {
  expect(examples.length).toBeGreaterThanOrEqual(20);
});
