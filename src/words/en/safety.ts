/** Asked of the room before a lead. */
export const ASK_FIRST = {
  title: 'Ask the room first',
  since: 'Since last time: a fall, a faint, an operation, a new medicine, new pain?',
  today: 'Today: ill, dizzy, no meal, a joint flaring?',
  yes: 'After a yes, that person takes the seated or easiest way today.',
  notToday:
    'Not today, until their clinician has said what they may do: an operation, a faint, a fall with an injury or a knock to the head, new numbness or weakness, fever, new chest pain or other chest signs, a calf newly swollen, bleeding in pregnancy, sugar far too low or too high.',
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
      'Sharp or joint pain, a pop or giving way, dizzy, tingling on both sides, heart racing or stumbling, breathless beyond the effort, shaky or muddled, a calf newly swollen, eyesight slowly worse.',
    then: 'Not on again today. Not settled in a few minutes, or in doubt: call for help. A calf newly swollen is seen the same day. Shaky but awake: something with sugar. In pregnancy, with bleeding, fluid, tightenings, headache or fewer movements of the baby: ring the maternity unit now.',
  },
  {
    title: 'Call for help',
    signs:
      'No answer, or not breathing normally; a fit; pressure or pain in chest, jaw or arm; collapse; numbness or weakness that is sudden, on one side or both; face drooping, speech slurred, sudden change of eyesight; sudden worst headache; can’t get breath; tearing pain in back or belly; an implanted defibrillator fires; hot and muddled; on blood thinners, bleeding that does not stop; after a knock to the head, drowsy, being sick, or on blood thinners; muddled and can’t swallow; can’t stand on the leg after a fall; back pain with a numb saddle or lost bladder or bowel control; with a spinal-cord injury at chest level or higher, a pounding headache, flushing or sweating.',
    then: 'No answer and no normal breathing: call, press the chest, send for the defibrillator. With the spinal-cord injury: sit up, loosen clothing, look for a kinked tube or a tight strap; not settled in minutes, call.',
  },
] as const;

/** What is seen when something happens, and what to do, gravest first: a line each, to be followed at once. */
export const SEEN = [
  {
    what: 'Down, not answering',
    grave: true,
    then: [
      'Call now. Somebody else fetches the defibrillator.',
      'Not breathing normally: press hard and fast on the middle of the chest. Don’t stop.',
      'Breathing: on their side, and watch their breathing.',
    ],
  },
  {
    what: 'Chest or breath',
    grave: true,
    then: [
      'Pressure or pain in the chest, jaw or arm, or they can’t get breath: call now.',
      'Sit them down, leaning back or forward as they like. Loosen what is tight.',
      'Stay with them. Their own medicine, if they have it.',
    ],
  },
  {
    what: 'Face, arm, speech',
    grave: true,
    then: [
      'A face that droops, an arm that sinks, words that slur, even if it passes: call now.',
      'Note the time when it began.',
      'Nothing to eat or drink. Sit or lie them safely.',
    ],
  },
  {
    what: 'A fall',
    grave: false,
    then: [
      'Don’t lift. Look, ask, wait.',
      'Neck, hip or head hurt, or blood thinners: don’t move them, and call.',
      'Nothing hurts and they want to: up slowly, by way of a chair. No more class today.',
      'A knock to the head on blood thinners: call; they are seen the same day, however well they feel.',
    ],
  },
  {
    what: 'A fit',
    grave: true,
    then: [
      'Call, and note the time.',
      'Clear the space, something soft under the head. Don’t hold them, nothing in the mouth.',
      'When it stops: on their side, and stay.',
    ],
  },
  {
    what: 'Dizzy',
    grave: false,
    then: [
      'Sit or lie down now, feet up if that helps.',
      'Not settled in a few minutes, or in doubt: call.',
      'No more class today.',
    ],
  },
  {
    what: 'Pain',
    grave: false,
    then: [
      'Stop that move. Sit, and breathe easily.',
      'Sharp, in a joint, or after a pop or giving way: no more class today.',
      'They can’t stand on the leg, or the back with a numb saddle: call.',
    ],
  },
] as const;

export const AFTER_A_FALL =
  'After a fall: don’t lift. Look, ask, wait. Neck, hip or head hurt: do not move them, call; a knocked head on blood thinners is seen the same day. Else up slowly, by way of a chair. No more class today.';

/** What is said where the checks find nothing. */
export const NOTHING_FOUND = 'Nothing found. What is said here never clears anybody.';

/** The tiers as a printed sheet has them. */
export const STOP_SIGNS_TITLE = 'Stop signs';

/** What every new move starts with. */
export const EASY_BREATH = 'Breathe easily; no holding.';
