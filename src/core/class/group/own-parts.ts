import type { ItemId } from '@/core/common';
import { amountOf, type DoseKind, type Move } from '@/core/moves';
import type { Member } from '@/core/people';
import { itemInForce, itemsInOrder, type Routine } from '@/core/routine';

/** What somebody does of a line in place of what it says: so many, or so long, for one side. */
export interface OwnPart {
  readonly kind: DoseKind;
  /** Reps, breaths, or milliseconds. */
  readonly amount: number;
  readonly sets: number;
  /** Beside what the line says. */
  readonly than: 'fewer' | 'more';
}

interface Written {
  readonly kind: DoseKind;
  readonly amount: number;
  readonly sets: number;
}

/** A dose says no kind: one of seconds is no count, and one of a count no seconds. */
const isOfKind = (kind: DoseKind, amount: number) =>
  kind === 'reps' || kind === 'breaths' ? amount <= 500 : amount >= 1000;

/**
 * What somebody does of a move that is not what is written, by what they took on last. The one place
 * that everybody asks: who does what, the strand, the stage, the printed class and the record.
 * @returns undefined where they do as it is written
 */
export function ownPart(
  { doses }: Pick<Member, 'doses'>,
  moveId: Move['id'],
  { kind, amount, sets }: Written,
): OwnPart | undefined {
  const own = doses?.[moveId];
  if (!own) return undefined;
  const now = { amount: own.amount ?? amount, sets: own.sets ?? sets };
  if (!isOfKind(kind, now.amount)) return undefined;
  if (now.amount === amount && now.sets === sets) return undefined;
  const than = now.amount * now.sets < amount * sets ? 'fewer' : 'more';
  return { kind, ...now, than };
}

/** Who does other than a line says, by line; lines that everybody does as written are left out. */
export function ownParts(
  routine: Routine,
  members: readonly Member[],
): ReadonlyMap<ItemId, readonly { readonly member: Member; readonly part: OwnPart }[]> {
  const parts = new Map<ItemId, { member: Member; part: OwnPart }[]>();
  if (members.every(({ doses }) => doses === undefined)) return parts;
  for (const item of itemsInOrder(routine)) {
    const { move, dose } = itemInForce(item, routine);
    const written = { kind: dose.kind, amount: Math.round(amountOf(dose)), sets: dose.sets };
    const own = members.flatMap((member) => {
      const part = ownPart(member, move.id, written);
      return part ? [{ member, part }] : [];
    });
    if (own.length > 0) parts.set(item.id, own);
  }
  return parts;
}
