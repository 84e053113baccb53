import { View } from 'react-native';
import {
  MOST_ROUNDS,
  SECTIONS,
  changeSectionHead,
  type Change,
  type SectionHead,
  type SectionName,
} from '@/core/routine';
import { SECTION_TITLES, timeWords } from '@/words/names';
import { Steps } from '@/features/steps';
import { BUILD, EDITOR } from './strings';
import { ThroughoutField } from './throughout-field';
import type { Editing } from './use-routine';

const REST_STEP_MS = 5000;
const LONGEST_REST_MS = 600_000;

/** How often each section is done, with what rest, and what is kept up in it. */
export function SectionHeads({ routine, change }: Pick<Editing, 'routine' | 'change'>) {
  const put = (section: SectionName, words: { [K in keyof SectionHead]?: SectionHead[K] }) =>
    changeSectionHead(routine, section, { ...routine.heads?.[section], ...words });
  const kept = (made: Change | undefined) => made && (() => change(made));
  return SECTIONS.filter((section) => routine.sections[section].length > 0).map((section) => {
    const title = SECTION_TITLES[section];
    const { rounds = 1, restMs = 0, throughout } = routine.heads?.[section] ?? {};
    const toRounds = (n: number) =>
      n < 1 || n > MOST_ROUNDS
        ? undefined
        : kept(put(section, { rounds: n === 1 ? undefined : n }));
    const toRest = (ms: number) =>
      ms < 0 || ms > LONGEST_REST_MS
        ? undefined
        : kept(put(section, { restMs: ms === 0 ? undefined : ms }));
    return (
      <View key={section}>
        <Steps
          label={BUILD.sectionRounds(title)}
          shown={rounds === 1 ? EDITOR.once : String(rounds)}
          onLess={toRounds(rounds - 1)}
          onMore={toRounds(rounds + 1)}
        />
        {rounds > 1 && (
          <Steps
            label={BUILD.sectionRest(title)}
            shown={timeWords(restMs)}
            onLess={toRest(restMs - REST_STEP_MS)}
            onMore={toRest(restMs + REST_STEP_MS)}
          />
        )}
        <ThroughoutField
          label={BUILD.sectionThroughout(title)}
          kept={throughout}
          onKeep={(next) => change(put(section, { throughout: next }))}
        />
      </View>
    );
  });
}
