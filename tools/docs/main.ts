import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { z } from 'zod';
import { runSchema } from '@/core/class';
import { peopleFileSchema } from '@/core/people';
import { ROUTINE_FORMAT, ROUTINE_VERSION, routineSchema } from '@/core/routine';
import { movesFileSchema } from '@/core/writing';
import { makeDemo } from '@/state/demo/make';
import { checksPage } from './checks-page';
import { limitsPage } from './limits-page';
import { wingsPicture } from './wings';

const SCHEMAS: Readonly<Record<string, z.ZodType>> = {
  'docs/schema/routine.schema.json': z.strictObject({
    format: z.literal(ROUTINE_FORMAT),
    version: z.literal(ROUTINE_VERSION),
    routine: routineSchema,
  }),
  'docs/schema/run.schema.json': runSchema,
  'docs/schema/people.schema.json': peopleFileSchema,
  'docs/schema/moves.schema.json': movesFileSchema,
};

/** The pages, the picture, schemas and data that are made from the code, by path. */
export function madePages(root: string): ReadonlyMap<string, string> {
  const schemas = Object.entries(SCHEMAS).map(([path, schema]) => {
    const json = z.toJSONSchema(schema, { io: 'input', reused: 'ref' });
    return [path, JSON.stringify(json, null, 2) + '\n'] as const;
  });
  return new Map([
    ...schemas,
    ['docs/checks.md', checksPage()],
    ['docs/limits.md', limitsPage()],
    ['docs/wings.svg', wingsPicture(root)],
    ['src/state/demo/made.json', JSON.stringify(makeDemo()) + '\n'],
  ]);
}

/** Files whose text is not what the code would write. */
export function stalePages(root: string): readonly string[] {
  return [...madePages(root)].flatMap(([path, text]) => {
    try {
      return readFileSync(join(root, path), 'utf8') === text ? [] : [path];
    } catch {
      return [path];
    }
  });
}

function write(root: string): void {
  for (const [path, text] of madePages(root)) {
    mkdirSync(dirname(join(root, path)), { recursive: true });
    writeFileSync(join(root, path), text);
  }
}

if (process.argv.includes('--write')) write(process.cwd());
