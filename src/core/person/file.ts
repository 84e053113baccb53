import { fail, succeed, type Result } from '../result';
import { PEOPLE_FORMAT, peopleFileSchema, type PeopleFile } from './schema';

/** Where a people file is wrong, and how. */
export interface PeopleProblem {
  readonly path: string;
  readonly detail: string;
}

/** Reads a people file whole; nothing of a wrong one is taken. */
export function readPeopleFile(text: string): Result<PeopleFile, PeopleProblem> {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return fail({ path: '', detail: `not a ${PEOPLE_FORMAT} file` });
  }
  const file = peopleFileSchema.safeParse(data);
  if (file.success) return succeed(file.data);
  return fail(
    ...file.error.issues
      .slice(0, 20)
      .map(({ path, message }) => ({ path: path.map(String).join('.'), detail: message })),
  );
}
