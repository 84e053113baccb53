import { StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { TARGET, useTokens } from '@/design';
import { printClock } from '@/core/time';
import { scoreOf } from '@/state';
import { findingWhat } from '@/words';
import { countWords, useFindings } from '../findings';
import { PanelTop } from '../panel-top';
import { DurationField } from '../duration-field';
import { entryName } from '../entry-words';
import { PROPOSAL } from '../strings';
import { Differences } from './differences';
import type { Proposal, Proposals } from './use-proposals';

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
  const { about, after, said } = proposal;
  const before = useFindings(about);
  const then = useFindings(after);
  const clock = (routine: typeof about) => printClock(scoreOf(routine).totalMs);
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
      <Text variant="titleMedium" style={styles.figures}>
        {PROPOSAL.time(clock(about), clock(after))}
      </Text>
      <Text variant="bodyMedium" aria-live="polite" style={{ color: t.quiet }}>
        {before.state === 'done' && then.state === 'done'
          ? PROPOSAL.findings(count(before.all), count(then.all))
          : PROPOSAL.working}
      </Text>
      <Differences before={about} after={after} />
    </>
  );
}

function OutOfReach({
  proposal,
  proposals,
}: ProposalPanelProps & { readonly proposal: Of<'out-of-reach'> }) {
  const { about, fitting } = proposal;
  const { limits, against = [] } = fitting;
  const { minMs, maxMs } = limits;
  const ends = minMs === maxMs ? [minMs] : [minMs, maxMs];
  return (
    <>
      {against.length > 0 ? (
        <View role="list" aria-label={PROPOSAL.against}>
          <Text variant="bodyLarge">{PROPOSAL.against}</Text>
          {against.map((finding, i) => (
            <Text key={`${finding.id} ${i}`} role="listitem" variant="titleMedium">
              {findingWhat(finding)}
            </Text>
          ))}
        </View>
      ) : (
        <Text variant="bodyLarge">{PROPOSAL.reach(printClock(minMs), printClock(maxMs))}</Text>
      )}
      <View style={styles.buttons}>
        {ends.map((ms) => (
          <Button
            key={ms}
            mode="outlined"
            contentStyle={styles.button}
            onPress={() => proposals.fit(ms)}
          >
            {PROPOSAL.fitTo(printClock(ms))}
          </Button>
        ))}
      </View>
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

/** A length to fit to, where the routine has no slot or another one is tried. */
function LengthField({ onLength }: { readonly onLength: (ms: number) => void }) {
  return <DurationField label={PROPOSAL.length} button={PROPOSAL.fit} onDuration={onLength} />;
}

const styles = StyleSheet.create({
  all: { gap: 12, padding: 16 },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 12 },
  button: { minHeight: TARGET, minWidth: 96 },
  figures: { fontVariant: ['tabular-nums'], fontSize: 20 },
});
