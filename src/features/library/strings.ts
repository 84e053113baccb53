import type { Notice } from '@/state';

export const LIBRARY = {
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
  delete: 'Delete',
  inUse: 'Saved in this browser.',
  kept: 'This browser has promised to keep what is saved here.',
  notKept:
    'This browser may clear what is saved here when space runs short: save routines as files too.',
  general: 'General guidance for instructors, not medical advice.',
};

export const BRING_IN = {
  title: 'Bring in a routine',
  hint: 'Paste routine text, or choose a file that was saved here. Nothing is changed until you add it.',
  label: 'Routine text',
  choose: 'Choose a file',
  add: 'Add routine',
  tooBig: (name: string) => `${name} is larger than 1 MB, so it was not read.`,
  problems: (count: number) =>
    count === 1 ? 'One place needs a change:' : `${count} places need a change:`,
  nothing: 'There is no move in this text yet.',
  place: (line: number, column: number) => `Line ${line}, column ${column}`,
  good: (title: string, items: number) =>
    `${title}: ${items} ${items === 1 ? 'item' : 'items'}, no problems.`,
};

/** What each notice says, in one or two short sentences. */
export function noticeText(notice: Notice): string {
  switch (notice.kind) {
    case 'demo-loaded':
      return 'These are demo routines and runs from a made-up harbour town, for you to try.';
    case 'routine-deleted':
      return `“${notice.routine.title}” is deleted.`;
    case 'emptied':
      return 'The demo data is cleared away.';
    case 'set-aside':
      return `“${notice.name}” could not be read and is set aside. The rest is here. Save it as a file to have it looked at.`;
    case 'newer':
      return `“${notice.name}” was saved by a newer version of this application. It is kept, but can't be opened here.`;
    case 'not-saved':
      return `“${notice.title}” could not be saved: the browser's storage may be full. Save it as a file now.`;
    case 'run-not-saved':
      return `The run of “${notice.title}” could not be saved: the browser's storage may be full. Save the record as a table.`;
    case 'storage-closed':
      return "The browser's storage can't be opened. What you do now will be lost when you close this page.";
    case 'other-tab':
      return `“${notice.title}” was changed in another tab at the same time. Your version is kept as “${notice.copyTitle}”.`;
    case 'brought-in':
      return `“${notice.title}” is added.`;
  }
}

export const NOTICE = {
  close: 'Close',
  startEmpty: 'Start empty',
  takeBack: 'Bring back',
  saveFile: 'Save as a file',
  letGo: 'Let it go',
  open: 'Open',
};
