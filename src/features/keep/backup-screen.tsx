import { Link, useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { FieldWithProblem, SANS, Screen, TARGET, rem, useTokens } from '@/design';
import { useHall } from '@/features/frame';
import { pickFile } from '@/platform/files';
import { openAnew } from '@/platform/page';
import {
  MOST_BACKUP_BYTES,
  bringBackup,
  differencesFrom,
  readBackup,
  saveBackup,
  unlockBackup,
  useAppSelector,
  type BackupRead,
  type Difference,
} from '@/state';
import { momentShown } from '@/words/moments';
import { KEEP } from './strings';

/** Shorter ones are guessed too soon. */
const LEAST_LETTERS = 8;

/** Everything out to one file, and back. */
export function BackupScreen() {
  const router = useRouter();
  return (
    <Screen
      title={KEEP.title}
      onBack={() => (router.canGoBack() ? router.back() : router.replace('/'))}
    >
      <ScrollView contentContainerStyle={styles.page}>
        <Save />
        <Bring />
        <Room />
      </ScrollView>
    </Screen>
  );
}

function Save() {
  const { hall } = useHall();
  const backedUpAt = useAppSelector((state) => state.device.backedUpAt);
  const [first, setFirst] = useState('');
  const [second, setSecond] = useState('');
  const [said, setSaid] = useState('');
  const short = first !== '' && first.length < LEAST_LETTERS;
  const differ = first !== '' && second !== '' && first !== second;
  const ready = first === '' || (!short && first === second);
  const save = async () => {
    const saved = await saveBackup(hall, first);
    if ('fault' in saved) return setSaid(KEEP.noCipher);
    setSaid([KEEP.saved(saved.count), KEEP.leftOut(saved.left)].filter(Boolean).join(' '));
    setFirst('');
    setSecond('');
    return undefined;
  };
  return (
    <View style={styles.part}>
      <Text variant="bodyLarge">{KEEP.why}</Text>
      <Text variant="bodyLarge">
        {backedUpAt ? KEEP.last(backedUpAt.slice(0, 10)) : KEEP.never}
      </Text>
      <FieldWithProblem
        label={KEEP.passphrase}
        value={first}
        secureTextEntry
        maxLength={200}
        autoComplete="new-password"
        onChangeText={setFirst}
        problem={short ? KEEP.short : ''}
      />
      {first !== '' && (
        <FieldWithProblem
          label={KEEP.again}
          value={second}
          secureTextEntry
          maxLength={200}
          autoComplete="new-password"
          onChangeText={setSecond}
          problem={differ ? KEEP.differ : ''}
        />
      )}
      <Text variant="bodyMedium">{KEEP.passphraseHint}</Text>
      <Button
        mode="contained"
        icon="save"
        contentStyle={styles.button}
        style={styles.start}
        disabled={!ready}
        onPress={() => void save()}
      >
        {KEEP.save}
      </Button>
      <View aria-live="polite">{said !== '' && <Text variant="bodyLarge">{said}</Text>}</View>
    </View>
  );
}

type Good = Extract<BackupRead, { state: 'good' }>;

function Bring() {
  const { hall } = useHall();
  const t = useTokens();
  const [read, setRead] = useState<BackupRead>();
  const [differences, setDifferences] = useState<readonly Difference[]>();
  const [passphrase, setPassphrase] = useState('');
  const [said, setSaid] = useState('');
  const take = async (next: BackupRead) => {
    if (next.state === 'bad') {
      setSaid(KEEP.faults[next.fault]);
      return;
    }
    setSaid(next.state === 'good' ? KEEP.leftOut(next.left) : '');
    setRead(next);
    if (next.state === 'good') setDifferences(await differencesFrom(hall, next.kept));
  };
  const choose = async () => {
    const file = await pickFile(MOST_BACKUP_BYTES);
    if (file.kind === 'too-big') setSaid(KEEP.tooBig(file.name));
    if (file.kind === 'text') await take(readBackup(file.text));
  };
  const leave = () => {
    setRead(undefined);
    setDifferences(undefined);
    setPassphrase('');
  };
  const bring = async (good: Good, how: 'merge' | 'replace') => {
    try {
      await bringBackup(hall, good, how);
    } catch {
      return setSaid(KEEP.failed);
    }
    openAnew('/');
    return undefined;
  };
  return (
    <View style={styles.part}>
      <Text variant="titleMedium" role="heading" aria-level={2}>
        {KEEP.bring}
      </Text>
      {!read && (
        <Button
          mode="outlined"
          icon="open"
          contentStyle={styles.button}
          style={styles.start}
          onPress={() => void choose()}
        >
          {KEEP.choose}
        </Button>
      )}
      {read?.state === 'locked' && (
        <>
          <FieldWithProblem
            label={KEEP.locked}
            value={passphrase}
            secureTextEntry
            maxLength={200}
            autoComplete="off"
            onChangeText={setPassphrase}
            problem=""
          />
          <View style={styles.actions}>
            <Button
              mode="contained"
              contentStyle={styles.button}
              disabled={passphrase === ''}
              onPress={() => void unlockBackup(read.locked, passphrase).then(take)}
            >
              {KEEP.unlock}
            </Button>
            <Button mode="outlined" contentStyle={styles.button} onPress={leave}>
              {KEEP.leave}
            </Button>
          </View>
        </>
      )}
      {read?.state === 'good' && differences && (
        <Preview
          good={read}
          differences={differences}
          onBring={(how) => void bring(read, how)}
          onLeave={leave}
        />
      )}
      <View aria-live="polite">
        {said !== '' && (
          <Text variant="bodyLarge" style={{ color: t.clay }}>
            {said}
          </Text>
        )}
      </View>
    </View>
  );
}

interface PreviewProps {
  readonly good: Good;
  readonly differences: readonly Difference[];
  readonly onBring: (how: 'merge' | 'replace') => void;
  readonly onLeave: () => void;
}

function Preview({ good, differences, onBring, onLeave }: PreviewProps) {
  const [sure, setSure] = useState(false);
  const only = differences.reduce((sum, one) => sum + one.only, 0);
  const same = differences.every(({ added, changed }) => added + changed === 0);
  return (
    <View style={styles.part}>
      <Text variant="bodyLarge">{KEEP.from(momentShown(good.madeAt))}</Text>
      {same && <Text variant="bodyLarge">{KEEP.same}</Text>}
      {differences.map(({ kind, added, changed, only: here }) => (
        <Text key={kind} variant="bodyLarge" style={styles.figure}>
          {KEEP.row(KEEP.kinds[kind] ?? kind, added, changed, here)}
        </Text>
      ))}
      <Text variant="bodyMedium">{KEEP.mergeHint}</Text>
      <View style={styles.actions}>
        <Button mode="contained" contentStyle={styles.button} onPress={() => onBring('merge')}>
          {KEEP.merge}
        </Button>
        <Button mode="outlined" contentStyle={styles.button} onPress={() => setSure(true)}>
          {KEEP.replace}
        </Button>
        <Button mode="text" contentStyle={styles.button} onPress={onLeave}>
          {KEEP.leave}
        </Button>
      </View>
      {sure && (
        <View role="alert" style={styles.part}>
          <Text variant="bodyLarge">{KEEP.replaceHint(only)}</Text>
          <Button
            mode="contained"
            contentStyle={styles.button}
            style={styles.start}
            onPress={() => onBring('replace')}
          >
            {KEEP.sure}
          </Button>
        </View>
      )}
    </View>
  );
}

/** How much there is, and whether the browser keeps it, is told of in one place. */
function Room() {
  const t = useTokens();
  return (
    <Link href="/device" style={StyleSheet.flatten([styles.link, { color: t.ink }])}>
      {KEEP.room}
    </Link>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 24, maxWidth: 680, width: '100%', alignSelf: 'center' },
  part: { gap: 8 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  figure: { fontVariant: ['tabular-nums'] },
  button: { minHeight: TARGET },
  start: { alignSelf: 'flex-start' },
  link: {
    fontFamily: SANS,
    display: 'flex',
    minHeight: TARGET,
    alignItems: 'center',
    fontSize: rem(16),
  },
});
