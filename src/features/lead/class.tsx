import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { hasBegun, segmentAt } from '@/core/class';
import { initialsOf } from '@/core/people';
import { lanesOf, type Choices as Decided } from '@/core/routine';
import { Target, useTokens } from '@/design';
import type { PlacedFinding } from '@/core/judgement';
import { useFindings } from '@/features/builder/findings';
import { askBeforeLeaving } from '@/platform/page';
import { keepAwake } from '@/platform/wake-lock';
import {
  act,
  deviceSet,
  endLead,
  hasVoice,
  leadDecided,
  leadPassed,
  lengthNow,
  ledOf,
  runThrough,
  scriptOfLead,
  soundState,
  useAppDispatch,
  useAppSelector,
  useOwnParts,
  type LeadInProgress,
  type Notice,
  type PlainDeed,
} from '@/state';
import { timeWords } from '@/words/names';
import { doseWords } from '@/words/people';
import { ClassStage } from './class-stage';
import { Controls } from './controls';
import { Happened } from './happened';
import { KeySheet } from './key-sheet';
import { MoreSheet } from './more-sheet';
import { Ready } from './ready';
import { StopSigns } from './stop-signs';
import { LEAD } from './strings';
import { useCaptions } from './use-captions';
import { useLeadKeys } from './use-lead-keys';
import { useNews } from './use-news';
import { useAtOnce } from './use-at-once';
import { usePlace } from './use-place';
import { longerWords, viewAt } from './view';

/** The room may see this screen: a finding speaks of somebody here, and of nobody by name. */
function unnamed(finding: PlacedFinding): PlacedFinding {
  return { ...finding, about: { ...finding.about, people: [] } };
}

const isSlipped = (notice: Notice): notice is Extract<Notice, { kind: 'slipped' }> =>
  notice.kind === 'slipped';

/** What lies over the class: the first three hold it, the others let it go on. */
type Over = 'finish' | 'stop-signs' | 'happened' | 'more' | 'keys' | undefined;

/** A class from its first second to its last. */
export function Class({
  current,
  again,
}: {
  readonly current: LeadInProgress;
  readonly again: boolean;
}) {
  const t = useTokens();
  const router = useRouter();
  const dispatch = useAppDispatch();
  const elsewhere = useAppSelector((state) => state.lead.elsewhere.length > 0);
  const { lead } = current;
  const led = ledOf(lead);
  const findings = useFindings(lead.routine);
  const begun = hasBegun(lead);
  useEffect(() => (begun ? askBeforeLeaving() : undefined), [begun]);
  useEffect(() => {
    document.title = `${lead.routine.title} · Hushed Willow`;
  }, [lead.routine.title]);
  const atOnce = useAtOnce(current, again, findings);
  useEffect(() => {
    if (atOnce) dispatch(act('go'));
  }, [dispatch, atOnce]);
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
        stops={findings.all.filter(({ severity }) => severity === 'stop').map(unnamed)}
        onDecided={decided}
        onStart={(passedStops, choices) => {
          decided(passedStops, choices);
          dispatch(act('go'));
        }}
        onRun={(how) => dispatch(runThrough(how))}
        onRehearse={() => router.replace(`/rehearse/${lead.routine.id}`)}
        onTonight={() => router.replace(`/routine/${lead.routine.id}?tonight=1`)}
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
  // It is of the screen, and not of the class: it never stands where a cue is.
  const [aside, setAside] = useState('');
  useEffect(() => keepAwake(() => setAside(LEAD.mayDim)), []);
  useEffect(() => {
    const timer = setTimeout(() => {
      const sound = dispatch(soundState());
      if (device.chimes && sound !== 'ready') tell(LEAD.noSound[sound]);
    }, SOUND_BY_MS);
    return () => clearTimeout(timer);
  }, [dispatch, device.chimes, tell]);
  const slipped = useAppSelector((state) => state.notices.notices.findLast(isSlipped));
  useEffect(() => {
    if (slipped) tell(LEAD.slipped[slipped.what]);
  }, [slipped, tell]);
  const { lead } = current;
  const led = ledOf(lead);
  const place = usePlace(lead);
  const view = viewAt(led, scriptOfLead(lead), place.placeMs, useCaptions(led.routine));
  const running = lead.clockMs !== null;
  const parts = useOwnParts(led.routine, current.groupId);
  const here = led.score.segments[segmentAt(led.score, place.placeMs)]?.itemId;
  const own = (here && parts.get(here)) || [];

  const hold = (what: Over) => {
    dispatch(act('hold'));
    setOver(what);
  };
  const deed = (one: PlainDeed) => {
    const beforeMs = led.score.totalMs;
    if (one === 'again') tell(LEAD.againSaid);
    dispatch(act(one));
    if (one === 'ease')
      tell(
        LEAD.eased(timeWords(beforeMs - dispatch(lengthNow())), beforeMs > dispatch(lengthNow())),
      );
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
          <Happened event={lead.events.at(-1)} groupId={current.groupId} onClose={close} />
        ) : (
          <StopSigns onClose={close} />
        )}
      </View>
    );
  }
  if (!view) return null;
  return (
    <ClassStage
      lead={lead}
      mirror={device.mirror}
      view={view}
      place={place}
      aside={aside}
      onAside={() => setAside('')}
      news={news || longerWords(lead, led.score, place.placeMs)}
      own={own
        .map(({ member, part }) => `${initialsOf(member.name)} ${doseWords(part)}`)
        .join(' · ')}
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
        ) : undefined
      }
      controls={(shape) =>
        over === 'finish' && shape === 'rest' ? null : over === 'finish' ? (
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

/** By then a browser has let sound through, or does not. */
const SOUND_BY_MS = 1500;

const styles = StyleSheet.create({
  page: { flex: 1, minHeight: 0, overflow: 'hidden', gap: 6 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  finish: { gap: 8 },
});
