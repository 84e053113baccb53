import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Button, IconButton, Text } from 'react-native-paper';
import { TARGET, useTokens } from '@/design';
import { useHall, useWork } from '@/features/frame';
import { noticeClosed, useHallDispatch, useHallSelector, type Notice } from '@/state/hall';
import { NOTICE, noticeText } from './strings';

const ALERTS: readonly Notice['kind'][] = ['set-aside', 'was-cleared', 'scripts-gone', 'slipped'];

const OF_MOVES: readonly Notice['kind'][] = [
  'move-kept',
  'move-deleted',
  'move-reverted',
  'moves-brought-in',
  'draft-let-go',
];

/** What the person is told, at the top of the page, with what can be done about it. */
export function Notices({ about = 'routines' }: { readonly about?: 'routines' | 'moves' }) {
  const all = useHallSelector((state) => state.notices.notices);
  const notices = all.filter(({ kind }) => OF_MOVES.includes(kind) === (about === 'moves'));
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
  const dispatch = useHallDispatch();
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
  const work = useWork();
  const { hall } = useHall();
  const router = useRouter();
  switch (notice.kind) {
    case 'demo-loaded':
      return (
        <Action
          label={NOTICE.startEmpty}
          onPress={() => void work(({ askToClear }) => askToClear(hall))}
        />
      );
    case 'clear-demo':
      return Object.keys(notice.goes).length === 0 ? null : (
        <Action
          label={NOTICE.clearDemo}
          onPress={() => void work(({ startEmpty }) => startEmpty(hall))}
        />
      );
    case 'routine-deleted':
    case 'move-deleted':
    case 'move-reverted':
    case 'draft-let-go':
    case 'emptied':
    case 'moves-brought-in':
      return (
        <Action
          label={notice.kind === 'moves-brought-in' ? NOTICE.undo : NOTICE.takeBack}
          onPress={() => work(({ takeBack }, dispatch) => dispatch(takeBack(notice)))}
        />
      );
    case 'was-cleared':
      return <Action label={NOTICE.toBackup} onPress={() => router.push('/backup')} />;
    case 'set-aside':
      return (
        <>
          <Action
            label={NOTICE.saveFile}
            onPress={() => work((to, dispatch) => dispatch(to.saveText(notice.name, notice.text)))}
          />
          <Action
            label={NOTICE.letGo}
            onPress={() => work(({ letGo }, dispatch) => void dispatch(letGo(notice)))}
          />
        </>
      );
    case 'brought-in':
      return <Action label={NOTICE.open} onPress={() => router.push(`/routine/${notice.id}`)} />;
    default:
      return null;
  }
}

interface ActionProps {
  readonly label: string;
  readonly onPress: () => void | Promise<void>;
}

function Action({ label, onPress }: ActionProps) {
  return (
    <Button mode="outlined" onPress={() => void onPress()} contentStyle={styles.button}>
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
