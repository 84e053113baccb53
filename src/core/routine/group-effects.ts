import { effectsNotAsked, effectsOf, type Effect } from '../limit';
import type { Routine } from './schema';

/** What the group's limits rule out or ask care for; an older group that was not asked has some. */
export function groupEffects({
  limits,
  pace,
}: Pick<Routine, 'limits' | 'pace'>): readonly Effect[] {
  if (limits) return effectsOf(limits);
  return pace === 'older' ? effectsNotAsked() : [];
}
