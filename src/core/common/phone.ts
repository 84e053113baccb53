/** A number that people ring: what is dialled, as digits with what may stand among them. */
const RUN = /\+?\d(?:[ ().\-/]*\d)*/gu;
/** Rung by themselves: what stands behind one of them is another number, whatever is between. */
const ALONE = /^(?:112|999|911)(?=[ ().\-/]+\d)/u;
/** A stroke with room round it parts two numbers; one without may follow an area code. */
const TWO = / \/ /u;
/** The shortest that is rung is 15 or 18, and none is longer than this. */
const LEAST = 2;
const MOST = 15;

/**
 * The first number in what somebody wrote, as it is dialled; undefined where none is in it. Letters
 * within it, and more or fewer digits than any number has, make it none.
 * @example numberToRing('999 or 112') // '999'
 * @example numberToRing('07700 900 12x') // undefined
 */
export function numberToRing(written: string): string | undefined {
  // An extension is said once somebody answers.
  const [main = ''] = written.normalize('NFKC').split(/\b(?:ext(?:ension)?|room)\b|,|;/iu);
  for (const { 0: run, index } of main.matchAll(RUN)) {
    const after = main[index + run.length] ?? '';
    const before = main[index - 1] ?? '';
    if (/[\p{L}\d]/u.test(before + after)) return undefined;
    const one = ALONE.exec(run)?.[0] ?? run.split(TWO)[0] ?? '';
    const dialled = one.replace(/[^\d+]/gu, '');
    const digits = dialled.replace('+', '').length;
    return digits >= LEAST && digits <= MOST ? dialled : undefined;
  }
  return undefined;
}
