/** Questions on which instructors disagree, with the schools that are supported. */
export const SCHOOLS = {
  hold: ['short', 'intervals', 'steady', 'long', 'breaths'],
  count: ['reps', 'seconds', 'breaths'],
  sides: ['one then other', 'each rep', 'sequence'],
  curl: ['small range', 'never'],
  bend: ['long spine', 'relaxed'],
  breath: ['out on rounding', 'in on rounding', 'free'],
  strength: ['mild', 'strong'],
  balance: ['hands first', 'free'],
  often: ['daily', 'rest days', 'hourly'],
  chair: ['front', 'back'],
  grip: ['bare feet', 'flat shoes'],
} as const;
export type SchoolQuestion = keyof typeof SCHOOLS;
export const SCHOOL_QUESTIONS = Object.keys(SCHOOLS) as SchoolQuestion[];
