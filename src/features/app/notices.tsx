import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button, IconButton, Text } from 'react-native-paper';
import { TARGET, useTokens } from '@/design';
import { writeRoutineFile } from '@/core/routine';
import { fileName, saveFile } from '@/platform/files';
import {
  letGo,
  noticeClosed,
  selectOwnMoves,
  startEmpty,
  takeBack,
  useAppDispatch,
  useAppSelector,
  type Notice,
} from '@/state';
import { saveOwnMoves } from './save-own-moves';
import { NOTICE, noticeText } from './strings';

const ALERTS: readonly Notice['kind'][] = [
  'not-saved',
  'run-not-saved',
  'move-not-saved',
  'storage-closed',
  'set-aside',
];

const OF_MOVES: readonly Notice['kind'][] = [
  'move-kept',
  'move-deleted',
  'move-reverted',
  'move-not-saved',
  'moves-brought-in',
  'draft-let-go',
];

/** What the person is told, at the top of the page, with what can be done about it. */
export function Notices({ about = 'routines' }: { readonly about?: 'routines' | 'moves' }) {
  const all = useAppSelector((state) => state.notices.notices);
  const notices = all.filter(
    ({ kind }) => kind === 'storage-closed' || OF_MOVES.includes(kind) === (about === 'moves'),
  );
  return (
    <View aria-live="polite" style={styles.all}>
      {notices.map((notice, i) => (
        <NoticeRow key={`${notice.kind} ${i}`} notice={notice} />
      ))}
    </View>
  );
}

function NoticeRow({ notice }: { readonly notice: Notice }) {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const grave = ALERTS.includes(notice.kind);
  return (
    <View
      role={grave ? 'alert' : 'status'}
      style={[styles.row, { backgroundColor: t.sheet, borderColor: grave ? t.clay : t.line }]}
    >
      <Text variant="bodyMedium" style={styles.text}>
        {noticeText(notice)}
      </Text>
      <View style={styles.actions}>
        <NoticeAction notice={notice} />
        <IconButton
          icon="close"
          size={20}
          style={styles.close}
          accessibilityLabel={NOTICE.close}
          onPress={() => dispatch(noticeClosed(notice))}
        />
      </View>
    </View>
  );
}

function NoticeAction({ notice }: { readonly notice: Notice }) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const routines = useAppSelector((state) => state.routines);
  const own = useAppSelector(selectOwnMoves);
  switch (notice.kind) {
    case 'demo-loaded':
      return <Action label={NOTICE.startEmpty} onPress={() => dispatch(startEmpty())} />;
    case 'routine-deleted':
    case 'move-deleted':
    case 'move-reverted':
    case 'draft-let-go':
    case 'emptied':
      return <Action label={NOTICE.takeBack} onPress={() => dispatch(takeBack(notice))} />;
    case 'moves-brought-in':
      return <Action label={NOTICE.undo} onPress={() => dispatch(takeBack(notice))} />;
    case 'not-saved': {
      const routine = routines[notice.id]?.routine;
      if (!routine) return null;
      const save = () =>
        saveFile(fileName(routine.title, 'json'), writeRoutineFile(routine), 'application/json');
      return <Action label={NOTICE.saveFile} onPress={save} />;
    }
    case 'move-not-saved':
      return <Action label={NOTICE.saveFile} onPress={() => saveOwnMoves(own)} />;
    case 'set-aside':
      return (
        <>
          <Action
            label={NOTICE.saveFile}
            onPress={() => saveFile(fileName(notice.name, 'txt'), notice.text, 'text/plain')}
          />
          <Action label={NOTICE.letGo} onPress={() => void dispatch(letGo(notice))} />
        </>
      );
    case 'brought-in':
      return <Action label={NOTICE.open} onPress={() => router.push(`/routine/${notice.id}`)} />;
    default:
      return null;
  }
}

function Action({ label, onPress }: { readonly label: string; readonly onPress: () => void }) {
  return (
    <Button mode="outlined" onPress={onPress} contentStyle={styles.button}>
      {label}
    </Button>
  );
}

const styles = StyleSheet.create({
  all: { gap: 8 },
  row: {
    borderWidth: 1,
    borderRadius: 12,
    paddingHorizontal: 16,
    paddingVertical: 4,
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    justifyContent: 'flex-end',
    columnGap: 8,
  },
  text: { flexGrow: 1, flexShrink: 1, flexBasis: 220, paddingVertical: 8 },
  actions: { flexDirection: 'row', alignItems: 'center', flexWrap: 'wrap', gap: 4 },
  button: { minHeight: TARGET },
  close: { width: TARGET, height: TARGET, margin: 0, marginRight: -12 },
});
