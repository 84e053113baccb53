import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { printClock, type ItemId } from '@/core/common';
import { limitWords } from '@/core/people';
import { entryAt, placeOf, type Routine } from '@/core/routine';
import type { LengthPart, PlacedFinding, RuleFinding, Tonight } from '@/core/judgement';
import { TARGET, Target, useTokens, rem } from '@/design';
import { scoreOf, useAppSelector, usePart } from '@/state';
import { findingWhat } from '@/words/findings';
import { DurationField } from '../duration-field';
import { entryName } from '../entry-words';
import { countWords, useFindings } from '../findings';
import { PanelTop } from '../panel-top';
import { PROPOSAL, TONIGHT } from '../strings';
import { Differences } from './differences';
import type { Proposal, Proposals, TonightSheet } from './use-proposals';

type Of<K extends Proposal['kind']> = Extract<Proposal, { kind: K }>;

interface ProposalPanelProps {
  readonly proposal: Proposal;
  readonly proposals: Proposals;
}

/** What would change, with its time and its findings, to be kept or left. */
export function ProposalPanel({ proposal, proposals }: ProposalPanelProps) {
  return (
    <View style={styles.all}>
      <PanelTop
        title={proposal.title}
        onClose={proposal.kind === 'preview' ? undefined : proposals.leave}
      />
      {proposal.kind === 'preview' && <Preview proposal={proposal} proposals={proposals} />}
      {proposal.kind === 'out-of-reach' && <OutOfReach proposal={proposal} proposals={proposals} />}
      {proposal.kind === 'ask-length' && <LengthField onLength={proposals.fit} />}
      <View aria-live="polite">
        {proposal.kind === 'working' && <Text variant="bodyLarge">{PROPOSAL.working}</Text>}
        {proposal.kind === 'nothing' && <Text variant="bodyLarge">{proposal.said}</Text>}
      </View>
    </View>
  );
}

function Preview({
  proposal,
  proposals,
}: ProposalPanelProps & { readonly proposal: Of<'preview'> }) {
  const t = useTokens();
  const { about, after, said, tonight, brings = [] } = proposal;
  const before = useFindings(about);
  const then = useFindings(after);
  const part = usePart(about.id);
  const clock = (routine: typeof about) => printClock(scoreOf(routine, part).totalMs);
  const count = (all: typeof then.all) => countWords(all) ?? PROPOSAL.nothing;
  return (
    <>
      <View style={styles.buttons}>
        <Button mode="contained" contentStyle={styles.button} onPress={proposals.keep}>
          {PROPOSAL.keep}
        </Button>
        <Button mode="outlined" contentStyle={styles.button} onPress={proposals.leave}>
          {PROPOSAL.leave}
        </Button>
      </View>
      {said && <Text variant="bodyLarge">{said}</Text>}
      {tonight && <ForTonight routine={about} proposals={proposals} {...tonight} />}
      {brings.length > 0 && <Brought title={PROPOSAL.brings} findings={brings} />}
      <Text variant="titleMedium" style={styles.time}>
        {PROPOSAL.time(clock(about), clock(after))}
      </Text>
      <Text variant="bodyMedium" aria-live="polite" style={{ color: t.quiet }}>
        {before.state === 'done' && then.state === 'done'
          ? [
              PROPOSAL.findings(count(before.all), count(then.all)),
              mendedPlaces(before.all, then.all),
            ]
              .filter(Boolean)
              .join('; ')
          : PROPOSAL.working}
      </Text>
      <Differences before={about} after={after} />
    </>
  );
}

/** A rest that went is no row that anybody would keep. */
const hasItem = (routine: Routine, id: ItemId) =>
  entryAt(routine, placeOf(routine, id)).kind !== 'rest';

/** How many places of one cause are mended, where the cause stands at others all the same. */
function mendedPlaces(before: readonly PlacedFinding[], after: readonly PlacedFinding[]): string {
  const key = ({ id, severity, about }: PlacedFinding) =>
    [id, severity, about.loads, about.limits, about.props].flat().join('|');
  for (const was of before) {
    const now = after.find((one) => key(one) === key(was));
    const mended = now ? was.places.length - now.places.length : 0;
    if (mended > 0) return PROPOSAL.places(mended, was.places.length);
  }
  return '';
}

interface ForTonightProps {
  readonly routine: Routine;
  readonly asked: TonightSheet;
  readonly result: Tonight;
  readonly proposals: Proposals;
}

