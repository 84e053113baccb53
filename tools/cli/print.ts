import { printClock } from '@/core/common';
import type { Move } from '@/core/moves';
import type { Routine } from '@/core/routine';
import type { Score } from '@/core/timing';

/** A move as `moves --json` shows it. */
export function moveRow(move: Move) {
  const { id, name, otherNames, family, kind, sides, regions, dose, range } = move;
  const levels = move.levels.map((level) => ({
    id: level.id,
    name: level.name,
    usual: level.usual ?? false,
    from: level.from,
    through: level.through,
    to: level.to,
    support: level.support,
    props: level.props,
    loads: level.loads,
  }));
  return { id, name, otherNames, family, kind, sides, regions, dose, range, levels };
}

export function table(rows: readonly (readonly string[])[]): string {
  const widths = rows.reduce<number[]>(
    (most, row) => row.map((cell, i) => Math.max(most[i] ?? 0, cell.length)),
    [],
  );
  return rows
    .map((row) =>
      row
        .map((cell, i) => cell.padEnd(widths[i] ?? 0))
        .join('  ')
        .trimEnd(),
    )
    .join('\n')
    .concat('\n');
}

export function movesTable(moves: readonly Move[]): string {
  return table([
    ['name', 'kind', 'sides', 'from', 'levels'],
    ...moves.map((move) => [
      move.name,
      move.kind,
      move.sides,
      [...new Set(move.levels.map(({ from }) => from))].join(', '),
      move.levels.map(({ name }) => name).join(', '),
    ]),
  ]);
}

export function scoreTable(routine: Routine, score: Score): string {
  const rows = score.segments.map((segment) => [
    printClock(segment.startMs),
    `${(segment.endMs - segment.startMs) / 1000} s`,
    segment.kind,
    segment.side ?? '',
    segment.moveName ?? '',
  ]);
  const total = `${routine.title}: ${printClock(score.totalMs)}`;
  const sides = `left ${printClock(score.leftMs)}, right ${printClock(score.rightMs)}`;
  return `${table([['at', 'takes', 'what', 'side', 'move'], ...rows])}${total}, ${sides}\n`;
}
