import type { Counts, Notice, Unsaved } from '@/state/hall';

/** What each notice says, in one or two short sentences. */
export function noticeText(notice: Notice): string {
  switch (notice.kind) {
    case 'demo-loaded':
      return 'These are demo routines and runs from a made-up harbour town, for you to try.';
    case 'routine-deleted':
      return `“${notice.routine.title}” is deleted.`;
    case 'clear-demo':
      return clearText(notice.goes, notice.stays);
    case 'emptied':
      return 'The demo data is in the bin for thirty days. Everything of your own is still here.';
    case 'set-aside':
      return `“${notice.name}” could not be read and is set aside. The rest is here. Save it as a file to have it looked at.`;
    case 'was-cleared':
      return 'Your routines and records were kept in this browser, and they are gone: the browser, or somebody, has cleared its storage. If you have a backup, bring it in now.';
    case 'scripts-gone':
      return 'A part of Hushed Willow could not be loaded, so nothing was done. There may be no network just now; try again, or reload the page.';
    case 'slipped':
      return SLIPPED[notice.what];
    case 'group-full':
      return `“${notice.name}” already has ${notice.most} people, the most a group can hold. Make a second group for the others.`;
    case 'other-tab':
      return `“${notice.title}” was changed in another tab at the same time. Your version is kept as “${notice.copyTitle}”.`;
    case 'not-deleted':
      return `“${notice.name}” was changed in another tab, so it is not deleted. Look at it, and delete it again if you still want to.`;
    case 'brought-in':
      return `“${notice.title}” is added.`;
    case 'move-kept':
      return [`“${notice.name}” is kept.`, mendedText(notice.mended)].filter(Boolean).join(' ');
    case 'move-deleted':
      return `“${notice.move.name}” is deleted. Routines that use it keep it as it was.`;
    case 'move-reverted':
      return `“${notice.move.name}” is the original again, in all routines.`;
    case 'draft-let-go':
      return `What you wrote for “${notice.draft.name.trim() || 'a new move'}” is let go.`;
    case 'moves-brought-in':
      return broughtText(notice.added.length, notice.replaced.length);
  }
}

export const SAVING = {
  saved: 'saved',
  saving: 'saving…',
  failed: 'not saved',
  stopped: 'not saved',
};

const SLIPPED = {
  sound: 'A chime could not be played. The class goes on; watch the count.',
  voice: 'The voice stopped working. The class goes on; read the cues aloud.',
  class: 'The class stopped for a moment and has gone on from its place.',
};

/** What stands in the way of keeping things. */
export const ALERT = {
  unread:
    "The browser isn't answering, so what you have kept here can't be read yet. Nothing is lost, and nothing is written until it can be read. It is tried again every few seconds.",
  again: 'Try again',
  newVersion: 'A new version is ready.',
  takeVersion: 'Take it now',
  later: 'Later',
  busy: {
    class: 'A class is being led in this browser. The new version waits until it has ended.',
    typing:
      'Something is half typed in another tab. Finish it there, and the new version can be taken.',
  },
  older:
    'A new version was taken in another tab. This page is of the one before: reload it when you have finished here.',
  goWithout: 'Go on without saving',
  without: 'Nothing you do now is saved here. Reload the page to try again.',
  newer: (name: string) =>
    `A newer version of Hushed Willow has saved ${name === '' ? 'things' : `“${name}”`} here. Reload this page to get it; until then nothing you do here is saved.`,
  reload: 'Reload',
  saveFile: 'Save as a file',
  other: 'Use the other instead',
  otherOf: (name: string) => `Use the other version of ${name}`,
  deleteOther: 'Delete the other',
  deleteOtherOf: (name: string) => `Delete the other version of ${name}`,
};

/** What could not be saved, why, and what to do. */
export function unsavedText(unsaved: readonly Unsaved[], quiet: boolean): string {
  const named = quiet ? [] : unsaved.map(({ name }) => name).filter((name) => name !== '');
  const shown = named.slice(0, 3).map((name) => `“${name.slice(0, 60)}”`);
  const more = named.length - shown.length;
  const what =
    shown.length === 0
      ? 'Your last change'
      : [...shown, ...(more > 0 ? [`${more} more`] : [])].join(', ');
  const refused = unsaved.find(({ at }) => at !== undefined);
  return refused && unsaved.every(({ at }) => at !== undefined)
    ? `Not saved: ${what}. It can't be kept as it is${placeWords(refused.at)}. Undo your last change, or save it as a file. The last good version is kept.`
    : `Not saved: ${what}. The browser's storage may be full. It is tried again by itself; make some room, or save it as a file now.`;
}

const placeWords = (at = '') => (at === '' ? '' : ` (${at.replaceAll('.', ' › ')})`);

export function atOnceText(name: string): string {
  const what = name === '' ? 'Something' : `“${name}”`;
  return `${what} was changed in another tab at the same time, in the same place. Yours stands; the other version is kept beside it.`;
}

export const NOTICE = {
  close: 'Close',
  startEmpty: 'Start empty',
  clearDemo: 'Move the demo data to the bin',
  toBackup: 'Bring a backup in',
  takeBack: 'Bring back',
  undo: 'Undo',
  saveFile: 'Save as a file',
  letGo: 'Delete it for good',
  open: 'Open',
};

const COUNT_WORDS: Readonly<Record<string, readonly [one: string, many: string]>> = {
  routine: ['routine', 'routines'],
  person: ['person', 'people'],
  group: ['group', 'groups'],
  run: ['class', 'classes'],
  reading: ['measure', 'measures'],
  move: ['move', 'moves'],
};

function countsText(counts: Counts): string {
  const all = Object.entries(counts).map(
    ([name, n]) => `${n} ${COUNT_WORDS[name]?.[n === 1 ? 0 : 1] ?? name}`,
  );
  return all.length < 2 ? all.join() : `${all.slice(0, -1).join(', ')} and ${all.at(-1)}`;
}

function clearText(goes: Counts, stays: Counts): string {
  if (Object.keys(goes).length === 0) {
    return 'Nothing of the demo data is as it came: you have changed or used all of it, so it stays.';
  }
  const kept = countsText(stays);
  return `This moves ${countsText(goes)} of the demo data to the bin for thirty days. ${
    kept === ''
      ? 'You have made nothing of your own yet.'
      : `What you made or changed stays: ${kept}.`
  }`;
}

function mendedText(titles: readonly string[]): string {
  if (titles.length === 0) return '';
  const named = titles.map((title) => `“${title}”`).join(', ');
  return `Lines in ${named} named something it no longer has; they do it the usual way now.`;
}

function broughtText(added: number, replaced: number): string {
  const moves = (count: number) => (count === 1 ? '1 move is' : `${count} moves are`);
  const parts = [
    added > 0 ? `${moves(added)} added` : '',
    replaced > 0 ? `${moves(replaced)} replaced` : '',
  ].filter(Boolean);
  return parts.length > 0 ? `${parts.join(', ')}.` : 'These moves were here already.';
}
