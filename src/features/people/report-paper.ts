import { plainPage, weeksOf, type PagePart, type Paper, type Week } from '@/core/class';
import { daysAfter, withCapital, withStop } from '@/core/common';
import { MOVE_KINDS } from '@/core/moves';
import { MEASURE_NAMES, clearancesOn, lapseOf, type Member, type Reading } from '@/core/people';
import { ladderNow, STANCES_FAMILY } from '@/state';
import { LIMIT_NAMES, LOAD_NAMES } from '@/words/names';
import { dayShown, shortDayShown } from '@/words/moments';
import {
  KIND_WORDS,
  MEASURES_INFORM,
  MEASURE_WORDS,
  OUTCOME_WORDS,
  ladderSentence,
  rungWords,
} from '@/words/people';
import { readingSaid, readingsOf } from './person-measures';
import { PERSON } from './strings';
import type { Person } from './use-person';

export const REPORT = {
  title: (name: string) => `Summary: ${name}`,
  file: 'Summary',
  madeBy: (on: string, by: string) => `Made on ${on} by ${by || 'their instructor'}.`,
  not: 'This is a record of what was done in class and what was said there. It is no diagnosis, no assessment and no medical advice, and it clears nobody for anything.',
  changed: 'What changed',
  bars: (weeks: number) => `Classes a week, over ${weeks} weeks`,
  event: 'something happened',
  came: (classes: number, inWeeks: number, weeks: number) =>
    `came to ${classes === 1 ? 'one class' : `${classes} classes`} in ${inWeeks} of the last ${weeks} weeks`,
  lately: (now: number, before: number) =>
    now === before
      ? `as many in the last four weeks as in the four before`
      : `${now} in the last four weeks, ${before} in the four before`,
  fromTo: (what: string, from: string, to: string) =>
    from === to ? `${what} as before, ${to}` : `${what} from ${from} to ${to}`,
  week: 'In an average week:',
  minutes: (kind: string, min: number) => `${kind} ${min} min`,
  limits: 'Limits that the class keeps to',
  never: 'Never asked.',
  none: 'None named.',
  asked: 'Asked, and answered',
  askedOn: (on: string, again: string) =>
    `Limits asked on ${on}${again ? `; to be asked again from ${again}` : ''}.`,
  cleared: (what: string, by: string, on: string, until: string) =>
    `${what}: ${by}, ${on}; holds until ${until}.`,
  clearedOnce: (what: string, by: string, on: string) => `${what}: ${by}, ${on}; no longer holds.`,
  happened: (what: string, on: string, dealt: string) =>
    `${what}, ${on}: ${dealt ? `asked and settled on ${dealt}` : 'not yet asked about'}.`,
  balance: 'Balance drills',
  measures: 'Measures over time',
  measure: 'Measure',
  on: 'On',
  reading: 'Reading',
  flagged: 'What was noted in class',
  nothing: 'Nothing in these weeks.',
  pain: (before: number, after: number) => `pain ${before} before, ${after} after, of 10`,
  dizzy: 'dizzy',
  sore: (days: number) => `sore for ${days} days afterwards`,
  unwell: 'not well on the day',
  with: (aids: string) => `Comes with: ${aids}.`,
  sits: (seat: string) => `Sits in: ${seat}.`,
  told: (words: string) => `Told not to, in their words: ${words}`,
  askBack:
    'A question, or something that we should know or leave out? Write it here, and they bring the page along.',
  falls: (n: number) =>
    n === 1 ? 'a fall since the class before' : `${n} falls since the class before`,
  nearFall: 'a near-fall',
};

export const REPORT_WEEKS = 12;
/** Sore for longer than this is worth telling. */
const SORE_DAYS = 2;

const sum = (all: readonly Week[]) => all.reduce((n, { classes }) => n + classes, 0);

/** What changed over the weeks, in one sentence. */
function changeSentence(weeks: readonly Week[], readings: readonly Reading[]): string {
  const from = weeks[0]?.from ?? '';
  const measured = MEASURE_NAMES.flatMap((name) => {
    const own = readings.filter(({ measure }) => measure === name);
    const last = own.at(-1);
    // What was measured last before these weeks is what they are compared with.
    const first = own.findLast(({ on }) => on < from) ?? own[0];
    if (!first || !last || first === last || last.on < from) return [];
    const title = MEASURE_WORDS[name].title.toLowerCase();
    return [REPORT.fromTo(title, readingSaid(first), readingSaid(last))];
  });
  const said = [
    REPORT.came(sum(weeks), weeks.filter(({ classes }) => classes > 0).length, weeks.length),
    REPORT.lately(sum(weeks.slice(-4)), sum(weeks.slice(-8, -4))),
    ...measured,
  ];
  return withStop(withCapital(said.join('; ')));
}

function picture(weeks: readonly Week[], member: Member): PagePart {
  const happened = (from: string) =>
    (member.events ?? []).some(({ on }) => on >= from && on < daysAfter(from, 7));
  return {
    heading: REPORT.changed,
    bars: weeks.map(({ from, classes }) => ({
      words: shortDayShown(from),
      value: classes,
      ...(happened(from) && { mark: REPORT.event }),
    })),
    of: REPORT.bars(weeks.length),
  };
}

