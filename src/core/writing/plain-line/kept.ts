import type { Breath, Move, WrittenDose } from '@/core/moves';
import type { Item } from '@/core/routine';
import type { SaidDose } from './said-dose';

const LIKE: Readonly<Record<WrittenDose['kind'], string>> = {
  hold: 'seconds',
  timed: 'seconds',
  reps: 'reps',
  breaths: 'breaths',
};

const msOf = (dose: WrittenDose): number =>
  dose.kind === 'hold'
    ? dose.holdMs
    : dose.kind === 'timed'
      ? dose.timedMs
      : dose.kind === 'reps'
        ? dose.reps
        : dose.breaths;

/**
 * Whether every number that was said is in an item, with its kind: amounts, their spans, sets, holds,
 * rests, tempos and breaths. How a line was put together does not matter here; this only looks whether
 * something is lost, or became another thing.
 */
export function isKept(said: SaidDose, item: Item, move: Move): boolean {
  const { dose } = item;
  if (said.lost !== undefined) return false;
  if (said.restS !== undefined && item.restMs !== said.restS * 1000) return false;
  if (said.tempo && !isSame(item.tempo, said.tempo, said.tempo.length)) return false;
  if (said.paces && !arePaced(item, said.paces)) return false;
  if (said.load !== undefined && item.note !== said.load) return false;
  // Of what has no sides, all of them are so many.
  if (said.inAll && move.sides !== 'both' && !(dose?.kind === 'reps' && dose.inAll)) return false;
  const held = item.held && ('ms' in item.held ? item.held.ms / 1000 : item.held.breaths);
  if (said.heldS !== undefined && held !== said.heldS) return false;
  if (said.heldBreaths !== undefined && held !== said.heldBreaths) return false;
  const { reps, breaths, seconds, sets, bare } = said;
  if ([reps, breaths, seconds, sets, bare].every((one) => one === undefined)) return true;
  if (!dose) return false;
  const unit = LIKE[dose.kind] === 'seconds' ? 1000 : 1;
  const amount = msOf(dose) / unit;
  const twice = said.eachWay && (move.sides === 'both' || said.eachLimb) ? 2 : 1;
  const isSets = (n: number) => dose.sets === n || dose.sets === n * twice;
  // Of a hold, times are sets; of what is counted, so many times so long is each held.
  const isTimes = (n: number) => amount === n || (dose.kind === 'hold' && isSets(n));
  if (reps !== undefined && !(isTimes(reps) && dose.kind !== 'timed')) return false;
  if (breaths !== undefined && !(dose.kind === 'breaths' && amount === breaths)) return false;
  if (seconds !== undefined) {
    const isTime =
      unit === 1000 && amount === seconds && (said.held !== true || dose.kind === 'hold');
    const isHeldSo = held === seconds && (said.held === true || sets !== undefined);
    if (!isTime && !isHeldSo) return false;
  }
  if (bare !== undefined && !(amount === bare || isTimes(bare))) return false;
  if (said.to !== undefined && dose.most !== said.to * unit) return false;
  if (said.setsTo !== undefined && dose.mostSets !== said.setsTo * twice) return false;
  // Rounds of a breath are breaths.
  return sets === undefined || isSets(sets) || (sets > 1 && amount === sets);
}

/** Out, pause, back and wait, in milliseconds, are what was said in seconds. */
function isSame(
  kept: readonly number[] | undefined,
  said: readonly number[],
  many: number,
): boolean {
  return kept !== undefined && said.slice(0, many).every((s, i) => kept[i] === s * 1000);
}

function arePaced({ dose, breath }: Item, said: readonly number[]): boolean {
  const own = dose?.kind === 'breaths' ? dose.breath : breath;
  if (!own || own === 'pace') return false;
  const waits: Breath = own;
  const kept = [waits.inMs, waits.fullMs ?? 0, waits.outMs, waits.emptyMs ?? 0];
  const [inS = 0, second = 0, third, fourth = 0] = said;
  const asked = third === undefined ? [inS, 0, second, 0] : [inS, second, third, fourth];
  return asked.every((s, i) => kept[i] === s * 1000);
}
