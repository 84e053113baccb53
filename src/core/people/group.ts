import type { GroupName } from '@/core/common';
import type { PositionId } from '@/core/body';
import type { LaneName } from './lane/lanes';

/** What a class for a group starts with where its routine says nothing. */
export interface GroupStart {
  /** Ways of taking part, the leading one first. */
  readonly lanes: readonly LaneName[];
  /** Where everybody begins and ends. */
  readonly home: PositionId;
}

/** The starting points of the four groups; a routine can change both. */
export const GROUPS: Readonly<Record<GroupName, GroupStart>> = {
  desk: { lanes: ['chair', 'stand'], home: 'sit-front' },
  older: { lanes: ['chair', 'stand-held', 'stand'], home: 'sit-front' },
  chair: { lanes: ['chair'], home: 'sit-back' },
  standing: { lanes: ['stand'], home: 'stand' },
};