/** What was asked of somebody and when, and what came of it. */
function askedLines({ asked, clearances = [], events = [] }: Member, holding: readonly object[]) {
  const what = ({ loads, side }: NonNullable<Member['clearances']>[number]) =>
    withCapital([loads.map((load) => LOAD_NAMES[load]).join(', '), side].filter(Boolean).join(' '));
  return [
    ...(asked
      ? [REPORT.askedOn(dayShown(asked.on), asked.again ? dayShown(asked.again) : '')]
      : []),
    ...clearances.map((one) =>
      holding.includes(one)
        ? REPORT.cleared(what(one), one.by, dayShown(one.on), dayShown(lapseOf(one)))
        : REPORT.clearedOnce(what(one), one.by, dayShown(one.on)),
    ),
    ...events.map(({ what: event, on, dealtOn }) =>
      REPORT.happened(PERSON.eventWords[event], dayShown(on), dealtOn ? dayShown(dealtOn) : ''),
    ),
  ];
}

/** A page that somebody takes to their clinician: what changed first, who wrote it last. */
export function reportPaper(
  person: Person,
  all: Readonly<Record<string, Reading>>,
  writtenBy: string,
): Paper {
  const { member, came, today } = person;
  const weeks = weeksOf(member, came, { today, weeks: REPORT_WEEKS });
  const from = weeks[0]?.from ?? today;
  const readings = readingsOf(all, member.id);
  const average = MOVE_KINDS.flatMap((kind) => {
    const ms = weeks.reduce((total, week) => total + (week.kinds[kind] ?? 0), 0);
    const min = Math.round(ms / REPORT_WEEKS / 60_000);
    return min > 0 ? [REPORT.minutes(KIND_WORDS[kind].toLowerCase(), min)] : [];
  });
  const ladder = ladderNow(person, STANCES_FAMILY);
  const limits = member.limits?.map(({ limit, side }) =>
    [LIMIT_NAMES[limit], side].filter(Boolean).join(' '),
  );
  const flagged = came.flatMap(({ on, entry }) => {
    if (on < from) return [];
    const { painBefore = 0, painAfter = 0, dizzy, falls, outcome, items } = entry;
    const { soreDays = 0, unwell } = entry;
    const near = Object.values(items ?? {}).some((one) => (one.nearFalls ?? 0) > 0);
    const said = [
      painAfter - painBefore >= 2 ? REPORT.pain(painBefore, painAfter) : '',
      dizzy ? REPORT.dizzy : '',
      unwell ? REPORT.unwell : '',
      soreDays > SORE_DAYS ? REPORT.sore(soreDays) : '',
      falls ? REPORT.falls(falls) : '',
      near ? REPORT.nearFall : '',
      outcome === 'stopped-early' ? OUTCOME_WORDS[outcome] : '',
    ].filter(Boolean);
    return said.length > 0 ? [`${dayShown(on)}: ${said.join('; ')}`] : [];
  });
  const measured = MEASURE_NAMES.flatMap((name) =>
    readings
      .filter(({ measure }) => measure === name)
      .map((one) => [
        MEASURE_WORDS[name].title,
        dayShown(one.on),
        [readingSaid(one), one.with].filter(Boolean).join(', '),
      ]),
  );
  const asked = askedLines(member, clearancesOn(member, today));
  const parts: readonly PagePart[] = [
    picture(weeks, member),
    {
      lines: [
        changeSentence(weeks, readings),
        average.length > 0 ? `${REPORT.week} ${average.join(', ')}.` : '',
      ].filter(Boolean),
    },
    {
      heading: REPORT.limits,
      lines: [
        limits ? withStop(withCapital(limits.join(', ') || REPORT.none)) : REPORT.never,
        member.told ? withStop(REPORT.told(member.told)) : '',
        member.seat ? REPORT.sits(member.seat) : '',
        member.aids?.length ? REPORT.with(member.aids.join(', ')) : '',
      ].filter(Boolean),
    },
    ...(asked.length > 0 ? [{ heading: REPORT.asked, lines: asked }] : []),
    ...(ladder
      ? [
          {
            heading: REPORT.balance,
            lines: [
              withStop(withCapital(rungWords(ladder.rung))),
              ...ladder.turns
                .slice(-3)
                .map((turn) => withStop(`${dayShown(turn.on)}: ${ladderSentence(turn)}`)),
            ],
          },
        ]
      : []),
    ...(measured.length > 0
      ? [
          {
            heading: REPORT.measures,
            table: [[REPORT.measure, REPORT.on, REPORT.reading], ...measured],
          },
        ]
      : []),
    {
      heading: REPORT.flagged,
      lines: flagged.length > 0 ? flagged.slice(-12) : [REPORT.nothing],
    },
  ];
  const foot = [
    REPORT.madeBy(dayShown(today), writtenBy),
    REPORT.askBack,
    REPORT.not,
    MEASURES_INFORM,
  ];
  // A printer offers the title as the name of a file.
  return { ...plainPage(REPORT.title(member.name), parts, foot), title: REPORT.file };
}
