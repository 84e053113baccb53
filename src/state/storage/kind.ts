import type { UnknownAction } from '@reduxjs/toolkit';
import { z } from 'zod';
import { isRecord, migrated, type MigrationStep } from '@/core/common';
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
  /** What is said where it can't be written. */
  readonly failed?: (value: T) => Notice;
  /**
   * What becomes of a thing that was changed here and in another tab at once: it goes beside the
   * other's as a copy. Without this the later writing stands.
   */
  readonly copied?: (value: T, newId: () => string) => { copy: T; notice: Notice };
  /** What is said where it was to be deleted here, and stays since another tab has changed it. */
  readonly stays?: (value: T) => Notice;
}

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
  if (version > kind.version || parts.some((part) => versionOf(part) > part.version)) {
    return { state: 'newer', name };
  }
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
