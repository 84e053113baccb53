import type { RowPlace } from '@/state/hall';

export const PLACE_WORDS: Readonly<Record<RowPlace, string>> = {
  floor: 'floor',
  kneeling: 'kneeling',
  chair: 'chair',
  standing: 'standing',
};

export const SORTS = ['title', 'led', 'longest', 'shortest'] as const;
export type Sort = (typeof SORTS)[number];

export const SORT_WORDS: Readonly<Record<Sort, string>> = {
  title: 'By title',
  led: 'Last led first',
  longest: 'Longest first',
  shortest: 'Shortest first',
};

export const ROUTINES = {
  title: 'Routines',
  record: 'Record',
  moves: 'Moves',
  new: 'New routine',
  bringIn: 'Bring in',
  untitled: 'New routine',
  empty: 'No routines yet.',
  emptyHint: 'Start a new one, or bring one in from text or a file.',
  more: (title: string) => `More for ${title}`,
  less: (title: string) => `Less for ${title}`,
  rename: 'Rename',
  renameLabel: 'New title',
  keepTitle: 'Keep title',
  duplicate: 'Duplicate',
  copyOf: (title: string) => `${title} (copy)`.slice(-120).trim(),
  saveFile: 'Save as a file',
  saveText: 'Save as text',
  print: 'Print',
  delete: 'Delete',
  lead: 'Lead',
  leadOne: (title: string) => `Lead ${title}`,
  find: 'Find a routine',
  show: 'Sort and narrow',
  sort: 'In which order',
  tag: 'With the tag',
  anyTag: 'Any',
  which: 'Which ones',
  inUseOnes: 'In use',
  archive: 'Archive',
  bin: 'Bin',
  nothing: 'No routine has all of that.',
  noneArchived: 'Nothing is in the archive.',
  clear: 'Show all',
  neverLed: 'not led yet',
  led: (day: string) => `led ${day}`,
  found: (words: string) => `findings: ${words}`,
  tags: 'Tags, with commas between',
  keepTags: 'Keep tags',
  toArchive: 'Put in the archive',
  fromArchive: 'Take out of the archive',
  copyFor: 'Copy for others',
  copyGroup: 'For whom',
  copySlot: 'For how long, such as 20:00; empty as it is',
  copySlotWrong: 'Write minutes and seconds, such as 20:00, or 20 for minutes.',
  makeCopy: 'Make the copy',
  forGroup: (title: string, group: string) => `${title}, ${group.toLowerCase()}`.slice(0, 120),
  inUse: 'Saved in this browser.',
  kept: 'This browser has promised to keep what is saved here.',
  notKept:
    'This browser may clear what is saved here when space runs short: save routines as files too.',
  general: 'General guidance for instructors, not medical advice.',
};
