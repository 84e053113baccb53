import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { replaceEntry, type NoticeLine, type RestLine } from '@/core/routine';
import { Field } from '@/design';
import { useHandedOn } from '@/features/frame';
import { timeWords } from '@/words/names';
import { EntryActions } from './entry-actions';
import { PanelTop } from './panel-top';
import { Steps } from '@/features/steps';
import { EDITOR } from './strings';
import type { Editing } from './use-routine';

const STEP_MS = 5000;
const LONGEST_MS = 600_000;

interface RestEditorProps extends Editing {
  readonly rest: RestLine;
  readonly onClose: () => void;
}

export function RestEditor({ rest, onClose, ...editing }: RestEditorProps) {
  const { routine, change } = editing;
  const to = (restMs: number) =>
    restMs < STEP_MS || restMs > LONGEST_MS
      ? undefined
      : () => change(replaceEntry(routine, { ...rest, restMs }));
  return (
    <View style={styles.all}>
      <PanelTop title={EDITOR.rest} onClose={onClose} />
      <Steps
        label={EDITOR.restLength}
        shown={timeWords(rest.restMs)}
        onLess={to(rest.restMs - STEP_MS)}
        onMore={to(rest.restMs + STEP_MS)}
      />
      <EntryActions entry={rest} {...editing} onGone={onClose} />
    </View>
  );
}

interface NoticeEditorProps extends Editing {
  readonly notice: NoticeLine;
  readonly onClose: () => void;
}

/** How long, and what is to be noticed; empty words are not kept. */
export function NoticeEditor({ notice, onClose, ...editing }: NoticeEditorProps) {
  const { routine, change } = editing;
  const [typed, setTyped] = useState(notice.words);
  const put = (words: Partial<NoticeLine>) =>
    change(replaceEntry(routine, { ...notice, ...words }));
  const to = (noticeMs: number) =>
    noticeMs < STEP_MS || noticeMs > LONGEST_MS ? undefined : () => put({ noticeMs });
  const keep = () => {
    const words = typed.trim().slice(0, 300);
    if (words === '') return setTyped(notice.words);
    if (words !== notice.words) put({ words });
  };
  const isNews = typed.trim() !== '' && typed.trim() !== notice.words;
  useHandedOn(isNews ? typed : undefined, keep);
  return (
    <View style={styles.all}>
      <PanelTop title={EDITOR.notice} onClose={onClose} />
      <Steps
        label={EDITOR.restLength}
        shown={timeWords(notice.noticeMs)}
        onLess={to(notice.noticeMs - STEP_MS)}
        onMore={to(notice.noticeMs + STEP_MS)}
      />
      <Field
        label={EDITOR.noticeWords}
        value={typed}
        maxLength={300}
        onChangeText={setTyped}
        onBlur={keep}
        onSubmitEditing={keep}
      />
      <EntryActions entry={notice} {...editing} onGone={onClose} />
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 4, padding: 16 },
});
