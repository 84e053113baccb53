import type { TakingPart } from '@/core/people';
import { remember, type ItemId, type NewId } from '@/core/common';
import {
  applyChange,
  broughtBy,
  choiceBlocks,
  withChoices,
  type Choices,
  itemFaults,
  itemsInOrder,
  removeEntry,
  swapMove,
  type Change,
  type Routine,
} from '@/core/routine';
import { timesOf, type Score, type ScorePhrases } from '@/core/timing';
import {
  SEVERITIES,
  type Finding,
  type Found,
  type Making,
  type Named,
  type Rule,
} from './finding';
import type { Move } from '@/core/moves';
import { movesForAll } from './mend';
import { byReason, type PlacedFinding, type RuleFinding } from './reasons';
import { seeRoutine, type Seen } from './seen';
import { RULES, RULE_IDS, type RuleId } from './table';

export interface CheckWish {
  readonly phrases: ScorePhrases;
  readonly part: TakingPart;
  /** The routine's score, where it is known already: compiled for the same people. */
  readonly score?: Score | undefined;
}

/**
 * Everything that the checks find, one finding a reason, stops first, then in the order of the
 * routine. Pure: the same routine, people and moment give the same findings.
 */
export function checkRoutine(routine: Routine, wish: CheckWish): readonly PlacedFinding[] {
  return byReason(checkPlaces(routine, wish));
}

/** The same with a finding for every place. */
export function checkPlaces(routine: Routine, wish: CheckWish): readonly RuleFinding[] {
  const choices = choicesOf(routine);
  if (choices.length === 0) return checkSeen(seen(routine, wish));
  const whole = seen(routine, wish);
  // What is left to choose is looked at as each line would be taken, the class as the longest.
  const all = choices.flatMap((chosen) =>
    checkSeen(seen(withChoices(routine, chosen), { ...wish, score: undefined })),
  );
  const keyOf = ({ id, itemId, lane, side }: RuleFinding) => [id, itemId, lane, side].join(' ');
  const own = all.filter(({ itemId }) => itemId !== null);
  const known = new Map([...own].reverse().map((one) => [keyOf(one), one]));
  const ofClass = checkSeen(whole).filter(({ itemId }) => itemId === null);
  return inPlace(whole, [...known.values(), ...ofClass]);
}

/** As many ways of choosing as bring every line in once; none where there is nothing to choose. */
function choicesOf(routine: Routine): readonly Choices[] {
  const blocks = choiceBlocks(routine).map((block) => ({
    block,
    ids: block.lines.filter(({ kind }) => kind === 'item').map(({ id }) => id),
  }));
  const ways = Math.max(0, ...blocks.map(({ ids }) => ids.length));
  return Array.from({ length: ways }, (_, from) =>
    Object.fromEntries(
      blocks.map(({ block, ids }) => [
        block.id,
        Array.from({ length: block.choose ?? 1 }, (__, i) => ids[(from + i) % ids.length]).filter(
          (id) => id !== undefined,
        ),
      ]),
    ),
  );
}

function seen(routine: Routine, { phrases, part, score }: CheckWish): Seen {
  return seeRoutine(routine, part, score ?? timesOf(routine, part, phrases));
}

/** The rules whose findings hang on the order of entries. */
export const ORDER_RULES: readonly RuleId[] = RULE_IDS.filter((id) => {
  const rule: Rule = RULES[id];
  return !rule.anyOrder;
});

/** The findings of a routine that is laid out already, by all rules or by some. */
export function checkSeen(what: Seen, rules: readonly RuleId[] = RULE_IDS): readonly RuleFinding[] {
  const all = rules.flatMap((id) => {
    const rule: Rule = RULES[id];
    return rule.find(what).map((found) => finding(what, id, rule, found));
  });
  return inPlace(what, all);
}

/** Stops first, then in the order of the routine. */
function inPlace({ items }: Seen, findings: RuleFinding[]): readonly RuleFinding[] {
  const place = new Map(items.map(({ item }, at) => [item.id, at] as const));
  const rank = ({ severity, itemId }: Finding) =>
    SEVERITIES.indexOf(severity) * 10_000 + (itemId ? (place.get(itemId) ?? 0) + 1 : 0);
  return findings.sort((a, b) => rank(a) - rank(b));
}

