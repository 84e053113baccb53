import type { BackupFault } from '@/state';

export const KEEP = {
  title: 'Backup',
  why: 'All that is kept is in this browser. A backup is one file with everything: routines, moves, people, record and measures.',
  last: (on: string) => `The last backup was saved on ${on}.`,
  never: 'No backup was saved yet.',
  passphrase: 'A passphrase, if you want one',
  passphraseHint:
    'With a passphrase nobody can read the file without it, and neither can you: if it is lost, the backup is lost, and nobody can help.',
  again: 'The passphrase once more',
  differ: 'The two are not the same. Write it twice alike.',
  short: 'Make it eight letters or more.',
  save: 'Save a backup',
  saved: (n: number) => `Saved: ${n} things.`,
  noCipher:
    'This browser can’t lock a file on this page, because the page did not come over an encrypted connection. Save it without a passphrase, and keep the file where only you can open it.',
  leftOut: (names: readonly string[]) =>
    names.length === 0
      ? ''
      : `Left out, because ${names.length === 1 ? 'it' : 'they'} can't be read: ${listed(names)}.`,
  bring: 'Bring a backup in',
  choose: 'Choose the file',
  locked: 'This backup is locked. Write its passphrase.',
  unlock: 'Unlock',
  from: (on: string) => `A backup of ${on}.`,
  same: 'Everything in it is here already.',
  row: (what: string, added: number, changed: number, only: number) =>
    `${what}: ${added} added, ${changed} changed, ${only} only here`,
  merge: 'Add it to what is here',
  mergeHint: 'What is in both becomes as in the file. What is only here stays.',
  replace: 'Replace all that is here',
  replaceHint: (n: number) =>
    n === 1
      ? '1 thing that is only here goes for good.'
      : `${n} things that are only here go for good.`,
  sure: 'Yes, replace everything',
  leave: 'Don’t bring it in',
  done: 'It is brought in.',
  tooBig: (name: string) => `“${name}” is too large for a backup. Nothing was changed.`,
  failed: 'It could not be written: the browser’s storage may be full. Nothing was changed.',
  faults: {
    'not-json': 'This is no backup: it can’t be read as one. Nothing was changed.',
    'cut-off':
      'This backup is cut off: its end is missing. Nothing was changed. Copy the file once more.',
    'wrong-format': 'This file is of another kind. Nothing was changed.',
    newer: 'This backup was saved by a newer version of this application. Nothing was changed.',
    passphrase: 'That is not its passphrase, or the file was changed. Nothing was changed here.',
    'no-cipher':
      'This browser can’t unlock a file on this page, because the page did not come over an encrypted connection. Nothing was changed.',
    invalid: 'Something in this backup is not as it should be. Nothing was changed.',
  } satisfies Record<BackupFault, string>,
  persistent: 'The browser has promised to keep it.',
  room: 'How much is kept, and how much room there is',
  size: (used: string, room: string) => `${used} are used of ${room}.`,
  kinds: {
    routine: 'Routines',
    history: 'Undo histories',
    binned: 'Routines in the bin',
    'binned-lot': 'Demo data in the bin',
    beside: 'Versions from two tabs',
    version: 'Kept versions',
    move: 'Own moves',
    'move-draft': 'Moves being written',
    'unsent-line': 'Lines being typed',
    'own-words': 'Your words for moves',
    typed: 'Fields being typed',
    person: 'People',
    group: 'Groups',
    'class-for': 'Classes for a group',
    run: 'Classes led',
    led: 'Routines as they were led',
    plan: 'Plans of led routines',
    reading: 'Measures',
    mark: 'Marks on routines',
  } as Readonly<Record<string, string>>,
};

