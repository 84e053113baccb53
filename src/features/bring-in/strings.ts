export const BRING_IN = {
  untitled: 'New routine',
  title: 'Bring in',
  hint: 'Paste a class plan as you have it, or routine text, or choose a file that was saved here. Nothing is changed until you add it.',
  label: 'A plan, or routine text',
  plan: 'Is it a plan, as you would write it for yourself? Then it can be read line by line.',
  byLine: 'Read it line by line',
  empty: (name: string) => `${name} is empty.`,
  notText: (name: string) =>
    `${name} is no text, so there is nothing to read in it. Choose a text file, or one that was saved here.`,
  group: 'Who is it for?',
  choose: 'Choose a file',
  add: 'Add routine',
  addMoves: 'Add moves',
  newMoves: (names: string) => `New: ${names}.`,
  changes: (names: string) => `Changed from the original, in all routines: ${names}.`,
  replaces: (names: string) => `In place of your own: ${names}.`,
  same: (names: string) => `Here already: ${names}.`,
  carries: (names: string) => `It carries its own moves: ${names}.`,
  tooBig: (name: string) => `${name} is larger than 4 MB, so it was not read.`,
  problems: (count: number) =>
    count === 1 ? 'One place needs a change:' : `${count} places need a change:`,
  first: (count: number) => `These are the first ${count}.`,
  long: (lines: number, most: number) =>
    `This text has ${lines.toLocaleString()} lines. A class is read of ${most.toLocaleString()} at most: bring it in in parts.`,
  reading: 'Reading…',
  failedReading: 'This text took too long to read. Bring it in in parts.',
  chosen: (name: string) => `Chosen: ${name}`,
  remove: 'Remove',
  nothing: 'There is no move in this text yet.',
  place: (line: number, column: number) => `Line ${line}, column ${column}`,
  good: (title: string, items: number) =>
    `${title}: ${items} ${items === 1 ? 'item' : 'items'}, no problems.`,
};
