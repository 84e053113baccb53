import type { Result } from '@/core/common';
import { readEnvelope, type FileKind, type FileProblem } from '@/core/common/file';
import { PEOPLE_FORMAT, PEOPLE_VERSION, peopleFileSchema, type PeopleFile } from './schema';

const KIND: FileKind<PeopleFile> = {
  format: PEOPLE_FORMAT,
  version: PEOPLE_VERSION,
  schema: peopleFileSchema,
};

/** Reads a people file whole; nothing of a wrong one is taken. */
export function readPeopleFile(text: string): Result<PeopleFile, FileProblem> {
  return readEnvelope(text, KIND);
}
