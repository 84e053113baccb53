import { createContext, useContext } from 'react';
import { mustMend, type DraftProblem } from '@/core/writing';
import { draftProblemSentence } from '@/words/moves';
import { WRITE } from './strings';

/** What is wrong or could be better in the draft, and whether somebody tried to keep it. */
export interface Found {
  readonly problems: readonly DraftProblem[];
  /** How often it was tried. */
  readonly tries: number;
}

export const FoundContext = createContext<Found>({ problems: [], tries: 0 });

export interface Said {
  readonly text: string;
  readonly must: boolean;
}

/** Problems at a place of the draft, or inside it; what is only empty is told once it was tried. */
export function problemsAt(
  { problems, tries }: Found,
  at: string,
  inside: boolean,
): readonly Said[] {
  const own = problems.filter(({ path, ...problem }) => {
    const key = path.join('.');
    const here = key === at || (inside && key.startsWith(`${at}.`));
    return here && (tries > 0 || problem.kind !== 'missing');
  });
  const said = own.map((problem): Said => {
    const must = mustMend(problem);
    const text = `${draftProblemSentence(problem)}.`;
    return { must, text: must ? text : WRITE.better(text) };
  });
  return said.filter(({ text }, i) => said.findIndex((one) => one.text === text) === i);
}

/** How much has to be mended in the places of a section. */
export function countIn({ problems }: Found, places: readonly string[]): number {
  return problems.filter(
    (problem) =>
      mustMend(problem) &&
      places.some((place) => `${problem.path.join('.')}.`.startsWith(`${place}.`)),
  ).length;
}

export function useProblems(at: string, inside: boolean): readonly Said[] {
  return problemsAt(useContext(FoundContext), at, inside);
}
