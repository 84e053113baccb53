import { z } from 'zod';
import type { Platform } from '@/platform';

/** One thing as it was when its page went: what was to stand under its key, or that it was to go. */
export interface Leaving {
  readonly key: string;
  readonly text: string | null;
  /** The revision that was stored then, as far as the page knew. */
  readonly was: number;
}

const leavingsSchema = z.array(
  z.object({ key: z.string(), text: z.string().nullable(), was: z.int().min(0) }),
);
const revisionSchema = z.looseObject({ revision: z.int().min(0).default(0) });

/** Leaves a slip of what is not written; nothing is lost by leaving none where that can't be done. */
export function leaveSlip({ slips }: Pick<Platform, 'slips'>, leavings: readonly Leaving[]): void {
  try {
    slips.leave(leavings.length > 0 ? JSON.stringify(leavings) : undefined);
  } catch {
    // The browser has no room for it, or keeps none: the writing that is under way may still do.
  }
}

/**
 * Writes what pages left unwritten when they went, where nobody has written it since.
 * @returns what has been written since, by this page's own last try or by another tab
 */
export async function takeUpSlips(platform: Platform): Promise<readonly Leaving[]> {
  const late: Leaving[] = [];
  for (const [name, text] of Object.entries(slipsOf(platform))) {
    for (const leaving of readSlip(text)) {
      const written = await platform.locks.exclusive(leaving.key, () => takeUp(platform, leaving));
      if (!written) late.push(leaving);
    }
    platform.slips.remove(name);
  }
  return late;
}

function slipsOf({ slips }: Platform): Readonly<Record<string, string>> {
  try {
    return slips.all();
  } catch {
    return {};
  }
}

function readSlip(text: string): readonly Leaving[] {
  try {
    return leavingsSchema.parse(JSON.parse(text));
  } catch {
    return [];
  }
}

/** Writes it over what its page had last seen. False where something else stands there. */
async function takeUp({ store }: Platform, { key, text, was }: Leaving): Promise<boolean> {
  const there = (await store.read([key]))[key] ?? null;
  if (there === text) return true;
  if (there !== null && revisionOf(there) > was) return false;
  if (text === null) await store.remove([key]);
  else await store.write({ [key]: text });
  return true;
}

function revisionOf(text: string): number {
  try {
    return revisionSchema.parse(JSON.parse(text)).revision;
  } catch {
    return 0;
  }
}
