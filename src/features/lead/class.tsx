import { useRouter } from 'expo-router';
import { useEffect, useState, type ReactNode } from 'react';
import { StyleSheet, View, useWindowDimensions } from 'react-native';
import { Text } from 'react-native-paper';
import { SKIP_WHYS, type SkipWhy } from '@/core/class';
import { printClock } from '@/core/common';
import { lanesOf, type Choices as Decided, type Routine } from '@/core/routine';
import { Target, useTokens } from '@/design';
import { useFindings } from '@/features/builder/findings';
import { askBeforeLeaving, isOnButton, onKey } from '@/platform/page';
import { keepAwake } from '@/platform/wake-lock';
import {
  act,
  deviceSet,
  endLead,
  hasVoice,
  leadDecided,
  leadPassed,
  ledOf,
  runThrough,
  scriptOfLead,
  useAppDispatch,
  useAppSelector,
  type LeadInProgress,
  type PlainDeed,
} from '@/state';
import { Controls } from './controls';
import { Foot } from './foot';
import { Happened } from './happened';
import { KeySheet } from './key-sheet';
import { deedOf, type KeyDeed } from './keys';
import { MoreSheet } from './more-sheet';
import { FillingFigure, NowFigure, NowLanes, NowWords } from './now';
import { Ready } from './ready';
import { figureBeside, stageSizes } from './shape';
import { Stage, type Cover } from './stage';
import { StopSigns } from './stop-signs';
import { LEAD } from './strings';
import { useNews } from './use-news';
import { usePlace, type Place } from './use-place';
import { longerWords, viewAt, type LeadView } from './view';

/** What lies over the class: the first three hold it, the others let it go on. */
type Over = 'finish' | 'stop-signs' | 'happened' | 'more' | 'keys' | undefined;

/** A class from its first second to its last. */
export function Class({ current }: { readonly current: LeadInProgress }) {
  const t = useTokens();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const elsewhere = useAppSelector((state) => state.lead.elsewhere.length > 0);
  const { lead } = current;
  const led = ledOf(lead);
  const findings = useFindings(lead.routine);
  const begun = lead.clockMs !== null || lead.ledMs > 0 || lead.fromMs > 0;
  useEffect(() => keepAwake(), []);
  useEffect(() => (begun ? askBeforeLeaving() : undefined), [begun]);
  useEffect(() => {
    document.title = `${lead.routine.title} · Hushed Willow`;
  }, [lead.routine.title]);
  if (begun) return <Leading current={current} />;
  const decided = (passedStops: number, choices: Decided) => {
    dispatch(leadDecided(choices));
    if (passedStops > 0) dispatch(leadPassed(passedStops));
  };
  return (
    <View role="main" style={[styles.page, { backgroundColor: t.ground }]}>
      <Ready
        routine={lead.routine}
        score={led.score}
        voice={dispatch(hasVoice())}
        elsewhere={elsewhere}
        checks={findings.state}
        stops={findings.all.filter(({ severity }) => severity === 'stop')}
        onDecided={decided}
        onStart={(passedStops, choices) => {
          decided(passedStops, choices);
          dispatch(act('go'));
        }}
        onRun={(how) => dispatch(runThrough(how))}
        onLeave={() => router.replace(`/routine/${lead.routine.id}`)}
      />
    </View>
  );
}

