import type { UnknownAction } from '@reduxjs/toolkit';
import { z } from 'zod';
import { isRecord, migrated, placeOf, type MigrationStep, type Result } from '@/core/common';
import type { Notice } from '../hall/notices';

/** Something that a saved thing has inside and that counts versions of its own. */
export interface Part {
  /** Where the version stands in what is saved. */
  readonly name: string;
  readonly version: number;
  /** The whole thing with this part of it brought up. */
  readonly broughtUp: (value: unknown, version: number) => unknown;
}

/**
 * One kind of thing that is saved: how it stands in storage, and where it stands in the state. A new
 * kind is one row of this shape and one slice.
 * @template State the state that has the slice
 * @template T the thing, by id in its slice; the same object is the same thing
 */
export interface Kind<State, T> {
  /** The first word of its keys. */
  readonly name: string;
  /** What it is called in what is saved, where that is not its name. */
  readonly inside?: string;
  /** Of those that are saved one by one, `name/ID`; of the others there is one, under `name`. */
  readonly many: boolean;
  readonly version: number;
  readonly migrations: readonly MigrationStep[];
  readonly parts?: readonly Part[];
  readonly schema: z.ZodType<T>;
  readonly idOf: (value: T) => string;
  readonly slice: {
    readonly all: (state: State) => Readonly<Record<string, T>>;
    readonly put: (values: readonly T[]) => UnknownAction;
    readonly remove: (id: string) => UnknownAction;
    /** How what another tab wrote comes in, where that is not as anything else does. */
    readonly told?: (value: T) => UnknownAction;
  };
  /** Whether other tabs are told of what is written. */
  readonly told: boolean;
  /** Made from other kinds, and so written after them. */
  readonly derived?: true;
  /** What people call it, for when it can't be kept; or why nobody has to be told. */
  readonly named: ((value: T) => string) | { readonly quiet: string };
  /**
   * What would be read of it if it were written now, where that is found sooner than by the schema.
   * @returns it as it would be read, or the place of its first fault
   */
  readonly check?: (value: T) => Result<T, string>;
  /** What becomes of two versions that were made at once, here and in another tab. */
  readonly atOnce: AtOnce<T>;
}

/**
 * - `copied`: this tab's goes beside the other's as a thing of its own
 * - `merged`: laid together; where both changed the same, this tab's stands, since somebody may still be
 *   typing it, and the other's lies beside it
 * - `later`: the later writing stands, for the reason that is given
 */
export type AtOnce<T> =
  | {
      readonly way: 'copied';
      readonly copy: (value: T, newId: () => string) => { copy: T; notice: Notice };
    }
  | { readonly way: 'merged' }
  | { readonly way: 'later'; readonly why: string };

/** Of what is made from others. */
export const MADE_ANEW = { quiet: 'it is made anew from what is told of' } as const;
export const LATEST_MADE = { way: 'later', why: 'both are made from the same' } as const;

/** A kind without its own types, as the keeper handles them all. */
export type AnyKind<State> = Kind<State, never> & {
  readonly [Key in 'schema']: z.ZodType<unknown>;
};

/** The row of a kind, checked as one and handed on as any. */
export function kindOf<State, T>(kind: Kind<State, T>): AnyKind<State> {
  return kind as unknown as AnyKind<State>;
}

export function keyOf({ name, many }: Pick<Kind<never, never>, 'name' | 'many'>, id: string) {
  return many ? `${name}/${id}` : name;
}

/** Whether a key is of a kind. One that is kept many times today may have been kept once before. */
export function isOfKind({ name }: Pick<Kind<never, never>, 'name'>, key: string): boolean {
  return key === name || key.startsWith(`${name}/`);
}

export function isOfSome(kinds: readonly Pick<Kind<never, never>, 'name'>[], key: string): boolean {
  return kinds.some((kind) => isOfKind(kind, key));
}

/** What people call it; undefined where nobody has to be told of it. */
export function nameOf(kind: AnyKind<never>, value: unknown): string | undefined {
  return typeof kind.named === 'function' ? kind.named(value as never) : undefined;
}

/** A value as it would be read if it were written now, or the place of what would be refused. */
export function asRead(kind: AnyKind<never>, value: unknown): Result<unknown, string> {
  if (kind.check) return kind.check(value as never);
  const read = kind.schema.safeParse(value);
  return read.success
    ? { ok: true, value: read.data }
    : { ok: false, problems: [placeOf(read.error)] };
}

/** What is kept under a key. */
export function writeStored(kind: AnyKind<never>, value: unknown, revision: number): string {
  const { name, inside = name, version, parts = [] } = kind;
  const versions = Object.fromEntries(parts.map((part) => [part.name, part.version]));
  return JSON.stringify({ version, ...versions, revision, [inside]: value });
}

export type Reading =
  | { readonly state: 'good'; readonly value: unknown; readonly revision: number }
  | { readonly state: 'damaged' | 'newer'; readonly name: string };

const envelopeSchema = z.looseObject({
  version: z.int().min(1),
  revision: z.int().min(0).optional(),
});

const isNewer = (
  { version: own, parts = [] }: AnyKind<never>,
  version: number,
  partVersion: (part: Part) => number,
) => version > own || parts.some((part) => partVersion(part) > part.version);

/** How what is written begins: its versions, and how often it was written. */
const HEAD = /^\{"version":(\d+),((?:"\w+":\d+,)*)"revision":(\d+),/u;

/** What stands under a key, as far as its head says: it is not read for that. */
export function glanceAt(
  kind: AnyKind<never>,
  key: string,
  text: string,
): { readonly state: 'good'; readonly revision: number } | Exclude<Reading, { state: 'good' }> {
  const head = HEAD.exec(text.slice(0, 200));
  if (!head || !text.endsWith('}')) return readStored(kind, key, text);
  const [, version = '', parts = '', revision = ''] = head;
  const versions: unknown = JSON.parse(`{${parts.slice(0, -1)}}`);
  const ofParts = isRecord(versions) ? versions : {};
  return isNewer(kind, Number(version), ({ name }) => Number(ofParts[name] ?? version))
    ? { state: 'newer', name: nameIn(text) ?? key }
    : { state: 'good', revision: Number(revision) };
}

/** What stands under a key, brought up to today's version and checked whole. */
export function readStored(kind: AnyKind<never>, key: string, text: string): Reading {
  const name = nameIn(text) ?? key;
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return { state: 'damaged', name };
  }
  const envelope = envelopeSchema.safeParse(data);
  if (!envelope.success || !isRecord(data)) return { state: 'damaged', name };
  const { version, revision = 0 } = envelope.data;
  const { parts = [] } = kind;
  // Before parts counted for themselves, all versions went up together.
  const versionOf = (part: Part) => Number(data[part.name] ?? version);
  if (isNewer(kind, version, versionOf)) return { state: 'newer', name };
  const own = migrated(kind.migrations, data[kind.inside ?? kind.name], version);
  const value = parts.reduce((whole, part) => part.broughtUp(whole, versionOf(part)), own);
  const result = kind.schema.safeParse(value);
  return result.success
    ? { state: 'good', value: result.data, revision }
    : { state: 'damaged', name };
}

/** The title or the name in a text that may not be readable otherwise. */
export function nameIn(text: string): string | undefined {
  return /"(?:title|name)"\s*:\s*"([^"\\]{1,120})"/u.exec(text)?.[1];
}
