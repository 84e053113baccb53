import { AFTER_A_FALL, STOP_SIGNS, STOP_SIGNS_TITLE } from './safety';
import { withCapital, withStop } from '@/core/common';
import type { CueSheetPhrases, ScoreColumn, RunColumn } from '@/core/class';
import type { LaneName } from '@/core/people';
import { blockWords, doseWords, plainDoseWords, sectionHeadWords, throughoutWords } from './dose';
import { SECTION_TITLES } from './names';
import { laneTitle } from './lanes';
import { roomNeedsWords } from './needs';
import { withSide } from './sides';

export const SCORE_HEADINGS: Readonly<Record<ScoreColumn, string>> = {
  startSeconds: 'Start (s)',
  endSeconds: 'End (s)',
  kind: 'Kind',
  move: 'Move',
  side: 'Side',
  set: 'Set',
  round: 'Round',
  cue: 'Cue',
};

const SIDES = { left: 'left', right: 'right', both: '', alternating: 'by turns' } as const;

export const cueSheetPhrases: CueSheetPhrases = {
  columns: ['Time', 'Move', 'Side', 'Dose', 'Cue', 'Options'],
  dose: doseWords,
  side: (side) => (side ? SIDES[side] : ''),
  lane: (name, moveName, level) => {
    const title = laneTitle(name as LaneName);
    if (!moveName) return `${title}: rest here and breathe.`;
    return `${title}: ${[moveName, level].filter(Boolean).join(', ')}`;
  },
  watch: (watch, breath) =>
    [withStop(`Watch: ${watch.join('; ')}`), breath].filter(Boolean).join(' '),
  change: (easier, further) => `Easier: ${easier} Further: ${further}`,
  sided: (text, side) => withSide(text, side === 'right' ? 'right' : 'left'),
  rest: 'Rest',
  notice: 'Notice',
  or: (what) => `Or: ${what}.`,
  throughout: (where, kept) => `${where}, all along: ${throughoutWords(kept)}`,
  section: (name) => SECTION_TITLES[name],
  block: (words) => withCapital(blockWords(words)),
  rounds: (section, head) => `${section}: ${sectionHeadWords(head)}`,
  often: (often) => `How often: ${often}`,
  needs: (needs) => `The room needs ${roomNeedsWords(needs)}.`,
  total: (time) => `${time} in all. General guidance, not medical advice.`,
  signsTitle: STOP_SIGNS_TITLE,
  signs: [
    ...STOP_SIGNS.map(({ title, signs, then }) => `${title}: ${signs} ${then}`),
    AFTER_A_FALL,
  ],
};

/** What hangs where everybody sees it: how often, and on which side. */
export const hungPhrases: CueSheetPhrases = { ...cueSheetPhrases, dose: plainDoseWords };

/** The columns of a record as a table. */
export const RUN_HEADINGS: Readonly<Record<RunColumn, string>> = {
  startedAt: 'Started',
  routine: 'Routine',
  how: 'How it ended',
  move: 'Move',
  side: 'Side',
  plannedSeconds: 'Planned seconds',
  realSeconds: 'Led seconds',
};
