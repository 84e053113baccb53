import type { Load, PositionId, Region, Side, SpineDirection } from '@/core/body';
import type { ItemId, NewId } from '@/core/common';
import type { Support } from '@/core/moves';
import type { LaneName, LimitName } from '@/core/people';
import type { Change, Routine, SectionName } from '@/core/routine';
import type { ScorePhrases } from '@/core/timing';
import type { Seen } from './seen';

/** `stop`: do not lead it like this · `caution`: look · `note`. */
export const SEVERITIES = ['stop', 'caution', 'note'] as const;
export type Severity = (typeof SEVERITIES)[number];

/** Where a rule comes from; `practice` where nothing is published. */
export const RULE_SOURCES = ['practice', 'acsm-2011', 'speech-pace'] as const;
export type RuleSource = (typeof RULE_SOURCES)[number];

/** What a finding may name, and what each name is of. */
export interface Named {
  readonly lanes: LaneName;
  readonly loads: Load;
  readonly limits: LimitName | 'not-asked' | 'of-group' | 'of-way';
  readonly regions: Region;
  readonly directions: SpineDirection;
  readonly from: PositionId;
  readonly to: PositionId;
  readonly sections: SectionName;
  readonly stances: string;
  readonly challenges: string;
  readonly holds: Support;
  readonly least: string;
  readonly things: string;
  readonly props: string;
  readonly standIns: string;
  readonly kinds: string;
  readonly moves: string;
  readonly people: string;
  /** Words of the instructor's own. */
  readonly words: string;
  readonly says: string;
  readonly school: string;
  readonly where: string;
  readonly why: string;
}

/** Names by what they are of; only of what a rule speaks of. */
export type About<A extends keyof Named = keyof Named> = {
  readonly [Key in A]?: readonly Named[Key][];
};

/** Numbers with units in their names; only those a rule tells. */
export type Numbers<N extends string = string> = { readonly [Key in N]?: number };

/** What a rule finds: data only, of which words make a sentence. */
export interface Found<N extends string = string, A extends keyof Named = keyof Named> {
  readonly severity?: Severity;
  /** Null for what concerns the routine as a whole. */
  readonly itemId?: ItemId | null;
  /** Null where it concerns every lane. */
  readonly lane?: LaneName | null;
  readonly side?: Side | null;
  readonly numbers?: Numbers<N>;
  readonly about?: About<A>;
}

export interface Finding<N extends string = string, A extends keyof Named = keyof Named> {
  readonly id: string;
  readonly severity: Severity;
  readonly itemId: ItemId | null;
  readonly lane: LaneName | null;
  readonly side: Side | null;
  readonly numbers: Numbers<N>;
  readonly about: About<A>;
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

/**
 * One check: what it finds and, where an edit can mend it, the edits to try, the best one first.
 * @template N the numbers it tells
 * @template A what it names
 */
export interface Rule<N extends string = string, A extends keyof Named = keyof Named> {
  readonly severity: Severity;
  readonly source: RuleSource;
  /** Its mends tell the other checks more, and may bring what they then find. */
  readonly tells?: true;
  /** Whether it finds the same in whatever order a section's entries stand. */
  readonly anyOrder?: true;
  /** Its working values, with units in their names. */
  readonly values: Readonly<Record<string, number>>;
  readonly find: (seen: Seen) => readonly Found<N, A>[];
  readonly mends?: (seen: Seen, finding: Finding<N, A>, making: Making) => Mends;
}
