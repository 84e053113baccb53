export const BIN = {
  title: 'Bin',
  hint: (days: number) => `A routine that was deleted stays here for ${days} days.`,
  empty: 'Nothing is in the bin.',
  left: (days: number) =>
    days <= 0 ? 'goes today' : days === 1 ? '1 day left' : `${days} days left`,
  restore: 'Bring back',
  restoreOne: (title: string) => `Bring back ${title}`,
  gone: 'Delete for good',
  goneOne: (title: string) => `Delete ${title} for good`,
};
