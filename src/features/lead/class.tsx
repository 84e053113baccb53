import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { StyleSheet, View, useWindowDimensions } from 'react-native';
import { Text } from 'react-native-paper';
import { printClock } from '@/core/common';
import { Choices, Target, WIDE, useTokens } from '@/design';
import { useFindings } from '@/features/builder/findings';
import { TimeBand } from '@/features/builder/strand';
import { isOnButton, onKey } from '@/platform/page';
import { keepAwake } from '@/platform/wake-lock';
import {
  act,
  deviceSet,
  endLead,
  hasVoice,
  leadDecided,
  leadPassed,
  scoreOfLead,
  scriptOfLead,
  useAppDispatch,
  useAppSelector,
  type LeadInProgress,
} from '@/state';
import { Controls } from './controls';
import { POINTS_HEIGHT, Points } from './points';
import { Ready } from './ready';
import { Stage } from './stage';
import { StopSigns } from './stop-signs';
import { Figure, WayFigure } from '@/features/figure';
import { LEAD } from './strings';
import { usePlace } from './use-place';
import { longerWords, viewAt, type LeadView } from './view';

type Asking = 'finish' | 'stop-signs' | undefined;

/** A class from its first second to its last. */
export function Class({ current }: { readonly current: LeadInProgress }) {
  const t = useTokens();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const device = useAppSelector((state) => state.device);
  const elsewhere = useAppSelector((state) => state.lead.elsewhere.length > 0);
  const window = useWindowDimensions();
  const [asking, setAsking] = useState<Asking>();
  // There is room for one of them: opening one closes the other.
  const [open, setOpen] = useState<'points' | 'settings'>();
  const pointsOpen = open === 'points';
  const settingsOpen = open === 'settings';
  const { lead } = current;
  const score = scoreOfLead(lead);
  const { placeMs, countInMs, wallTime } = usePlace(lead);
  const view = viewAt(lead.routine, score, scriptOfLead(lead), placeMs);
  const running = lead.clockMs !== null;
  const begun = running || lead.ledMs > 0 || lead.fromMs > 0;

  const findings = useFindings(lead.routine);
  useEffect(() => keepAwake(), []);
  useEffect(() => {
    document.title = `${lead.routine.title} · Hushed Willow`;
  }, [lead.routine.title]);

  const ask = (what: Asking) => {
    if (begun) dispatch(act('hold'));
    setAsking(what);
  };
  useLeadKeys(begun && !asking, {
    ' ': () => dispatch(act(running ? 'hold' : 'go')),
    ArrowLeft: () => dispatch(act('back')),
    ArrowRight: () => dispatch(act('on')),
    '+': () => dispatch(act('extend')),
    m: () => dispatch(deviceSet({ mirror: !device.mirror })),
    Escape: () => ask('finish'),
  });

  if (!begun) {
    return (
      <View role="main" style={[styles.page, { backgroundColor: t.ground }]}>
        <Ready
          routine={lead.routine}
          totalMs={score.totalMs}
          voice={dispatch(hasVoice())}
          elsewhere={elsewhere}
          checks={findings.state}
          stops={findings.all.filter(({ severity }) => severity === 'stop')}
          onStart={(passedStops, choices) => {
            dispatch(leadDecided(choices));
            if (passedStops > 0) dispatch(leadPassed(passedStops));
            dispatch(act('go'));
          }}
          onLeave={() => router.replace(`/routine/${lead.routine.id}`)}
        />
      </View>
    );
  }
  if (asking === 'stop-signs') {
    return (
      <View role="main" style={[styles.page, { backgroundColor: t.ground }]}>
        <StopSigns onClose={() => setAsking(undefined)} />
      </View>
    );
  }
  if (!view) return null;
  const ends = new Date(wallTime.getTime() + view.remainingMs + countInMs);
  const wide = window.width >= WIDE;
  return (
    <View role="main" style={[styles.page, { backgroundColor: t.sheet }]}>
      <Now
        view={view}
        mirror={device.mirror}
        wide={wide}
        held={!running}
        countInMs={countInMs}
        longer={longerWords(lead, score, placeMs)}
      />
      <StageArea
        view={view}
        mirror={device.mirror}
        below={pointsOpen ? POINTS_HEIGHT : settingsOpen ? SETTINGS_HEIGHT : 0}
      />
      {pointsOpen && <Points points={view.points} />}
      <View style={[styles.foot, { backgroundColor: t.ground, borderTopColor: t.line }]}>
        <View style={styles.line}>
          <Text variant={wide ? 'headlineSmall' : 'titleMedium'} style={styles.next}>
            {LEAD.next} {view.next}
          </Text>
          <Text variant="titleMedium" style={styles.figure}>
            {LEAD.left(printClock(Math.ceil(view.remainingMs / 1000) * 1000))} ·{' '}
            {LEAD.ends(ends.toLocaleTimeString([], { hour: '2-digit', minute: '2-digit' }))}
          </Text>
        </View>
        <TimeBand score={score} placeMs={placeMs} />
        {asking === 'finish' ? (
          <FinishAsk
            onNo={() => setAsking(undefined)}
            onYes={() => dispatch(endLead('finished-early'))}
          />
        ) : (
          <>
            <Controls
              running={running}
              mayExtend={view.mayExtend}
              onHold={() => dispatch(act('hold'))}
              onGo={() => dispatch(act('go'))}
              onBack={() => dispatch(act('back'))}
              onOn={() => dispatch(act('on'))}
              onMore={() => dispatch(act('extend'))}
            />
            {settingsOpen && <Settings voice={dispatch(hasVoice())} />}
            <View style={styles.tools}>
              <Target
                label={LEAD.options}
                look="plain"
                icon={pointsOpen ? 'less' : 'more'}
                expanded={pointsOpen}
                onPress={() => setOpen(pointsOpen ? undefined : 'points')}
              />
              <Target
                label={LEAD.stopSigns}
                look="plain"
                colour={t.clay}
                onPress={() => ask('stop-signs')}
              />
              <Target
                label={LEAD.settings}
                look="plain"
                icon={settingsOpen ? 'less' : 'more'}
                expanded={settingsOpen}
                onPress={() => setOpen(settingsOpen ? undefined : 'settings')}
              />
              <Target label={LEAD.finish} look="plain" onPress={() => ask('finish')} />
            </View>
          </>
        )}
      </View>
    </View>
  );
}

