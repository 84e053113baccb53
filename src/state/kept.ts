import { z } from 'zod';
import { moveSchema, type Move } from '@/core/catalog';
import { keptLeadSchema, type KeptLead } from '@/core/lead';
import { MOVES_VERSION, moveDraftSchema, type MoveDraft } from '@/core/library';
import { RUN_VERSION, runSchema, type Run } from '@/core/record';
import { ROUTINE_VERSION, migratedRoutine, routineSchema, type Routine } from '@/core/routine';
import { deviceSchema, type DeviceState } from './device';

/** How things are kept: one key each, with the version of its schema. */
export const KEYS = {
  routine: (id: string) => `routine/${id}`,
  run: (id: string) => `run/${id}`,
  move: (id: string) => `move/${id}`,
  draft: (id: string) => `move-draft/${id}`,
  setAside: (key: string) => `set-aside/${key}`,
  lead: 'lead',
  device: 'device',
} as const;

const LEAD_VERSION = 4;
const DEVICE_VERSION = 1;
const DRAFT_VERSION = 1;

export type Kept =
  | { readonly kind: 'routine'; readonly revision: number; readonly routine: Routine }
  | { readonly kind: 'run'; readonly run: Run }
  | { readonly kind: 'move'; readonly move: Move }
  | { readonly kind: 'draft'; readonly draft: MoveDraft }
  | { readonly kind: 'lead'; readonly lead: KeptLead }
  | { readonly kind: 'device'; readonly device: DeviceState };

export function keptRoutine(routine: Routine, revision: number): string {
  return JSON.stringify({ version: ROUTINE_VERSION, revision, routine });
}
export function keptRun(run: Run): string {
  return JSON.stringify({ version: RUN_VERSION, run });
}
export function keptMove(move: Move): string {
  return JSON.stringify({ version: MOVES_VERSION, move });
}
export function keptDraft(draft: MoveDraft): string {
  return JSON.stringify({ version: DRAFT_VERSION, draft });
}
export function keptLead(lead: KeptLead): string {
  return JSON.stringify({ version: LEAD_VERSION, lead });
}
export function keptDevice(device: DeviceState): string {
  return JSON.stringify({ version: DEVICE_VERSION, device });
}

const routineKept = z
  .object({ version: z.literal(ROUTINE_VERSION), revision: z.int().min(0), routine: routineSchema })
  .transform(({ revision, routine }): Kept => ({ kind: 'routine', revision, routine }));
const runKept = z
  .object({ version: z.literal(RUN_VERSION), run: runSchema })
  .transform(({ run }): Kept => ({ kind: 'run', run }));
const moveKept = z
  .object({ version: z.literal(MOVES_VERSION), move: moveSchema })
  .transform(({ move }): Kept => ({ kind: 'move', move }));
const draftKept = z
  .object({ version: z.literal(DRAFT_VERSION), draft: moveDraftSchema })
  .transform(({ draft }): Kept => ({ kind: 'draft', draft }));
const leadKept = z
  .object({ version: z.literal(LEAD_VERSION), lead: keptLeadSchema })
  .transform(({ lead }): Kept => ({ kind: 'lead', lead }));
const deviceKept = z
  .object({ version: z.literal(DEVICE_VERSION), device: deviceSchema })
  .transform(({ device }): Kept => ({ kind: 'device', device }));

interface Door {
  readonly starts: string;
  readonly version: number;
  readonly schema: z.ZodType<Kept>;
}

const DOORS: readonly Door[] = [
  { starts: 'routine/', version: ROUTINE_VERSION, schema: routineKept },
  { starts: 'run/', version: RUN_VERSION, schema: runKept },
  { starts: 'move/', version: MOVES_VERSION, schema: moveKept },
  { starts: 'move-draft/', version: DRAFT_VERSION, schema: draftKept },
  { starts: 'lead', version: LEAD_VERSION, schema: leadKept },
  { starts: 'device', version: DEVICE_VERSION, schema: deviceKept },
];

export type Reading =
  | { readonly state: 'good'; readonly kept: Kept }
  | { readonly state: 'damaged' | 'newer'; readonly name: string }
  | { readonly state: 'not-ours' };

/** What stands under a key, checked whole. */
export function readKept(key: string, text: string): Reading {
  const door = DOORS.find(({ starts }) => key.startsWith(starts));
  if (!door) return { state: 'not-ours' };
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return { state: 'damaged', name: nameIn(text) ?? key };
  }
  const version = z.object({ version: z.number() }).safeParse(data);
  const name = nameIn(text) ?? key;
  if (version.success && version.data.version > door.version) return { state: 'newer', name };
  const result = door.schema.safeParse(
    version.success ? broughtUp(data, version.data.version, door) : data,
  );
  return result.success ? { state: 'good', kept: result.data } : { state: 'damaged', name };
}

/**
 * A value of an earlier version as today's: what changed so far is the routine inside, and runs and
 * leads have counted their versions with it.
 */
function broughtUp(data: unknown, version: number, door: Door): unknown {
  if (version === door.version) return data;
  return { ...mended(data, version), version: door.version };
}

function mended(data: unknown, version: number): object {
  if (typeof data !== 'object' || data === null) return {};
  const inside = Object.entries(data).map(([key, value]: [string, unknown]) => {
    if (key === 'routine') return [key, migratedRoutine(value, version)];
    return [key, typeof value === 'object' && value !== null ? mended(value, version) : value];
  });
  return Array.isArray(data) ? data : (Object.fromEntries(inside) as object);
}

/** The title or the name in a text that may not be readable otherwise. */
function nameIn(text: string): string | undefined {
  return /"(?:title|name)"\s*:\s*"([^"\\]{1,120})"/u.exec(text)?.[1];
}