function finding(what: Seen, id: RuleId, rule: Rule, found: Found): RuleFinding {
  const severity = found.severity ?? rule.severity;
  const itemId = found.itemId ?? null;
  const why = acceptedWhy(what, id, itemId);
  return {
    id,
    severity: why !== undefined && severity === 'caution' ? 'note' : severity,
    itemId,
    lane: found.lane ?? null,
    side: found.side ?? null,
    numbers: found.numbers ?? {},
    about: found.about ?? {},
    source: rule.source,
    ...(why !== undefined && { accepted: why }),
  };
}

/** The reason on the finding's own line; one of the whole routine may stand on any. */
function acceptedWhy(
  { items, itemById }: Seen,
  id: RuleId,
  itemId: ItemId | null,
): string | undefined {
  const own = itemId === null ? undefined : itemById.get(itemId);
  for (const { item } of own ? [own] : itemId === null ? items : []) {
    const accepted = item.accept?.find(({ finding }) => finding === id);
    if (accepted) return accepted.why;
  }
  return undefined;
}

/** The place of a finding, whatever its numbers and whomever it concerns. */
function placeKey({ id, itemId, about }: Finding): string {
  return [id, itemId, about.regions, about.directions, about.sections].flat().join('|');
}

/** Whether a finding was there before: as severe, for the same lanes, loads, limits and people. */
function wasThere(before: ReadonlyMap<string, readonly RuleFinding[]>, now: RuleFinding): boolean {
  const old = before.get(placeKey(now)) ?? [];
  const rank = (one: Finding) => SEVERITIES.indexOf(one.severity);
  return old.some(
    (one) =>
      rank(one) <= rank(now) &&
      Object.entries(now.about).every(([key, names]) => {
        const known: readonly string[] | undefined = one.about[key as keyof Named];
        return !known || names.every((name) => known.includes(name));
      }),
  );
}

const byPlace = remember((findings: readonly RuleFinding[]) => {
  const map = new Map<string, RuleFinding[]>();
  for (const one of findings) map.set(placeKey(one), [...(map.get(placeKey(one)) ?? []), one]);
  return map;
});

/** The stops and cautions that were not there before. */
export function newFindings(
  before: readonly RuleFinding[],
  after: readonly RuleFinding[],
): readonly RuleFinding[] {
  const worse = after.filter(({ severity }) => severity !== 'note');
  if (worse.length === 0) return [];
  const known = byPlace(before);
  return worse.filter((one) => !wasThere(known, one));
}

/**
 * The items of new stops and cautions; undefined where a routine is as safe as it was.
 * @param counts which of them are too many
 */
export function spoiltBy(
  before: readonly RuleFinding[],
  after: readonly RuleFinding[],
  counts: (finding: RuleFinding) => boolean = () => true,
): readonly ItemId[] | undefined {
  const worse = newFindings(before, after).filter(counts);
  if (worse.length === 0) return undefined;
  return [...new Set(worse.flatMap(({ itemId }) => (itemId ? [itemId] : [])))];
}

/** Whether a routine has a new stop or caution by some rules; it stops looking at the first. */
export function isSpoilt(
  before: readonly RuleFinding[],
  after: Seen,
  rules: readonly RuleId[],
): boolean {
  return rules.some((id) => newFindings(before, checkSeen(after, [id])).length > 0);
}

/** At most so many edits are tried for one finding. */
const MOST_TRIED = 40;

/** Of moves that could stand in, so many are offered. */
const MOST_OFFERED = 3;

/**
 * The edits that mend a finding, the best first: those of its rule's that silence it and add no stop and
 * no caution, before them those that add no note either. Of edits that bring a move or a level up to
 * three, each bringing another; of others the first. None where no edit does.
 */
