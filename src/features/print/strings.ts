export const PRINT = {
  title: (routine: string) => `Print ${routine}`,
  what: 'What to print',
  kinds: [
    { value: 'pictures', text: 'Pictures to hang up' },
    { value: 'cues', text: 'Cues to lead from' },
  ],
  print: 'Print',
  sheet: 'The page as it is printed',
  drawing: 'Drawing the figures…',
} as const;
