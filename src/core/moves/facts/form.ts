import type { Bearing } from '../catalogue/kinds';

/**
 * The questions that every level answers, with what may be said to each. Nothing of a question is said
 * by `.`; several things are said one after the other, and `:w` or `:o` says that it is of the worked
 * or of the other side alone. What places, hands and props of a level already tell is not asked again.
 */
export const FORM = {
  /**
   * bear: weight goes through the palms, and the shoulder holds it · lean: the palms alone are leaned on ·
   * fore: forearm or shoulder is leaned or lain on · grip, pull · carry: a weight is lifted · stretch:
   * fingers and wrist go to their end · busy: no hand is free to catch a hold
   */
  hands: ['bear', 'lean', 'fore', 'grip', 'pull', 'carry', 'stretch', 'busy'],
  /** off: held away from the body, and nothing is held on to · over the head · across · behind · open. */
  arms: ['off', 'over', 'cross', 'behind', 'open'],
  /**
   * round, arch, twist, side: to the end · curl: rounded with weight on it · torque: turned against
   * weight · hinge: the trunk is let down and brought up by the back
   */
  spine: ['round', 'curl', 'arch', 'twist', 'torque', 'side', 'hinge'],
  /** turns, and quick: faster than eyes follow · back, chin, end: to an end · held by a hand · low: under the heart. */
  neck: ['turns', 'quick', 'back', 'chin', 'end', 'held', 'low'],
  eyes: ['up', 'shut'],
  hips: ['folds', 'back', 'cross', 'in', 'out', 'wide'],
  /** calf: drawn long · raise: worked, on the toes or with them up · tiptoe: walked on toes or heels. */
  legs: ['kneel', 'deep', 'calf', 'raise', 'tiptoe'],
  /**
   * one leg · narrow · steps, and backs: backward · turns round · reach: out over the edge of what carries ·
   * rises from a seat · dips: is let down towards one · rocks: from foot to foot, or over
   * one while the other slides or taps · up: a step's height ·
   * edge: half off the seat · rolls · onside: on to the side · floor: there and up
   */
  base: [
    'one',
    'narrow',
    'steps',
    'backs',
    'turns',
    'reach',
    'rises',
    'dips',
    'rocks',
    'up',
    'edge',
    'rolls',
    'onside',
    'floor',
  ],
  /** belly: pressure in it · hard · springs · squeeze: held without letting go. */
  work: ['belly', 'hard', 'springs', 'squeeze'],
  /** counts: by a number that has to be kept · waits: full or empty. */
  breath: ['counts', 'waits'],
  mind: ['two'],
  /** bare feet · press · shear: slides under the weight · strap: round something, and tight. */
  skin: ['bare', 'press', 'shear', 'strap'],
} as const;

export type Question = keyof typeof FORM;
export const QUESTIONS = Object.keys(FORM) as Question[];

/** One thing that a level asks, as `hips back`. */
export type Fact = { [Q in Question]: `${Q} ${(typeof FORM)[Q][number]}` }[Question];

export interface Told {
  readonly fact: Fact;
  readonly on: Bearing;
}

const ON: Readonly<Record<string, Bearing>> = { w: 'worked', o: 'other' };

/**
 * Reads the answers of some levels: under a line with the move's id one for each level,
 * `level | hands | arms | …`, a question a column. Throws where a question has no answer, or one that
 * the form does not have.
 * @returns by `move/level`
 */
export function answersIn(text: string): ReadonlyMap<string, readonly Told[]> {
  const all = new Map<string, readonly Told[]>();
  let move = '';
  for (const line of text.trim().split('\n')) {
    const [name = '', ...answers] = line.split('|').map((cell) => cell.trim());
    if (answers.length === 0) move = name;
    else all.set(`${move}/${name}`, toldBy(`${move}/${name}`, answers));
  }
  return all;
}

function toldBy(level: string, answers: readonly string[]): readonly Told[] {
  const wrong = (why: string) => new Error(`${level}: ${why}`);
  if (answers.length !== QUESTIONS.length) throw wrong(`${answers.length} answers`);
  return QUESTIONS.flatMap((question, i): readonly Told[] => {
    const answer = answers[i] ?? '';
    if (answer === '.') return [];
    const known: readonly string[] = FORM[question];
    return answer.split(' ').map((word) => {
      const [what = '', side] = word.split(':');
      const on = side === undefined ? 'body' : ON[side];
      if (!known.includes(what) || !on) throw wrong(`"${word}" answers nothing of ${question}`);
      return { fact: `${question} ${what}` as Fact, on };
    });
  });
}
