import { parse, type ParseError } from 'jsonc-parser';
import { z } from 'zod';
import { fail, succeed, type Result } from '../result';
import { migratedRoutine } from './migrations';
import { ROUTINE_VERSION, routineSchema, type Routine } from './schema';

export const ROUTINE_FORMAT = 'hushed-willow-routine';

/** What an exported routine looks like; described in docs/formats.md. */
export interface RoutineFile {
  readonly format: typeof ROUTINE_FORMAT;
  readonly version: number;
  readonly routine: Routine;
}

export type FileProblem =
  | { readonly code: 'not-json'; readonly line: number; readonly column: number }
  | { readonly code: 'wrong-format' }
  | { readonly code: 'newer-version'; readonly version: number }
  | { readonly code: 'invalid'; readonly path: string; readonly detail: string };

const envelopeSchema = z.object({ format: z.literal(ROUTINE_FORMAT), version: z.int().min(1) });
const fileSchema = z.strictObject({
  format: z.literal(ROUTINE_FORMAT),
  version: z.literal(ROUTINE_VERSION),
  routine: routineSchema,
});

export function writeRoutineFile(routine: Routine): string {
  const file: RoutineFile = { format: ROUTINE_FORMAT, version: ROUTINE_VERSION, routine };
  return JSON.stringify(file, null, 2) + '\n';
}

/** Reads an exported routine; a newer version is refused, not guessed at. */
export function readRoutineFile(text: string): Result<Routine, FileProblem> {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return fail({ code: 'not-json', ...placeOfJsonError(text) });
  }
  const envelope = envelopeSchema.safeParse(data);
  if (!envelope.success) return fail({ code: 'wrong-format' });
  const { version } = envelope.data;
  if (version > ROUTINE_VERSION) return fail({ code: 'newer-version', version });
  const file = fileSchema.safeParse(broughtUp(data, version));
  if (file.success) return succeed(file.data.routine);
  const problems = file.error.issues.slice(0, 20).map(({ path, message }): FileProblem => ({
    code: 'invalid',
    path: path.map(String).join('.'),
    detail: message,
  }));
  return fail(...problems);
}

/** A file of an earlier version as today's; what is wrong with it is for the schema to say. */
function broughtUp(data: unknown, version: number): unknown {
  if (version === ROUTINE_VERSION || typeof data !== 'object' || data === null) return data;
  const routine = 'routine' in data ? migratedRoutine(data.routine, version) : undefined;
  return { ...data, version: ROUTINE_VERSION, routine };
}

/** Where a JSON text breaks; engines word their errors too differently to read it from those. */
function placeOfJsonError(text: string): { line: number; column: number } {
  const errors: ParseError[] = [];
  parse(text, errors, { disallowComments: true });
  const before = text.slice(0, errors[0]?.offset ?? text.length).split('\n');
  return { line: before.length, column: (before.at(-1)?.length ?? 0) + 1 };
}