/** What is different tonight, in a sentence each; what was left out can be kept, and the rest is found anew. */
function ForTonight({ routine, asked, result, proposals }: ForTonightProps) {
  const people = useAppSelector((state) => state.people);
  const { steps, overMs, needed } = result;
  const named = (ids: readonly ItemId[]) => ids.map((id) => entryName(routine, id)).join(', ');
  const left = (isTime: boolean) =>
    steps
      .filter((step) => step.kind === 'left-out' && (step.why === 'time') === isTime)
      .map(({ id }) => id);
  const [late, noRoom] = [left(true), left(false)];
  const offered = steps.flatMap((step) =>
    step.kind === 'offered' ? [`${entryName(routine, step.id)}: ${step.name}`] : [],
  );
  const resting = steps.filter(({ kind }) => kind === 'rests').map(({ id }) => id);
  const who = asked.people.flatMap((id) => people[id]?.name ?? []).join(', ');
  const isNothing = result.change.steps.length === 0 && who === '' && asked.more === 0;
  const lines = [
    late.length > 0 ? TONIGHT.leftOut(named(late)) : '',
    noRoom.length > 0 ? TONIGHT.noRoom(named(noRoom)) : '',
    offered.length > 0 ? TONIGHT.offered(offered.join('; ')) : '',
    resting.length > 0 ? TONIGHT.rests(named(resting)) : '',
    who ? TONIGHT.alone(who, asked.limits.map(limitWords).join(', ')) : '',
    asked.more > 0 ? `${TONIGHT.guests(asked.more)}.` : '',
    overMs > 0 ? TONIGHT.over(printClock(overMs)) : '',
    needed.length > 0 ? TONIGHT.needed(needed.join(' or a ')) : '',
    isNothing && needed.length === 0 ? TONIGHT.nothing : '',
  ].filter(Boolean);
  return (
    <View style={styles.lines}>
      {lines.map((line) => (
        <Text key={line} variant="bodyLarge">
          {line}
        </Text>
      ))}
      <View style={styles.buttons}>
        {late
          .filter((id) => hasItem(routine, id))
          .map((id) => (
            <Target
              key={id}
              label={TONIGHT.keepOne(entryName(routine, id))}
              onPress={() =>
                void proposals.tonight({
                  ...asked,
                  asked: { ...asked.asked, keep: [...asked.asked.keep, id] },
                })
              }
            />
          ))}
      </View>
    </View>
  );
}

/** Findings that a length would bring, in full. */
function Brought({
  title,
  findings,
}: {
  readonly title: string;
  readonly findings: readonly RuleFinding[];
}) {
  return (
    <View role="list" aria-label={title}>
      <Text variant="bodyLarge">{title}</Text>
      {findings.map((finding, i) => (
        <Text key={`${finding.id} ${i}`} role="listitem" variant="titleMedium">
          {findingWhat(finding)}
        </Text>
      ))}
    </View>
  );
}

function OutOfReach({
  proposal,
  proposals,
}: ProposalPanelProps & { readonly proposal: Of<'out-of-reach'> }) {
  const { about, fitting } = proposal;
  const { against, nearest } = fitting;
  return (
    <>
      {against.length > 0 && <Brought title={PROPOSAL.against} findings={against} />}
      {nearest && <Nearest fitting={fitting} nearest={nearest} onFit={proposals.fit} />}
      {fitting.inTheWay.length > 0 && (
        <View role="list" aria-label={PROPOSAL.inTheWay}>
          <Text variant="titleMedium">{PROPOSAL.inTheWay}</Text>
          {fitting.inTheWay.map(({ itemId, why }) => (
            <Text key={itemId} role="listitem" variant="bodyMedium">
              {`${entryName(about, itemId)} ${PROPOSAL.why[why]}`}
            </Text>
          ))}
        </View>
      )}
      <LengthField onLength={proposals.fit} />
    </>
  );
}

interface NearestProps {
  readonly fitting: Of<'out-of-reach'>['fitting'];
  readonly nearest: NonNullable<Of<'out-of-reach'>['fitting']['nearest']>;
  readonly onFit: (ms: number) => void;
}

/** The nearest length that can be had, what it is made of, and what to do. */
function Nearest({ fitting, nearest, onFit }: NearestProps) {
  const { totalMs, madeOf } = nearest;
  const short = totalMs === fitting.limits.minMs;
  const clock = printClock(totalMs);
  const parts = Object.entries(madeOf) as [LengthPart, number][];
  return (
    <>
      <Text variant="bodyLarge">
        {short ? PROPOSAL.tooShort(clock) : PROPOSAL.tooLong(clock)}{' '}
        {short ? PROPOSAL.takeOut : PROPOSAL.putIn}
      </Text>
      <View style={styles.buttons}>
        <Button mode="contained" contentStyle={styles.button} onPress={() => onFit(totalMs)}>
          {PROPOSAL.fitTo(clock)}
        </Button>
      </View>
      <View role="list" aria-label={PROPOSAL.madeOf}>
        <Text variant="titleMedium">{PROPOSAL.madeOf}</Text>
        {parts
          .filter(([, ms]) => ms > 0)
          .map(([part, ms]) => (
            <View key={part} role="listitem" style={styles.part}>
              <Text variant="bodyMedium">{PROPOSAL.parts[part]}</Text>
              <Text variant="bodyMedium" style={styles.figures}>
                {printClock(ms)}
              </Text>
            </View>
          ))}
      </View>
    </>
  );
}

/** A length to fit to, where the routine has no slot or another one is tried. */
function LengthField({ onLength }: { readonly onLength: (ms: number) => void }) {
  return <DurationField label={PROPOSAL.length} button={PROPOSAL.fit} onDuration={onLength} />;
}

const styles = StyleSheet.create({
  all: { gap: 12, padding: 16 },
  lines: { gap: 6 },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  button: { minHeight: TARGET, minWidth: 96 },
  time: { fontVariant: ['tabular-nums'], fontSize: rem(20) },
  part: { flexDirection: 'row', justifyContent: 'space-between', gap: 12, maxWidth: 360 },
  figures: { fontVariant: ['tabular-nums'] },
});