export function mendsOf(
  routine: Routine,
  what: RuleFinding,
  wish: CheckWish & { readonly newId: NewId },
): readonly Change[] {
  const rule: Rule = RULES[what.id];
  if (!rule.mends) return [];
  const here = seen(routine, wish);
  const before = checkSeen(here);
  const known = byPlace(before);
  const see = (one: Routine) => seen(one, { ...wish, score: undefined });
  const spoilt = (after: Routine) => spoiltBy(before, checkSeen(see(after)));
  const making: Making = { newId: wish.newId, phrases: wish.phrases, see, spoilt };
  const isGone = (findings: readonly RuleFinding[]) =>
    !findings.some((one) => sameTrouble(one, what));
  const gone = (after: Routine) => {
    const findings = checkSeen(see(after));
    return isGone(findings) && newFindings(before, findings).length === 0;
  };
  const good: Change[] = [];
  const noted: Change[] = [];
  const offered = new Set<string>();
  for (const change of rule.mends(here, what, making).slice(0, MOST_TRIED)) {
    const after = change && changed(routine, change);
    if (!after) continue;
    const brings = broughtBy(after, change)
      .map(({ move }) => move)
      .join('|');
    if (offered.has(brings)) continue;
    const findings = checkSeen(see(after));
    if (brings !== '' && stillMinded(what, findings)) continue;
    if (!isGone(findings) || (!rule.tells && newFindings(before, findings).length > 0)) continue;
    offered.add(brings);
    const isGood = findings.every((one) => wasThere(known, one));
    (isGood ? good : noted).push(change);
    if (good.length === MOST_OFFERED || (brings === '' && isGood)) break;
  }
  const mends = [...good, ...noted];
  const [best] = mends;
  if (!best) return what.severity === 'stop' ? waysOut(here, what, gone) : [];
  const bringing = (change: Change) => broughtBy(routine, change).length > 0;
  return bringing(best) ? mends.filter(bringing).slice(0, MOST_OFFERED) : [best];
}

/** So many moves of other families are tried before the row is left out. */
const MOST_WIDE = 30;

/**
 * A stop always has a way out: a move of any family that works the same region, that everybody can do and
 * no limit bars; and to leave the row out.
 */
function waysOut(
  here: Seen,
  { itemId }: RuleFinding,
  isGood: (after: Routine) => boolean,
): readonly Change[] {
  const one = itemId ? here.itemById.get(itemId) : undefined;
  if (!one) return [];
  const { move } = one.inForce;
  const there = new Set(here.items.map(({ item }) => item.moveId));
  const shared = (other: Move) => other.regions.filter((r) => move.regions.includes(r)).length;
  const swaps = movesForAll(here, (other) => !there.has(other.id) && shared(other) > 0)
    .toSorted(
      (a, b) =>
        Number(b.kind === move.kind) - Number(a.kind === move.kind) || shared(b) - shared(a),
    )
    .slice(0, MOST_WIDE)
    .flatMap((other) => swapMove(here.routine, one.item.id, other.id) ?? []);
  const found: Change[] = [];
  for (const change of swaps) {
    const after = changed(here.routine, change);
    if (after && isGood(after)) found.push(change);
    if (found.length === MOST_OFFERED) break;
  }
  const out = removeEntry(here.routine, one.item.id);
  const left = out && changed(here.routine, out);
  if (!out || !left) return found;
  return isGood(left) || found.length === 0 ? [...found.slice(0, MOST_OFFERED - 1), out] : found;
}

/** The best of them. */
export function mendOf(
  routine: Routine,
  what: RuleFinding,
  wish: CheckWish & { readonly newId: NewId },
): Change | undefined {
  return mendsOf(routine, what, wish)[0];
}

/**
 * Whether what was brought in a row's place is minded by the same limit for whatever reason: a rounded back
 * is not mended by another rounding, nor a stop by a caution.
 */
function stillMinded(what: RuleFinding, findings: readonly RuleFinding[]): boolean {
  const { id, itemId, about } = what;
  const limits = about.limits ?? [];
  return findings.some(
    (one) =>
      id === 'limit-load' &&
      one.id === id &&
      one.itemId === itemId &&
      one.about.limits?.some((limit) => limits.includes(limit)),
  );
}

/** The same rule at the same place, about the same things: what a mend must have silenced. */
function sameTrouble(a: Finding, b: Finding): boolean {
  const about = (one: Finding) =>
    [one.about.regions, one.about.directions, one.about.sections].flat().join();
  return (
    a.id === b.id && a.itemId === b.itemId && a.severity === b.severity && about(a) === about(b)
  );
}

/** The routine as it would be; undefined where an edit does not fit it, or changes nothing. */
function changed(routine: Routine, change: Change): Routine | undefined {
  if (change.steps.length === 0) return undefined;
  const after = applyChange(routine, change);
  const good = itemsInOrder(after).every((item) => itemFaults(item, after).length === 0);
  return good ? after : undefined;
}