export const DEVICE = {
  title: 'This device',
  withoutNetwork: 'Without a network',
  works: (since: string | undefined) =>
    `Everything works without a network${since ? `, since ${since}` : ''}.`,
  states: {
    cannot:
      'It needs a network: this browser keeps no application, or not over this connection. Open it over https, or on the machine that hands it out.',
    'not-yet': 'Not yet: its pieces are being fetched. Stay on a network for a moment.',
    broken:
      'It needs a network: not all of its pieces could be fetched or kept. Make room on this device, then open the page again on a good network.',
  },
  version: 'Version',
  look: 'Look for a new version',
  looking: 'Looking…',
  looked: {
    newest: 'This is the newest version.',
    fetched: 'A new version is ready.',
    broken:
      'A newer version could not be fetched whole, so the one that is here stays. Try again later.',
    unreachable: 'The server can’t be reached just now. Try again on a network.',
  },
  take: 'Take the new version',
  busy: {
    class: 'A class is being led in this browser. The new version waits until it has ended.',
    typing: 'Something is half typed in another tab. Finish it there first.',
  },
  anew: 'Fetch it anew',
  anewHint:
    'If a page looks broken, fetch the whole application once more. What you have kept stays as it is.',
  fetching: 'Fetching…',
  notFetched:
    'Not all of it could be fetched, so nothing was changed. Try again on a good network.',
  installed: 'As an app of its own',
  isInstalled: 'It is installed on this device.',
  installHint: 'Installed, it opens from the home screen, without the browser round it.',
  install: 'Install it',
  kept: 'What is kept here',
  byKind: 'By kind',
  notRead: 'The browser isn’t answering, so the sizes can’t be read.',
  other: 'Marks, settings and the like',
  nearlyFull:
    'Storage is nearly full. Save a backup, and make room on this device before the next class.',
  refused:
    'The browser has not promised to keep it: when it runs out of room it may clear it. Save a backup now and then. Browsers promise more easily what is installed or often used.',
  notAsked: 'The browser was not asked yet to keep it for good.',
  ask: 'Ask the browser to keep it',
  privacy: 'What is kept of people, and where',
  sound: 'Sound and voice',
  soundAndScreen: 'Chimes, voice and screen',
  help: 'If you call for help',
};

/** The first few, and how many more. */
function listed(names: readonly string[]): string {
  const shown = names.slice(0, 5).map((name) => `“${name.slice(0, 60)}”`);
  const more = names.length - shown.length;
  return [...shown, ...(more > 0 ? [`and ${more} more`] : [])].join(', ');
}

export const PRIVACY = {
  title: 'What is kept, and where',
  madeWith: 'Hushed Willow is made with open packages and fonts.',
  licences: 'Their licences',
  parts: [
    {
      heading: 'Where',
      lines: [
        'Everything is kept in this browser on this device, and in files that you save yourself.',
        'Nothing is sent anywhere. There is no account, and the server that hands out the application is told nothing about anybody.',
      ],
    },
    {
      heading: 'What',
      lines: [
        'Of a person: a name or initials, how they take part, limits, clearances, what was done in class and what was measured.',
        'Initials are enough. Write down only what a class needs.',
      ],
    },
    {
      heading: 'Ask first',
      lines: [
        'Ask each person whether they agree: “I keep notes on how class goes for you, on this device and in files that I save, for as long as you come to me. Tell me, and I take them out. Is that all right?” Their page keeps the day.',
        'Whoever says no can take part all the same, without a page.',
      ],
    },
    {
      heading: 'Who sees it',
      lines: [
        'Whoever can open this browser. Lock the device.',
        'Names stand on no screen that the room can see, in no address, and in no name of a file. What is printed for the room has initials only.',
      ],
    },
    {
      heading: 'Taking somebody out',
      lines: [
        'One action on their page takes a person out of every list, measure and past class. Backups that were saved before still hold them: delete those too.',
      ],
    },
    {
      heading: 'What it is not',
      lines: [
        'General guidance, not medical advice. It diagnoses nothing and clears nobody. Local rules on keeping notes on health come first.',
      ],
    },
  ],
};
