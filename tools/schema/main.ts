import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { z } from 'zod';
import { runSchema } from '@/core/record';
import { ROUTINE_FORMAT, ROUTINE_VERSION, routineSchema } from '@/core/routine';

const FOLDER = 'docs/schema';

const SCHEMAS: Readonly<Record<string, z.ZodType>> = {
  'routine.schema.json': z.strictObject({
    format: z.literal(ROUTINE_FORMAT),
    version: z.literal(ROUTINE_VERSION),
    routine: routineSchema,
  }),
  'run.schema.json': runSchema,
};

/** The JSON Schema of what goes out, made from the schemas that check what comes in. */
export function schemaTexts(): ReadonlyMap<string, string> {
  return new Map(
    Object.entries(SCHEMAS).map(([name, schema]) => {
      const json = z.toJSONSchema(schema, { io: 'input', reused: 'ref' });
      return [name, JSON.stringify(json, null, 2) + '\n'];
    }),
  );
}

export function writeSchemas(root: string): void {
  mkdirSync(join(root, FOLDER), { recursive: true });
  for (const [name, text] of schemaTexts()) writeFileSync(join(root, FOLDER, name), text);
}

/** Files whose text is not what the code would write. */
export function staleSchemas(root: string): readonly string[] {
  return [...schemaTexts()].flatMap(([name, text]) => {
    try {
      return readFileSync(join(root, FOLDER, name), 'utf8') === text ? [] : [name];
    } catch {
      return [name];
    }
  });
}

if (process.argv.includes('--write')) writeSchemas(process.cwd());