function Leading({ current }: { readonly current: LeadInProgress }) {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const device = useAppSelector((state) => state.device);
  const [over, setOver] = useState<Over>();
  const [news, tell] = useNews();
  // The skip that is asked about; its number, since there may be several.
  const [asked, setAsked] = useState<number>();
  useEffect(() => {
    if (asked === undefined) return undefined;
    const timer = setTimeout(() => setAsked(undefined), WHY_MS);
    return () => clearTimeout(timer);
  }, [asked]);
  const { lead } = current;
  const led = ledOf(lead);
  const place = usePlace(lead);
  const view = viewAt(led, scriptOfLead(lead), place.placeMs, useCaptions(led.routine));
  const running = lead.clockMs !== null;

  const hold = (what: Over) => {
    dispatch(act('hold'));
    setOver(what);
  };
  const deed = (one: PlainDeed) => {
    if (one === 'ease') tell(LEAD.eased);
    if (one === 'again') tell(LEAD.againSaid);
    if (one === 'on') setAsked(lead.skips.length);
    dispatch(act(one));
  };
  const happened = () => {
    dispatch(act('happened'));
    setOver('happened');
  };
  const toggle = (what: Over) => setOver(over === what ? undefined : what);
  const close = () => setOver(undefined);
  useLeadKeys((key) => {
    if (over === 'stop-signs' || over === 'happened') return key === 'finish' && (close(), true);
    if (key === 'mirror') dispatch(deviceSet({ mirror: !device.mirror }));
    else if (key === 'more' || key === 'keys') toggle(key);
    else if (key === 'finish') (over ? close : () => hold('finish'))();
    else if (over === 'finish') return false;
    else if (key === 'happened') happened();
    else if (key === 'hold') deed(running ? 'hold' : 'go');
    else if (key === 'back' || key === 'on' || view?.whyNot[key] === '') deed(key);
    else tell(view?.whyNot[key] ?? '');
    return true;
  });

  if (over === 'stop-signs' || over === 'happened') {
    return (
      <View role="main" style={[styles.page, { backgroundColor: t.ground }]}>
        {over === 'happened' ? (
          <Happened event={lead.events.at(-1)} onClose={close} />
        ) : (
          <StopSigns onClose={close} />
        )}
      </View>
    );
  }
  if (!view) return null;
  const skipped = asked !== undefined && lead.skips.length > asked && !lead.skips.at(-1)?.why;
  return (
    <ClassStage
      current={current}
      view={view}
      place={place}
      news={news || longerWords(lead, led.score, place.placeMs)}
      sheet={
        over === 'more' ? (
          <MoreSheet
            view={view}
            lanes={lanesOf(led.routine)}
            onDeed={deed}
            onWhyNot={tell}
            onLanes={(lanes) => {
              dispatch(act({ kind: 'lanes', lanes }));
              tell(LEAD.lanesSaid);
            }}
            onKeys={() => setOver('keys')}
            onFinish={() => hold('finish')}
            onClose={close}
          />
        ) : over === 'keys' ? (
          <KeySheet onClose={close} />
        ) : skipped ? (
          <WhyLeft
            onWhy={(why) => {
              dispatch(act({ kind: 'why', why }));
              setAsked(undefined);
            }}
          />
        ) : undefined
      }
      controls={(shape) =>
        over === 'finish' ? (
          <FinishAsk onNo={close} onYes={() => dispatch(endLead('finished-early'))} />
        ) : (
          <Controls
            shape={shape}
            running={running}
            whyNot={view.whyNot}
            open={over === 'more'}
            onDeed={deed}
            onWhyNot={tell}
            onHappened={happened}
            onStopSigns={() => hold('stop-signs')}
            onMore={() => toggle('more')}
          />
        )
      }
    />
  );
}

/** Captions that are left to the application stand for the slower paces, and wherever no voice says all. */
function useCaptions({ group }: Routine): boolean {
  const dispatch = useAppDispatch();
  const { captions, talk } = useAppSelector((state) => state.device);
  if (captions !== 'auto') return captions === 'on';
  return group === 'older' || talk !== 'full' || !dispatch(hasVoice());
}

interface ClassStageProps {
  readonly current: LeadInProgress;
  readonly view: LeadView;
  readonly place: Place;
  readonly news: string;
  /** Lies over the panels. */
  readonly sheet?: ReactNode;
  readonly controls: (shape: ReturnType<typeof stageSizes>['shape']) => ReactNode;
}

