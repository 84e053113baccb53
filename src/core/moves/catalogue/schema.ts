import { partFaults } from './faults';
import { moveShape } from './shape';

/** A move whose parts go together, whoever wrote it. */
export const moveSchema = moveShape.superRefine((move, context) => {
  for (const { path, code, about, most } of partFaults(move)) {
    context.addIssue({ code: 'custom', path: [...path], message: code, params: { about, most } });
  }
});
