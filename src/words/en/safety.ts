/** Asked of the room before a lead. */
export const ASK_FIRST = {
  title: 'Ask the room first',
  since: 'Since last time: a fall, a faint, an operation, a new medicine, new pain?',
  today: 'Today: ill, dizzy, no meal, a joint flaring?',
  yes: 'After a yes, that person takes the seated or easiest way today.',
  notToday:
    'Not today, until their clinician has said what they may do: an operation, a faint, a fall with an injury or a knock to the head, new numbness or weakness, fever, chest signs.',
  general:
    'General guidance, not medical advice. Local rules and each person’s clinician come first.',
};

/** The three tiers of stop signs, with what follows each. */
export const STOP_SIGNS = [
  {
    title: 'Ease off',
    signs: 'Breath held, fists or jaw clenched, can’t talk, a pull that turns to pain.',
    then: 'Do less, or do the easier one. It should pass at once.',
  },
  {
    title: 'Stop, sit, tell me',
    signs:
      'Sharp or joint pain, a pop or giving way, dizzy, tingling or numbness on both sides, heart racing or stumbling, breathless beyond the effort, shaky or muddled, a calf newly swollen, eyesight slowly worse.',
    then: 'Not on again today. Not settled in a few minutes, or in doubt: call for help. A calf newly swollen is seen the same day. Shaky but awake: something with sugar. In pregnancy, with bleeding, fluid, tightenings, headache or fewer movements of the baby: ring the maternity unit now.',
  },
  {
    title: 'Call for help',
    signs:
      'No answer, or not breathing normally; a fit; pressure or pain in chest, jaw or arm; collapse; numbness or weakness that is sudden or on one side; face drooping, speech slurred, sudden change of eyesight; sudden worst headache; can’t get breath; after a knock to the head, drowsy, being sick, or on blood thinners; muddled and can’t swallow; can’t stand on the leg after a fall; back pain with a numb saddle or lost bladder or bowel control; with a spinal-cord injury at chest level or higher, a pounding headache, flushing or sweating.',
    then: 'No answer and no normal breathing: call, press the chest, send for the defibrillator. With the spinal-cord injury: sit up, loosen clothing, look for a kinked tube or a tight strap; not settled in minutes, call.',
  },
] as const;

export const AFTER_A_FALL =
  'After a fall: don’t lift. Look, ask, wait. Neck, hip or head hurt: do not move them, call. No more class for them today.';

/** What is said where the checks find nothing. */
export const NOTHING_FOUND = 'Nothing found. What is said here never clears anybody.';

/** The tiers as a printed sheet has them. */
export const STOP_SIGNS_TITLE = 'Stop signs';

/** What every new move starts with. */
export const EASY_BREATH = 'Breathe easily; no holding.';