/** Everything that is read from across a room, laid out for the window; none of it scrolls. */
function ClassStage({ current, view, place, news, sheet, controls }: ClassStageProps) {
  const t = useTokens();
  const mirror = useAppSelector((state) => state.device.mirror);
  const window = useWindowDimensions();
  const larger = useAppSelector((state) => state.device.larger);
  const sizes = stageSizes(window.width, window.height, larger);
  const { shape, edgeX, edgeY } = sizes;
  const figure = figureBeside(sizes);
  const { lead } = current;
  const running = lead.clockMs !== null;
  const { placeMs, countInMs, wallTime } = place;
  const ends = new Date(wallTime.getTime() + view.remainingMs + countInMs);
  const inner = window.width - 2 * edgeX;
  const cover = coverOf(running, countInMs, view, placeMs);
  const low = shape === 'low';
  const side = low ? 176 + 12 : 0;
  const foot = (
    <Foot
      view={view}
      score={ledOf(lead).score}
      placeMs={placeMs}
      ends={ends}
      sizes={sizes}
      width={inner - side - (low ? window.width * 0.32 + 12 : 0)}
    />
  );
  const stage = (
    <View style={styles.stage}>
      <Stage view={view} cover={cover} mirror={mirror} sizes={sizes} />
      {sheet}
    </View>
  );
  const words = (width: number) => (
    <NowWords view={view} sizes={sizes} width={width} status={news} />
  );
  const lanes = (width: number) =>
    view.lanes.length > 0 && (
      <NowLanes lanes={view.lanes} sizes={sizes} mirror={mirror} width={width} />
    );
  const page = { paddingHorizontal: edgeX, paddingVertical: edgeY, backgroundColor: t.sheet };
  if (low) {
    const column = window.width * 0.32;
    return (
      <View role="main" style={[styles.page, styles.across, page]}>
        <View style={[styles.left, { width: column }]}>
          {words(column)}
          {lanes(column)}
          <FillingFigure view={view} mirror={mirror} />
        </View>
        <View style={styles.middle}>
          {stage}
          {foot}
        </View>
        {controls(shape)}
      </View>
    );
  }
  const broad = shape === 'wide' || shape === 'wall';
  if (broad) {
    const column = inner * 0.22;
    return (
      <View role="main" style={[styles.page, page]}>
        {words(inner)}
        <View style={styles.broad}>
          <View style={[styles.picture, { width: inner * 0.27 }]}>
            <FillingFigure view={view} mirror={mirror} />
          </View>
          {stage}
          {view.lanes.length > 0 && (
            <View style={{ width: column, justifyContent: 'center' }}>{lanes(column)}</View>
          )}
        </View>
        {foot}
        {controls(shape)}
      </View>
    );
  }
  return (
    <View role="main" style={[styles.page, page]}>
      <View style={styles.top}>
        <View style={styles.words}>{words(inner - figure.width - 8)}</View>
        <NowFigure view={view} mirror={mirror} {...figure} />
      </View>
      {lanes(inner)}
      {stage}
      {foot}
      {controls(shape)}
    </View>
  );
}

/** Held, or about to go on: nobody works, and the panels say so. */
function coverOf(
  running: boolean,
  countInMs: number,
  view: LeadView,
  placeMs: number,
): Cover | undefined {
  if (!running) {
    const wayOut = view.wayOut === '' ? '' : LEAD.wayOut(view.wayOut);
    return { title: LEAD.held, words: wayOut || LEAD.heldAt(printClock(placeMs)) };
  }
  if (countInMs <= 0) return undefined;
  return { title: `${LEAD.goingOn} ${Math.ceil(countInMs / 1000)}`, words: view.name };
}

function FinishAsk({ onNo, onYes }: { readonly onNo: () => void; readonly onYes: () => void }) {
  return (
    <View role="alert" style={styles.finish}>
      <Text variant="bodyLarge">{LEAD.finishAsk}</Text>
      <View style={styles.row}>
        <Target label={LEAD.finishYes} look="filled" height={60} onPress={onYes} />
        <Target label={LEAD.finishNo} height={60} onPress={onNo} />
      </View>
    </View>
  );
}

/** Why the last thing was left, by one tap, or not at all; the class goes on meanwhile. */
function WhyLeft({ onWhy }: { readonly onWhy: (why: SkipWhy) => void }) {
  const t = useTokens();
  return (
    <View style={[styles.why, { backgroundColor: t.ground, borderColor: t.ink }]}>
      <Text variant="bodyLarge">{LEAD.whyLeft}</Text>
      <View style={styles.row}>
        {SKIP_WHYS.map((why) => (
          <Target key={why} label={LEAD.whys[why]} onPress={() => onWhy(why)} />
        ))}
      </View>
    </View>
  );
}

/** Long enough to tap, short enough not to be in the way. */
const WHY_MS = 10_000;

/** Keys of the class, unless the focus is on a target that the key would press. */
function useLeadKeys(press: (deed: KeyDeed) => boolean): void {
  useEffect(() =>
    onKey((key, event) => {
      const deed = deedOf(key);
      if (!deed || event.ctrlKey || event.metaKey || (key === ' ' && isOnButton(event))) return;
      if (press(deed)) event.preventDefault();
    }),
  );
}

const styles = StyleSheet.create({
  page: { flex: 1, minHeight: 0, overflow: 'hidden', gap: 6 },
  across: { flexDirection: 'row', gap: 12 },
  left: { gap: 6, minHeight: 0, overflow: 'hidden' },
  middle: { flex: 1, minWidth: 0, gap: 4 },
  broad: { flex: 1, minHeight: 0, flexDirection: 'row', gap: 16 },
  picture: { minHeight: 0 },
  words: { flex: 1, minWidth: 0 },
  top: { flexDirection: 'row', gap: 8 },
  stage: { flex: 1, minHeight: 0, minWidth: 0 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  finish: { gap: 8 },
  why: {
    position: 'absolute',
    left: 0,
    right: 0,
    bottom: 0,
    padding: 8,
    gap: 6,
    borderTopWidth: 2,
  },
});
