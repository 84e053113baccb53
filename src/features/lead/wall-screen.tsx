import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { hasBegun } from '@/core/class';
import type { RunId } from '@/core/common';
import { Target, useTokens } from '@/design';
import { keepAwake } from '@/platform/wake-lock';
import {
  follow,
  leadFollowed,
  ledOf,
  scriptOfLead,
  steer,
  useAppDispatch,
  useAppSelector,
  type LeadInProgress,
} from '@/state';
import { timeShown } from '@/words/moments';
import { ClassStage } from './class-stage';
import { Controls } from './controls';
import { KeySheet } from './key-sheet';
import { LEAD } from './strings';
import { useCaptions } from './use-captions';
import { useLeadKeys } from './use-lead-keys';
import { useNews } from './use-news';
import { usePlace } from './use-place';
import { viewAt } from './view';

/** A second window: shows the class that another window leads, and may steer it. */
export function WallScreen() {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const followed = useAppSelector((state) => state.lead.followed);
  useEffect(() => dispatch(follow()), [dispatch]);
  useEffect(() => keepAwake(() => undefined), []);
  useEffect(() => {
    document.title = `${LEAD.wall} · Hushed Willow`;
  }, []);
  const heard = useAppSelector((state) => state.lead.heard);
  const led = Object.values(heard).filter(({ lead }) => hasBegun(lead));
  const chosen = useChosen(followed?.runId, led.length > 1);
  if (led.length > 1 && !chosen) return <WhichClass led={led} />;
  if (followed && hasBegun(followed.lead)) return <Following current={followed} />;
  return (
    <View role="main" style={[styles.page, { backgroundColor: t.ground }]}>
      <Text variant="headlineMedium" role="heading" aria-level={1} style={styles.text}>
        {followed ? followed.lead.routine.title : LEAD.wallNothing}
      </Text>
      <Text variant="titleMedium" style={[styles.text, { color: t.quiet }]}>
        {!followed
          ? LEAD.wallHint
          : followed.begins
            ? LEAD.wallBegins(timeShown(followed.begins))
            : LEAD.wallSoon}
      </Text>
    </View>
  );
}

/** Windows that lead answer within this time. */
const ANSWERS_MS = 1500;

/** Whether it is settled which class this wall follows: by a press, or since there was only one. */
function useChosen(runId: RunId | undefined, several: boolean): boolean {
  const [settled, setSettled] = useState<RunId>();
  useEffect(() => {
    if (!runId || several) return undefined;
    const timer = setTimeout(() => setSettled(runId), ANSWERS_MS);
    return () => clearTimeout(timer);
  }, [runId, several]);
  const chosen = useAppSelector((state) => state.lead.chosen);
  return runId !== undefined && (settled === runId || chosen === runId);
}

/** Two classes are led at once in this browser: the wall asks which is this room's. */
function WhichClass({ led }: { readonly led: readonly LeadInProgress[] }) {
  const t = useTokens();
  const dispatch = useAppDispatch();
  return (
    <View role="main" style={[styles.page, { backgroundColor: t.ground }]}>
      <Text variant="headlineMedium" role="heading" aria-level={1} style={styles.text}>
        {LEAD.whichClass}
      </Text>
      {led.map(({ runId, lead }) => (
        <Target
          key={runId}
          label={lead.routine.title}
          height={60}
          onPress={() => dispatch(leadFollowed(runId))}
        />
      ))}
    </View>
  );
}

function Following({ current: { lead } }: { readonly current: LeadInProgress }) {
  const dispatch = useAppDispatch();
  const shared = useAppSelector((state) => state.device.mirror);
  // A wall that faces the room may want it the other way round than the laptop.
  const [turned, setTurned] = useState(false);
  const [steers, setSteers] = useState(false);
  const [keys, setKeys] = useState(false);
  const [news, tell] = useNews();
  const led = ledOf(lead);
  const place = usePlace(lead);
  const view = viewAt(led, scriptOfLead(lead), place.placeMs, useCaptions(led.routine));
  const running = lead.clockMs !== null;
  useLeadKeys((key) => {
    if (key === 'mirror') setTurned(!turned);
    else if (key === 'keys') setKeys(!keys);
    else if (key === 'more') setSteers(!steers);
    else if (key === 'hold') dispatch(steer(running ? 'hold' : 'go'));
    else if (key === 'back' || key === 'on' || key === 'happened') dispatch(steer(key));
    else if (key === 'finish') setKeys(false);
    else if (view?.whyNot[key] === '') dispatch(steer(key));
    else tell(view?.whyNot[key] ?? '');
    return true;
  });
  if (!view) return null;
  return (
    <ClassStage
      lead={lead}
      mirror={shared !== turned}
      view={view}
      place={place}
      news={news}
      isWall
      sheet={keys ? <KeySheet onClose={() => setKeys(false)} /> : undefined}
      controls={(shape) =>
        steers ? (
          <Controls
            shape={shape}
            running={running}
            whyNot={view.whyNot}
            open
            onDeed={(deed) => dispatch(steer(deed))}
            onWhyNot={tell}
            onHappened={() => dispatch(steer('happened'))}
            onMore={() => setSteers(false)}
          />
        ) : (
          <View style={styles.steer}>
            <Target label={LEAD.steer} look="plain" onPress={() => setSteers(true)} />
          </View>
        )
      }
    />
  );
}

const styles = StyleSheet.create({
  page: { flex: 1, alignItems: 'center', justifyContent: 'center', gap: 16, padding: 24 },
  text: { textAlign: 'center' },
  steer: { alignItems: 'flex-end' },
});
