/** The four groups that a routine may be for; each has its pace, its lanes and its doses. */
export const GROUP_NAMES = ['desk', 'older', 'chair', 'standing'] as const;
export type GroupName = (typeof GROUP_NAMES)[number];
