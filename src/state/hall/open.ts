import { z } from 'zod';
import { dayOfDate, routineIdSchema } from '@/core/common';
import { onPageLeave, onPageLook } from '@/platform/page';
import { WithoutStorage } from '../storage/asking';
import { speakOfSetAside } from '../storage/set-aside';
import { takeUpSlips } from '../storage/slip';
import { deviceSet } from './device';
import type { Hall } from './hall';
import { HALL_KINDS } from './kinds';
import { storeOpened } from './notices';
import { classesCounted } from './version';
import { brokenOffFound, type OpenClass } from './shelf';
import { welcome } from './welcome';
import type { Texts } from '../demo';

/**
 * Opens the first screen: the rows of the list and what this device is set to.
 * @param openWorkshop loads and opens the rest: needed at once where the rows are not there, or where
 * what was to be kept could not be, and has to live in the page
 */
export async function openHall(
  hall: Hall,
  openWorkshop: (beside?: Texts) => Promise<void>,
): Promise<void> {
  const { store, keeper } = hall;
  if (!heard.has(hall)) {
    heard.add(hall);
    onPageLeave(() => void keeper.leave());
    // There may be room by now, or somebody who can make some.
    onPageLook(() => void keeper.saveNow());
  }
  try {
    await openKept(hall, openWorkshop);
  } catch (error) {
    if (!(error instanceof WithoutStorage)) throw error;
  }
  store.dispatch(storeOpened());
}

/** Those that hear of the page; one that is opened again hears of it once. */
const heard = new WeakSet<Hall>();

async function openKept(
  hall: Hall,
  openWorkshop: (beside?: Texts) => Promise<void>,
): Promise<void> {
  const { store, keeper } = hall;
  const known = await keeper.ask(() => hall.platform.store.keys());
  const late = await takeUpSlips(hall.platform).catch(() => []);
  const beside = await welcome(hall, known);
  // Five years are thousands of keys: they are read once, and anew where something was laid in.
  const keys = await keeper.ask(() => hall.platform.store.keys());
  await keeper.take(HALL_KINDS, keys);
  const own = keys.filter((key) => /^run\/(?!demo-)/u.test(key));
  store.dispatch(classesCounted(own.length));
  await speakOfSetAside(store, hall.platform, keys).catch(() => undefined);
  await findBrokenOff(hall, keys).catch(() => undefined);
  const { device } = store.getState();
  const startedOn = device.startedOn ?? dayOfDate(hall.platform.clock.wallTime());
  if (!device.welcomed || !device.startedOn) {
    store.dispatch(deviceSet({ welcomed: true, startedOn }));
  }
  if (beside || late.length > 0 || rowsAreMissing(hall, keys)) await openWorkshop(beside);
  keeper.takeLate(late);
}

/** Routines that an earlier version kept have no rows yet. */
function rowsAreMissing({ store }: Hall, keys: readonly string[]): boolean {
  const { rows } = store.getState().shelf;
  const ids = new Set(Object.keys(rows).map((id) => `routine/${id}`));
  const met = Object.keys(store.getState().meetings).length > 0;
  return keys.some(
    (key) =>
      (key.startsWith('routine/') && !ids.has(key)) || (!met && /^(?:person|group)\//u.test(key)),
  );
}

/** As little of a kept class as its notice on the list says. */
const glimpseSchema = z.object({
  lead: z.object({
    runId: z.string(),
    startedAt: z.string(),
    lead: z.object({
      fromMs: z.number(),
      routine: z.object({ id: routineIdSchema, title: z.string() }),
    }),
  }),
});

/** Finds the class that was broken off last; one that is led in another tab was not. */
async function findBrokenOff({ store, platform }: Hall, keys: readonly string[]): Promise<void> {
  const own = keys.filter((key) => /^lead(\/|$)/.test(key));
  const texts = await platform.store.read(own);
  const held = await platform.locks.held();
  const found = Object.values(texts).flatMap((text) => {
    const glimpse = glimpseSchema.safeParse(parsed(text));
    return glimpse.success && !held.has(`lead ${glimpse.data.lead.runId}`) ? glimpse.data.lead : [];
  });
  const [last] = found.sort((a, b) => b.startedAt.localeCompare(a.startedAt));
  if (!last) return;
  const { fromMs, routine } = last.lead;
  const broken: OpenClass = { routineId: routine.id, title: routine.title, placeMs: fromMs };
  store.dispatch(brokenOffFound(broken));
}

function parsed(text: string | null): unknown {
  try {
    return JSON.parse(text ?? '');
  } catch {
    return undefined;
  }
}
