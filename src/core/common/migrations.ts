/** One step from a version of something saved to the next, as plain data in and out. */
export interface MigrationStep {
  readonly from: number;
  readonly what: string;
  readonly apply: (data: unknown) => unknown;
}

/** Data of a version after every step from there on; what is not of the kind passes through. */
export function migrated(steps: readonly MigrationStep[], data: unknown, version: number): unknown {
  return steps.filter(({ from }) => from >= version).reduce((now, { apply }) => apply(now), data);
}

/** Whether data is an object that may be looked into. */
export function isRecord(data: unknown): data is Readonly<Record<string, unknown>> {
  return typeof data === 'object' && data !== null && !Array.isArray(data);
}
