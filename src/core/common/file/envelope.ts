import { parse, type ParseError } from 'jsonc-parser';
import { z } from 'zod';
import { fail, succeed, type Result, problemsIn } from '../result';

export type FileProblem =
  | { readonly code: 'not-json'; readonly line: number; readonly column: number }
  | { readonly code: 'wrong-format' }
  | { readonly code: 'newer-version'; readonly version: number }
  | {
      readonly code: 'invalid';
      readonly path: string;
      /** The code of a fault, or what the schema says. */
      readonly detail: string;
      readonly about?: string;
      readonly most?: number;
    };

/** A kind of file that is exported and brought in: `format` and `version`, and what it holds. */
export interface FileKind<T> {
  readonly format: string;
  readonly version: number;
  /** The whole file, as today's version has it. */
  readonly schema: z.ZodType<T>;
  /** A file of an earlier version as today's; what is wrong with it is for the schema to say. */
  readonly broughtUp?: (data: Readonly<Record<string, unknown>>, version: number) => unknown;
}

const MOST_PROBLEMS = 20;

const envelopeSchema = z.looseObject({ format: z.string(), version: z.int().min(1) });

/** Reads an exported file whole; a newer version is refused, not guessed at. */
export function readEnvelope<T>(text: string, kind: FileKind<T>): Result<T, FileProblem> {
  const plain = text.replace(/^\uFEFF/u, '');
  let data: unknown;
  try {
    data = JSON.parse(plain);
  } catch {
    return fail({ code: 'not-json', ...placeOfJsonError(plain) });
  }
  const envelope = envelopeSchema.safeParse(data);
  if (!envelope.success || envelope.data.format !== kind.format) {
    return fail({ code: 'wrong-format' });
  }
  const { version } = envelope.data;
  if (version > kind.version) return fail({ code: 'newer-version', version });
  const today =
    version === kind.version ? data : (kind.broughtUp?.(envelope.data, version) ?? data);
  const file = kind.schema.safeParse(today);
  if (file.success) return succeed(file.data);
  const problems = problemsIn(
    file.error.issues.flatMap(ofNearestKind).slice(0, MOST_PROBLEMS).map(invalid),
  );
  return { ok: false, problems: problems ?? [{ code: 'wrong-format' }] };
}

/** Of what may be of several kinds, what is wrong with the kind that it comes nearest to. */
function ofNearestKind(issue: z.core.$ZodIssue): readonly z.core.$ZodIssue[] {
  if (issue.code !== 'invalid_union') return [issue];
  const kinds = issue.errors.map((own) =>
    own.flatMap(ofNearestKind).map((one) => ({ ...one, path: [...issue.path, ...one.path] })),
  );
  const wrongKind = ({ code, path }: z.core.$ZodIssue) =>
    code === 'invalid_type' && path.length === issue.path.length;
  const near = kinds.filter((own) => !own.some(wrongKind));
  const [fewest] = near.toSorted((a, b) => a.length - b.length);
  return fewest ?? [issue];
}

function invalid(issue: z.core.$ZodIssue): FileProblem {
  const path = issue.path.map(String).join('.');
  const said = issue.code === 'custom' ? issue.params : undefined;
  return { ...said, code: 'invalid', path, detail: issue.message };
}

export function writeEnvelope({ format, version }: FileKind<unknown>, inside: object): string {
  return JSON.stringify({ format, version, ...inside }, null, 2) + '\n';
}

/** Where a JSON text breaks; engines word their errors too differently to read it from those. */
function placeOfJsonError(text: string): { line: number; column: number } {
  const errors: ParseError[] = [];
  parse(text, errors, { disallowComments: true });
  const before = text.slice(0, errors[0]?.offset ?? text.length).split('\n');
  return { line: before.length, column: (before.at(-1)?.length ?? 0) + 1 };
}
