import type { Side } from '@/core/body';
import type { ItemId, NewId } from '@/core/common';
import type { LaneName } from '@/core/people';
import type { Change, Routine } from '@/core/routine';
import type { ScorePhrases } from '@/core/timing';
import type { Seen } from './seen';

/** `stop`: do not lead it like this · `caution`: look · `note`. */
export const SEVERITIES = ['stop', 'caution', 'note'] as const;
export type Severity = (typeof SEVERITIES)[number];

/** Where a rule comes from; `practice` where nothing is published. */
export const RULE_SOURCES = ['practice', 'acsm-2011', 'speech-pace'] as const;
export type RuleSource = (typeof RULE_SOURCES)[number];

/** What a rule finds: data only, of which words make a sentence. */
export interface Found {
  readonly severity?: Severity;
  /** Null for what concerns the routine as a whole. */
  readonly itemId?: ItemId | null;
  /** Null where it concerns every lane. */
  readonly lane?: LaneName | null;
  readonly side?: Side | null;
  /** With units in their names. */
  readonly numbers?: Readonly<Record<string, number>>;
  /** Names of loads, limits, regions, props and the like that it speaks of. */
  readonly about?: Readonly<Record<string, readonly string[]>>;
}

export interface Finding {
  readonly id: string;
  readonly severity: Severity;
  readonly itemId: ItemId | null;
  readonly lane: LaneName | null;
  readonly side: Side | null;
  readonly numbers: Readonly<Record<string, number>>;
  readonly about: Readonly<Record<string, readonly string[]>>;
  readonly source: RuleSource;
  /** Why the instructor keeps it, where they said so on a line; a stop stays a stop. */
  readonly accepted?: string;
}

/** What a mend may need to be made. */
export interface Making {
  readonly newId: NewId;
  readonly phrases: ScorePhrases;
  /** A routine as it would be, laid out for the checks, for mends that try. */
  readonly see: (routine: Routine) => Seen;
  /** The items with a new stop or caution in a routine as it would be; undefined where there is none. */
  readonly spoilt: (routine: Routine) => readonly ItemId[] | undefined;
}

/** Edits to try in this order; one that the routine has no room for is none. */
export type Mends = readonly (Change | undefined)[];

/** One check: what it finds and, where an edit can mend it, the edits to try, the best one first. */
export interface Rule {
  readonly severity: Severity;
  readonly source: RuleSource;
  /** Whether it finds the same in whatever order a section's entries stand. */
  readonly anyOrder?: true;
  /** Its working values, with units in their names. */
  readonly values: Readonly<Record<string, number>>;
  readonly find: (seen: Seen) => readonly Found[];
  readonly mends?: (seen: Seen, finding: Finding, making: Making) => Mends;
}
