import { useState } from 'react';
import { View } from 'react-native';
import { Text } from 'react-native-paper';
import { PUBLISHED_DAYS, ladderFacts, weeksOf } from '@/core/class';
import { REGIONS } from '@/core/body';
import { MOVE_KINDS } from '@/core/moves';
import { placeOn, rungsOf } from '@/core/people';
import { Choices } from '@/design';
import { ladderNow, STANCES_FAMILY, useAppSelector } from '@/state';
import { REGION_NAMES } from '@/words/names';
import { KIND_WORDS, MEASURE_WORDS } from '@/words/people';
import { shortDayShown } from '@/words/moments';
import { Chart } from './charts';
import { readingsOf } from './person-measures';
import type { Person } from './use-person';

const W = {
  weeks: 'How far back',
  six: 'Six weeks',
  half: 'Half a year',
  came: 'Classes a week',
  balance: 'Balance, seconds held',
  left: 'left',
  right: 'right',
  pain: 'Pain, 0 to 10',
  before: 'before',
  after: 'after',
  next: 'next morning',
  effort: 'Effort, 0 to 10',
  kinds: 'Minutes by kind, a week',
  regions: 'Minutes by region, the last week',
  reps: 'Chair stands in 30 seconds',
  rungs: 'Rungs of the balance ladder',
  none: 'Nothing is recorded yet.',
  published: (kind: string, days: number, had: number) =>
    `${kind}: published amount ${days} or more days a week; last week ${had}.`,
};

const minutes = (ms: number | undefined) => Math.round((ms ?? 0) / 6000) / 10;

/** Somebody's weeks: what they came to, what they held, what hurt, and what was worked. */
export function PersonCharts({ person }: { readonly person: Person }) {
  const { member, came, today, older } = person;
  const readings = useAppSelector((state) => state.readings);
  const [weeks, setWeeks] = useState<'6' | '26'>('6');
  if (came.length === 0) return <Text variant="bodyLarge">{W.none}</Text>;
  const seen = weeksOf(member, came, { today, weeks: Number(weeks) + 1 });
  const from = seen[0]?.from ?? today;
  const since = came.filter(({ on }) => on >= from);
  const days = since.map(({ on }) => shortDayShown(on));
  const labels = seen.map((week) => shortDayShown(week.from));
  const kinds = MOVE_KINDS.filter((kind) => seen.some((week) => week.kinds[kind]));
  const facts = ladderFacts(STANCES_FAMILY, member, came).filter(
    (fact) => fact.kind === 'class' && fact.on >= from && fact.tried?.watched,
  );
  const held = facts.flatMap((fact) => (fact.kind === 'class' && fact.tried ? [fact] : []));
  const last = [...seen].reverse().find((week) => week.classes > 0);
  const scale = (pick: (one: (typeof since)[number]['entry']) => number | undefined) =>
    since.map(({ entry }) => pick(entry) ?? null);
  const hurts = since.some(({ entry }) => entry.painBefore !== undefined);
  const ladder = ladderNow(person, STANCES_FAMILY);
  const school = member.ladders?.[STANCES_FAMILY]?.school;
  const rungs = school ? rungsOf(school, older) : [];
  const turns = (ladder?.turns ?? []).filter(({ on }) => on >= from);
  const stands = readingsOf(readings, member.id, 'chair-stand');
  const regions = REGIONS.filter((region) => last?.regions[region]);
  return (
    <View style={{ gap: 20 }}>
      <Choices
        label={W.weeks}
        choices={[
          { value: '6', text: W.six },
          { value: '26', text: W.half },
        ]}
        value={weeks}
        onChoose={setWeeks}
      />
      <Chart
        title={W.came}
        kind="bars"
        unit="classes"
        file="attendance"
        labels={labels}
        series={[{ name: W.came, values: seen.map(({ classes }) => classes) }]}
      />
      {held.length > 0 && (
        <Chart
          title={W.balance}
          kind="lines"
          unit="seconds"
          file="balance"
          labels={held.map(({ on }) => shortDayShown(on))}
          series={(['leftMs', 'rightMs'] as const).map((side) => ({
            name: side === 'leftMs' ? W.left : W.right,
            values: held.map(({ tried }) => {
              const ms = tried?.[side] ?? null;
              return ms === null ? null : ms / 1000;
            }),
          }))}
        />
      )}
      {turns.length > 0 && (
        <Chart
          title={W.rungs}
          kind="lines"
          unit={`of ${rungs.length}`}
          file="rungs"
          labels={turns.map(({ on }) => shortDayShown(on))}
          series={[{ name: W.rungs, values: turns.map(({ to }) => placeOn(rungs, to) + 1) }]}
        />
      )}
      {hurts && (
        <Chart
          title={W.pain}
          kind="lines"
          unit="0 to 10"
          file="pain"
          labels={days}
          series={[
            { name: W.before, values: scale(({ painBefore }) => painBefore) },
            { name: W.after, values: scale(({ painAfter }) => painAfter) },
            { name: W.next, values: scale(({ painNext }) => painNext) },
          ]}
        />
      )}
      <Chart
        title={W.effort}
        kind="lines"
        unit="0 to 10"
        file="effort"
        labels={days}
        series={[{ name: W.effort, values: scale(({ effort }) => effort) }]}
      />
      {stands.length > 0 && (
        <Chart
          title={MEASURE_WORDS['chair-stand'].title}
          kind="lines"
          unit="times"
          file="chair-stands"
          labels={stands.map(({ on }) => shortDayShown(on))}
          series={[{ name: W.reps, values: stands.map(({ value }) => value ?? null) }]}
        />
      )}
      {kinds.length > 0 && (
        <Chart
          title={W.kinds}
          kind="bars"
          unit="minutes"
          file="minutes-by-kind"
          labels={labels}
          series={kinds.map((kind) => ({
            name: KIND_WORDS[kind],
            values: seen.map((week) => minutes(week.kinds[kind])),
          }))}
        />
      )}
      {last && (
        <View>
          {MOVE_KINDS.flatMap((kind) => {
            const published = PUBLISHED_DAYS[kind];
            if (published === undefined || (kind === 'balance' && !older)) return [];
            return [
              <Text key={kind} variant="bodyMedium">
                {W.published(KIND_WORDS[kind], published, last.days[kind] ?? 0)}
              </Text>,
            ];
          })}
        </View>
      )}
      {regions.length > 0 && last && (
        <Chart
          title={W.regions}
          kind="bars"
          unit="minutes"
          file="minutes-by-region"
          labels={regions.map((region) => REGION_NAMES[region])}
          series={[
            { name: W.regions, values: regions.map((region) => minutes(last.regions[region])) },
          ]}
        />
      )}
    </View>
  );
}
