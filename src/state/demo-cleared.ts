import { isoWithOffset } from '@/core/common';
import { lotBinned } from './bin';
import type { Hall } from './hall';
import { MARK } from './hall/kinds';
import { noticeClosed, noticeShown, type Counts } from './hall/notices';
import { ALL_KINDS, LED, PLAN } from './kinds';
import { standingTaken } from './people';
import { keyOf, writeStored, type AnyKind } from './storage/kind';
import { attachWorkshop, readAllRuns } from './workshop';

/** One thing that is kept. */
interface Kept {
  readonly kind: AnyKind<never>;
  readonly id: string;
  readonly key: string;
  readonly value: unknown;
}

/** What of the demo data can go, and what stays. */
interface Clearing {
  readonly going: readonly Kept[];
  readonly goes: Counts;
  readonly stays: Counts;
}

const isDemoId = (id: string) => id.startsWith('demo-');
/** What says something of a thing of the demo data, and goes with it. */
const FOLLOWERS: readonly string[] = [MARK.name, 'class-for', 'history'];
/** What stands on the classes that need it. */
const OF_RUNS: readonly string[] = [LED.name, PLAN.name];
/** What people count. */
const COUNTED = ['routine', 'person', 'group', 'run', 'reading', 'move'];

/**
 * What came as demo data and was not changed since, and is not used by anything of somebody's own. All
 * else stays: what was changed, what was made here, and whatever of the demo data that needs.
 */
function clearingOf({ keeper, store }: Hall): Clearing {
  const state = store.getState();
  const all = ALL_KINDS.filter(({ derived, many }) => !derived && many).flatMap((kind): Kept[] =>
    Object.entries<unknown>(kind.slice.all(state as never)).map(([id, value]) => ({
      kind,
      id,
      key: keyOf(kind, id),
      value,
    })),
  );
  const isMarked = (id: string) => {
    const mark = (state.marks as Readonly<Record<string, (typeof state.marks)[never]>>)[id];
    return mark !== undefined && (mark.tags.length > 0 || mark.archived);
  };
  const asItCame = ({ kind, id, key }: Kept) =>
    COUNTED.includes(kind.name) && isDemoId(id) && keeper.revisionOf(key) <= 1 && !isMarked(id);
  const going = new Map(all.filter(asItCame).map((one) => [one.id, one]));
  const isLed = ({ kind }: Kept) => OF_RUNS.includes(kind.name);
  const follows = ({ kind, id }: Kept) => FOLLOWERS.includes(kind.name) && going.has(id);
  // What something that stays speaks of stays too, and so on.
  for (let news = true; news;) {
    const staying = all.filter((one) => going.get(one.id) !== one && !follows(one) && !isLed(one));
    const text = JSON.stringify(staying.map(({ value }) => value));
    const named = new Set(text.match(/"demo-[A-Za-z0-9_-]+"/gu)?.map((id) => id.slice(1, -1)));
    const before = going.size;
    for (const id of named) going.delete(id);
    news = going.size < before;
  }
  const staysHere = all.filter((one) => going.get(one.id) !== one && !follows(one));
  const runs = JSON.stringify(staysHere.filter(({ kind }) => kind.name === 'run'));
  const isUnused = (one: Kept) => isLed(one) && !runs.includes(`"${one.id}"`);
  const isGoing = (one: Kept) => going.get(one.id) === one || follows(one) || isUnused(one);
  const count = (some: readonly Kept[]): Counts =>
    Object.fromEntries(
      COUNTED.map(
        (name) => [name, some.filter(({ kind }) => kind.name === name).length] as const,
      ).filter(([, n]) => n > 0),
    );
  return {
    going: all.filter(isGoing),
    goes: count(all.filter(isGoing)),
    stays: count(all.filter((one) => !isGoing(one))),
  };
}

/** Counts what would go and what would stay, and asks. */
export async function askToClear(hall: Hall): Promise<void> {
  await readAllRuns(hall);
  await hall.keeper.saveNow();
  const { goes, stays } = clearingOf(hall);
  hall.store.dispatch(noticeClosed({ kind: 'demo-loaded' }));
  hall.store.dispatch(noticeShown({ kind: 'clear-demo', goes, stays }));
}

/** Clears the demo data away, as far as it is as it came: into the bin, whole. */
export async function startEmpty(hall: Hall): Promise<void> {
  await readAllRuns(hall);
  await hall.keeper.saveNow();
  const { dispatch } = attachWorkshop(hall);
  const { going } = clearingOf(hall);
  const id = hall.platform.newId();
  const kept = Object.fromEntries(
    going.map(({ kind, key, value }) => [key, JSON.parse(writeStored(kind, value, 1))]),
  );
  const binnedAt = isoWithOffset(hall.platform.clock.wallTime());
  dispatch(lotBinned([{ id, binnedAt, kept }]));
  for (const one of going) dispatch(one.kind.slice.remove(one.id));
  for (const one of going) dispatch(standingTaken(one.id));
  dispatch(noticeClosed({ kind: 'demo-loaded' }));
  dispatch(noticeClosed({ kind: 'clear-demo', goes: {}, stays: {} }));
  dispatch(noticeShown({ kind: 'emptied', lot: id }));
}
