export const BIN = {
  title: 'Bin',
  hint: (days: number) => `What you delete stays here for ${days} days.`,
  lot: (routines: number) =>
    `Demo data with ${routines === 1 ? '1 routine' : `${routines} routines`}`,
  empty: 'Nothing is in the bin.',
  left: (days: number) =>
    days <= 0 ? 'goes today' : days === 1 ? '1 day left' : `${days} days left`,
  clearDemo: 'Clear the demo data…',
  restore: 'Bring back',
  restoreOne: (title: string) => `Bring back ${title}`,
  gone: 'Delete for good',
  goneOne: (title: string) => `Delete ${title} for good`,
};
