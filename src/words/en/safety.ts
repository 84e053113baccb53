/** Asked of the room before a lead. */
export const ASK_FIRST = {
  title: 'Ask the room first',
  since: 'Since last time: a fall, a faint, an operation, a new medicine, new pain?',
  today: 'Today: ill, dizzy, no meal, a joint flaring?',
  yes: 'After a yes, that person takes the seated or easiest way today. With fever, chest signs, a faint, or an injury nobody has looked at: not today, and they ask their clinician.',
  general:
    'General guidance, not medical advice. Local rules and each person’s clinician come first.',
};

/** The three tiers of stop signs. */
export const STOP_SIGNS = [
  {
    title: 'Ease off',
    signs: 'Breath held, fists or jaw clenched, can’t talk, a pull that turns to pain.',
  },
  {
    title: 'Stop, sit, tell me',
    signs:
      'Sharp or joint pain, a pop or giving way, dizzy, new numbness or weakness, heart racing or stumbling, breathless beyond the effort, shaky or muddled, a calf newly swollen, changed eyesight. In pregnancy: bleeding, fluid, tightenings, headache.',
  },
  {
    title: 'Call for help',
    signs:
      'Pressure or pain in chest, jaw or arm; collapse; face drooping, arm weak, speech slurred; sudden worst headache; can’t get breath; a knock to the head on blood thinners; can’t stand on the leg after a fall; back pain with a numb saddle or lost bladder or bowel control; with a spinal-cord injury at chest level or higher, a pounding headache, flushing or sweating: sit up, loosen clothing.',
  },
] as const;

export const AFTER_A_FALL = 'After a fall: don’t lift. Look, ask, wait.';

/** What is said where the checks find nothing. */
export const NOTHING_FOUND = 'Nothing found. What is said here never clears anybody.';
