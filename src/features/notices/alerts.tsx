import { useEffect } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Target, useTokens } from '@/design';
import { useHall, useWork } from '@/features/frame';
import { askBeforeLeaving, reload } from '@/platform/page';
import { takeVersion, useHallSelector, versionPutOff } from '@/state/hall';
import { ALERT, atOnceText, unsavedText } from './strings';

/**
 * What stands in the way of keeping things, over every page: drawn once for all of them.
 * @param quiet the room may see this page: nobody is named, and what can wait waits
 */
export function Alerts({ quiet }: { readonly quiet: boolean }) {
  const { hall } = useHall();
  const { saving, unsaved, newer, unread } = useHallSelector((state) => state.notices);
  const isLost = saving === 'failed' || saving === 'stopped';
  useEffect(() => (isLost ? askBeforeLeaving() : undefined), [isLost]);
  const saveFile = useSaveUnsaved();
  return (
    <>
      <View aria-live="assertive">
        {unread && (
          <Alert words={ALERT.unread}>
            <Target label={ALERT.again} onPress={() => hall.keeper.askNow()} />
            <Target look="plain" label={ALERT.goWithout} onPress={() => hall.keeper.goWithout()} />
          </Alert>
        )}
        {saving === 'stopped' && (
          <Alert words={newer === undefined ? ALERT.without : ALERT.newer(quiet ? '' : newer)}>
            <Target label={ALERT.reload} onPress={reload} />
            <Target look="plain" label={ALERT.saveFile} onPress={saveFile} />
          </Alert>
        )}
        {unsaved.length > 0 && (
          <Alert words={unsavedText(unsaved, quiet)}>
            <Target label={ALERT.saveFile} onPress={saveFile} />
            <Target look="plain" label={ALERT.again} onPress={() => void hall.keeper.saveNow()} />
          </Alert>
        )}
        {!quiet && <AtOnce />}
      </View>
      <View aria-live="polite">{!quiet && <NewVersion />}</View>
    </>
  );
}

/** A version that waits is taken by a press, and never by itself under somebody's hands. */
function NewVersion() {
  const { hall } = useHall();
  const { waits, isOlder, busy, isPutOff } = useHallSelector((state) => state.version);
  if (isOlder) {
    return (
      <Line words={ALERT.older}>
        <Target label={ALERT.reload} onPress={reload} />
      </Line>
    );
  }
  if (!waits || isPutOff) return null;
  return (
    <Line words={busy ? ALERT.busy[busy] : ALERT.newVersion}>
      <Target
        label={busy ? ALERT.again : ALERT.takeVersion}
        onPress={() => void takeVersion(hall)}
      />
      <Target
        look="plain"
        label={ALERT.later}
        onPress={() => hall.store.dispatch(versionPutOff())}
      />
    </Line>
  );
}

/** Hands over what is not in storage, as a file that can be brought in again. */
function useSaveUnsaved() {
  const { hall, loadWorkshop } = useHall();
  return () => void loadWorkshop().then(({ work }) => work.saveUnsaved(hall));
}

/** Versions that another tab's stood in the way of, each until somebody has chosen. */
function AtOnce() {
  const work = useWork();
  const beside = useHallSelector((state) => state.beside);
  return Object.values(beside).map(({ id, name, text }) => (
    <Alert key={id} words={atOnceText(name)}>
      <Target
        label={ALERT.other}
        said={ALERT.otherOf(name)}
        onPress={() => void work((to, dispatch) => dispatch(to.swapBeside(id)))}
      />
      <Target
        look="plain"
        label={ALERT.saveFile}
        onPress={() => void work((to, dispatch) => dispatch(to.saveText(name, text)))}
      />
      <Target
        look="plain"
        label={ALERT.deleteOther}
        said={ALERT.deleteOtherOf(name)}
        onPress={() => void work((to, dispatch) => dispatch(to.besideTaken(id)))}
      />
    </Alert>
  ));
}

interface Said {
  readonly words: string;
  readonly children: React.ReactNode;
}

const Alert = (said: Said) => <Line {...said} isUrgent />;

function Line({ words, children, isUrgent }: Said & { readonly isUrgent?: true }) {
  const t = useTokens();
  return (
    <View
      role={isUrgent ? 'alert' : 'status'}
      style={[
        styles.alert,
        { backgroundColor: t.sheet, borderBottomColor: isUrgent ? t.clay : t.line },
      ]}
    >
      <Text variant="bodyMedium" style={styles.words}>
        {words}
      </Text>
      <View style={styles.presses}>{children}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  alert: {
    borderBottomWidth: 2,
    paddingHorizontal: 16,
    paddingVertical: 6,
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    columnGap: 12,
    rowGap: 4,
  },
  words: { flexGrow: 1, flexShrink: 1, flexBasis: 220 },
  presses: { flexDirection: 'row', flexWrap: 'wrap', flexShrink: 1, gap: 8 },
});