function Now({
  view,
  mirror,
  wide,
  held,
  countInMs,
  longer,
}: {
  readonly view: LeadView;
  readonly mirror: boolean;
  readonly wide: boolean;
  readonly held: boolean;
  readonly countInMs: number;
  readonly longer: string;
}) {
  const t = useTokens();
  const status = held
    ? [LEAD.held, view.wayOut && LEAD.wayOut(view.wayOut)].filter(Boolean).join('. ')
    : countInMs > 0
      ? `${LEAD.goingOn} ${Math.ceil(countInMs / 1000)}`
      : '';
  const low = useWindowDimensions().height < LOW;
  const room = low
    ? { width: 108, height: 84 }
    : wide
      ? { width: 280, height: 200 }
      : { width: 150, height: 128 };
  return (
    <View style={styles.now}>
      <View style={styles.said}>
        <View style={styles.title}>
          <Text
            variant={wide ? 'headlineMedium' : 'headlineSmall'}
            role="heading"
            aria-level={1}
            style={[styles.name, wide && styles.wideName]}
          >
            {view.name}
          </Text>
          {view.level !== '' && (
            <Text variant="titleMedium" style={{ color: t.quiet }}>
              {view.level}
            </Text>
          )}
        </View>
        <Text
          aria-live="polite"
          variant={wide ? 'headlineSmall' : 'bodyLarge'}
          style={[styles.caption, wide && styles.wideCaption, status !== '' && { color: t.clay }]}
        >
          {status || view.caption}
        </Text>
        {view.throughout.map((words) => (
          <Text key={words} variant={wide ? 'titleMedium' : 'bodyMedium'} style={{ color: t.bark }}>
            {LEAD.throughout(words)}
          </Text>
        ))}
        {longer !== '' && (
          <Text aria-live="polite" variant="titleMedium">
            {longer}
          </Text>
        )}
        {view.lanes.length > 0 && (
          <View style={styles.lanes}>
            {view.lanes.map(({ title, does, figure }) => (
              <View key={title} style={styles.lane}>
                {wide && figure && <Figure {...figure} mirror={mirror} width={88} height={66} />}
                <Text
                  variant={wide ? 'titleMedium' : 'bodyMedium'}
                  style={[styles.does, { color: t.quiet }]}
                >
                  {title}: {does}
                </Text>
              </View>
            ))}
          </View>
        )}
      </View>
      {view.way ? (
        <WayFigure {...view.way} mirror={mirror} {...room} />
      ) : (
        view.figure && <Figure {...view.figure} mirror={mirror} {...room} />
      )}
    </View>
  );
}

