import { Link, useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { Fold, SANS, Screen, TARGET, Target, rem, useTokens } from '@/design';
import { useHall } from '@/features/frame';
import { HelpFields, SoundCheck, SoundSettings } from '@/features/lead';
import { canInstall, install, isInstalled, onInstallable } from '@/platform/install';
import { openAnew } from '@/platform/page';
import { isNearlyFull, roomLeft } from '@/platform/storage';
import {
  keptSizes,
  persistenceKnown,
  useAppDispatch,
  useAppSelector,
  type KeptSize,
} from '@/state';
import { takeVersion } from '@/state/hall';
import { momentShown } from '@/words/moments';
import { DEVICE, KEEP } from './strings';

/** What this device is set to and can do, in one place. */
export function DeviceScreen() {
  const router = useRouter();
  return (
    <Screen
      title={DEVICE.title}
      onBack={() => (router.canGoBack() ? router.back() : router.replace('/'))}
    >
      <ScrollView contentContainerStyle={styles.page}>
        <WithoutNetwork />
        <Version />
        <Installed />
        <Part heading={DEVICE.sound}>
          <SoundCheck />
          <Fold flat title={DEVICE.soundAndScreen}>
            <SoundSettings />
          </Fold>
        </Part>
        <Part heading={DEVICE.help}>
          <HelpFields />
        </Part>
        <Kept />
      </ScrollView>
    </Screen>
  );
}

function Part({
  heading,
  children,
}: {
  readonly heading: string;
  readonly children: React.ReactNode;
}) {
  return (
    <View style={styles.part}>
      <Text variant="titleMedium" role="heading" aria-level={2}>
        {heading}
      </Text>
      {children}
    </View>
  );
}

function WithoutNetwork() {
  const { hall } = useHall();
  const { state } = useAppSelector((all) => all.version);
  const [since, setSince] = useState<string>();
  useEffect(() => {
    if (state === 'works') void hall.platform.offline.since().then(setSince);
  }, [hall, state]);
  return (
    <Part heading={DEVICE.withoutNetwork}>
      <Text variant="bodyLarge" aria-live="polite">
        {state === 'works' ? DEVICE.works(since && momentShown(since)) : DEVICE.states[state]}
      </Text>
    </Part>
  );
}

function Version() {
  const { hall } = useHall();
  const { state, waits, busy } = useAppSelector((all) => all.version);
  const [said, setSaid] = useState('');
  const { offline } = hall.platform;
  const look = async () => {
    setSaid(DEVICE.looking);
    setSaid(DEVICE.looked[await offline.look()]);
  };
  const anew = async () => {
    setSaid(DEVICE.fetching);
    if (await offline.fetchAnew()) openAnew('/device');
    else setSaid(DEVICE.notFetched);
  };
  return (
    <Part heading={DEVICE.version}>
      <Text variant="bodyLarge">{offline.version()}</Text>
      <View style={styles.actions}>
        {waits ? (
          <Target
            label={DEVICE.take}
            look="filled"
            onPress={() => {
              setSaid('');
              void takeVersion(hall);
            }}
          />
        ) : (
          state !== 'cannot' && <Target label={DEVICE.look} onPress={() => void look()} />
        )}
        {state !== 'cannot' && <Target label={DEVICE.anew} onPress={() => void anew()} />}
      </View>
      <Text variant="bodyMedium">{DEVICE.anewHint}</Text>
      <View aria-live="polite">
        {waits && busy && <Text variant="bodyLarge">{DEVICE.busy[busy]}</Text>}
        {said !== '' && <Text variant="bodyLarge">{said}</Text>}
      </View>
    </Part>
  );
}

/** Offered where the browser can; what is installed says so. */
function Installed() {
  const [can, setCan] = useState(canInstall());
  useEffect(() => onInstallable(() => setCan(canInstall())), []);
  if (!can && !isInstalled()) return null;
  return (
    <Part heading={DEVICE.installed}>
      <Text variant="bodyLarge">{isInstalled() ? DEVICE.isInstalled : DEVICE.installHint}</Text>
      {can && (
        <View style={styles.actions}>
          <Target label={DEVICE.install} onPress={() => void install()} />
        </View>
      )}
    </Part>
  );
}

function Kept() {
  const t = useTokens();
  const { hall } = useHall();
  const dispatch = useAppDispatch();
  const persistent = useAppSelector((state) => state.notices.persistent);
  const backedUpAt = useAppSelector((state) => state.device.backedUpAt);
  const [sizes, setSizes] = useState<readonly KeptSize[] | 'failed'>();
  const [room, setRoom] = useState<Awaited<ReturnType<typeof roomLeft>>>();
  useEffect(() => {
    void keptSizes(hall.platform.store).then(setSizes, () => setSizes('failed'));
    void roomLeft().then(setRoom, () => undefined);
  }, [hall]);
  const ask = () =>
    void hall.platform.askToPersist().then((kept) => dispatch(persistenceKnown(kept)));
  const link = StyleSheet.flatten([styles.link, { color: t.ink }]);
  return (
    <Part heading={DEVICE.kept}>
      {sizes === 'failed' && <Text variant="bodyLarge">{DEVICE.notRead}</Text>}
      {Array.isArray(sizes) && (
        <Fold
          flat
          title={DEVICE.byKind}
          sum={sizeShown(sizes.reduce((all, { bytes }) => all + bytes, 0))}
        >
          {shownSizes(sizes).map(({ name, count, bytes }) => (
            <View key={name} style={[styles.row, { borderBottomColor: t.line }]}>
              <Text variant="bodyLarge" style={styles.grow}>
                {name}
              </Text>
              <Text variant="bodyMedium" style={[styles.figure, { color: t.quiet }]}>
                {count} · {sizeShown(bytes)}
              </Text>
            </View>
          ))}
        </Fold>
      )}
      {room && (
        <Text variant="bodyLarge">{KEEP.size(sizeShown(room.used), sizeShown(room.room))}</Text>
      )}
      {room && isNearlyFull(room) && (
        <Text variant="bodyLarge" style={{ color: t.clay }}>
          {DEVICE.nearlyFull}
        </Text>
      )}
      <Text variant="bodyLarge">
        {persistent === true
          ? KEEP.persistent
          : persistent === false
            ? DEVICE.refused
            : DEVICE.notAsked}
      </Text>
      {persistent !== true && (
        <View style={styles.actions}>
          <Target label={DEVICE.ask} onPress={ask} />
        </View>
      )}
      <Text variant="bodyLarge">
        {backedUpAt ? KEEP.last(backedUpAt.slice(0, 10)) : KEEP.never}
      </Text>
      <Link href="/backup" style={link}>
        {KEEP.title}
      </Link>
      <Link href="/privacy" style={link}>
        {DEVICE.privacy}
      </Link>
    </Part>
  );
}

/** What has a name of its own by it, and all the rest as one. */
function shownSizes(sizes: readonly KeptSize[]) {
  const named = new Map<string, { name: string; count: number; bytes: number }>();
  for (const { kind, count, bytes } of sizes) {
    const name = KEEP.kinds[kind] ?? DEVICE.other;
    const known = named.get(name) ?? { name, count: 0, bytes: 0 };
    named.set(name, { name, count: known.count + count, bytes: known.bytes + bytes });
  }
  return [...named.values()].sort((a, b) => b.bytes - a.bytes);
}

const sizeShown = (bytes: number) =>
  bytes < 1_000_000 ? `${Math.ceil(bytes / 1000)} kB` : `${Math.round(bytes / 1_000_000)} MB`;

const styles = StyleSheet.create({
  page: { padding: 16, gap: 24, maxWidth: 680, width: '100%', alignSelf: 'center' },
  part: { gap: 8 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  row: {
    flexDirection: 'row',
    alignItems: 'baseline',
    gap: 12,
    borderBottomWidth: 1,
    paddingVertical: 6,
  },
  grow: { flexGrow: 1, flexShrink: 1 },
  figure: { fontVariant: ['tabular-nums'] },
  link: {
    fontFamily: SANS,
    display: 'flex',
    minHeight: TARGET,
    alignItems: 'center',
    fontSize: rem(16),
  },
});
