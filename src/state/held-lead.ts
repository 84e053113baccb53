import type { KeptLead } from '@/core/class';
import type { LeadInProgress } from './lead';

/** A class as it is kept and told: the monotonic clock of a page means nothing outside of it. */
export function heldLead({ runId, startedAt, groupId, lead }: LeadInProgress): KeptLead {
  const { edits, skips, events } = lead;
  return {
    runId,
    startedAt,
    ...(groupId && { groupId }),
    lead: {
      ...lead,
      edits: edits.map((one) => ('lanes' in one ? { ...one, lanes: [...one.lanes] } : one)),
      skips: [...skips],
      events: [...events],
      clockMs: null,
    },
  };
}