/** A phone on its side has no height to give away. */
const LOW = 500;
/** What the stage gives up for the settings, while they are open. */
const SETTINGS_HEIGHT = 148;

function StageArea({
  view,
  mirror,
  below,
}: {
  readonly view: LeadView;
  readonly mirror: boolean;
  readonly below: number;
}) {
  const window = useWindowDimensions();
  const wide = window.width >= WIDE;
  const lanes = (view.lanes.length + view.throughout.length) * (wide ? 14 : 22);
  const height = Math.max(220, window.height - (wide ? 412 : 416) - lanes - below);
  return <Stage view={view} mirror={mirror} width={window.width} height={height} />;
}

function FinishAsk({ onNo, onYes }: { readonly onNo: () => void; readonly onYes: () => void }) {
  return (
    <View role="alert" style={styles.finish}>
      <Text variant="bodyLarge">{LEAD.finishAsk}</Text>
      <View style={styles.tools}>
        <Target label={LEAD.finishYes} look="filled" height={60} onPress={onYes} />
        <Target label={LEAD.finishNo} height={60} onPress={onNo} />
      </View>
    </View>
  );
}

/** What of sound and view is on; the voice only where the device has one. */
function Settings({ voice }: { readonly voice: boolean }) {
  const dispatch = useAppDispatch();
  const device = useAppSelector((state) => state.device);
  return (
    <View style={styles.tools}>
      {voice && (
        <Choices
          label={LEAD.voice}
          choices={LEAD.talks}
          value={device.talk}
          onChoose={(talk) => dispatch(deviceSet({ talk }))}
        />
      )}
      {(['chimes', 'mirror'] as const).map((name) => (
        <Target
          key={name}
          label={LEAD[name]}
          look="plain"
          role="switch"
          icon={device[name] ? 'check' : 'close'}
          checked={device[name]}
          onPress={() => dispatch(deviceSet({ [name]: !device[name] }))}
        />
      ))}
    </View>
  );
}

/** Keys of the class, unless the focus is on a target that the key would press. */
function useLeadKeys(on: boolean, keys: Readonly<Record<string, () => void>>): void {
  useEffect(() => {
    if (!on) return undefined;
    return onKey((key, event) => {
      const press = Object.hasOwn(keys, key) ? keys[key] : undefined;
      if (!press || event.ctrlKey || event.metaKey || (key === ' ' && isOnButton(event))) return;
      event.preventDefault();
      press();
    });
  });
}

const styles = StyleSheet.create({
  page: { flex: 1, minHeight: 0, overflow: 'scroll' },
  now: { paddingHorizontal: 20, paddingVertical: 12, minHeight: 96, flexDirection: 'row', gap: 8 },
  said: { flex: 1, minWidth: 0, gap: 2 },
  lane: { flexDirection: 'row', alignItems: 'center', gap: 8, flexShrink: 1 },
  does: { flexShrink: 1 },
  name: { fontFamily: '"Atkinson Hyperlegible Next", sans-serif', fontWeight: '700' },
  title: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'baseline', columnGap: 12 },
  lanes: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 24 },
  caption: { fontFamily: '"Atkinson Hyperlegible Next", sans-serif', minHeight: 52 },
  wideName: { fontSize: 44, lineHeight: 52 },
  wideCaption: { fontWeight: '400', fontSize: 30, lineHeight: 40 },
  foot: { borderTopWidth: 1, paddingHorizontal: 16, paddingVertical: 8, gap: 4, flexGrow: 1 },
  line: { flexDirection: 'row', justifyContent: 'space-between', flexWrap: 'wrap', columnGap: 16 },
  next: {
    fontFamily: '"Atkinson Hyperlegible Next", sans-serif',
    fontWeight: '600',
    flexShrink: 1,
  },
  figure: { fontVariant: ['tabular-nums'] },
  tools: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    justifyContent: 'space-between',
    alignItems: 'center',
  },
  finish: { gap: 8 },
});
