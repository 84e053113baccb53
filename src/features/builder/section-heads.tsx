import { View } from 'react-native';
import {
  MOST_ROUNDS,
  SECTIONS,
  changeHeader,
  type SectionHead,
  type SectionName,
} from '@/core/routine';
import { SECTION_TITLES, timeWords } from '@/words/names';
import { Steps } from './steps';
import { BUILD, EDITOR } from './strings';
import { ThroughoutField } from './throughout-field';
import type { Editing } from './use-routine';

const REST_STEP_MS = 5000;
const LONGEST_REST_MS = 600_000;

/** How often each section is done, with what rest, and what is kept up in it. */
export function SectionHeads({ routine, change }: Pick<Editing, 'routine' | 'change'>) {
  const put = (section: SectionName, words: { [K in keyof SectionHead]?: SectionHead[K] }) => {
    const { rounds, restMs, throughout } = { ...routine.heads?.[section], ...words };
    const head: SectionHead = {
      ...(rounds !== undefined && { rounds }),
      ...(rounds !== undefined && restMs !== undefined && { restMs }),
      ...(throughout && { throughout }),
    };
    const { [section]: _, ...others } = routine.heads ?? {};
    const heads = Object.keys(head).length > 0 ? { ...others, [section]: head } : others;
    change(changeHeader(routine, { heads: Object.keys(heads).length > 0 ? heads : undefined }));
  };
  return SECTIONS.filter((section) => routine.sections[section].length > 0).map((section) => {
    const title = SECTION_TITLES[section];
    const { rounds = 1, restMs = 0, throughout } = routine.heads?.[section] ?? {};
    const toRounds = (n: number) =>
      n < 1 || n > MOST_ROUNDS
        ? undefined
        : () => put(section, { rounds: n === 1 ? undefined : n });
    const toRest = (ms: number) =>
      ms < 0 || ms > LONGEST_REST_MS
        ? undefined
        : () => put(section, { restMs: ms === 0 ? undefined : ms });
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
          onKeep={(next) => put(section, { throughout: next })}
        />
      </View>
    );
  });
}
