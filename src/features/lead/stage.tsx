import { memo } from 'react';
import { StyleSheet, View, type TextStyle } from 'react-native';
import { Text } from 'react-native-paper';
import { withCapital } from '@/core/common';
import { mixed } from '@/core/figure';
import { SANS, useTokens } from '@/design';
import { timeWords } from '@/words/names';
import { Filling, type Room } from './filling';
import { fitted } from './fit';
import { LargeLeaf, Leaf, type Stem } from './leaf';
import type { StageSizes } from './shape';
import { LEAD } from './strings';
import type { LeadView, PanelView } from './view';

/** Big figures, `m:ss` smaller from 100 s on. */
function secondsShown(ms: number): string {
  const seconds = Math.ceil(ms / 1000);
  return seconds < 100 ? String(seconds) : timeWords(seconds * 1000);
}

/** What stands in the place of the panels while nobody works: held, or about to go on. */
export interface Cover {
  readonly title: string;
  readonly words: string;
}

interface StageProps {
  readonly view: LeadView;
  readonly cover?: Cover | undefined;
  readonly mirror: boolean;
  readonly sizes: StageSizes;
}

/** The two panels: left and right, or one for both; as large as the room that is left for them. */
export function Stage(props: StageProps) {
  return <Filling>{(room) => <Panels {...props} {...room} />}</Filling>;
}

function Panels({ view, cover, mirror, sizes, width, height }: StageProps & Room) {
  const t = useTokens();
  if (cover) return <Covered {...cover} sizes={sizes} width={width} height={height} />;
  if (view.notice !== '') {
    const large = fitted(view.notice, {
      width: width - 48,
      lines: 3,
      most: Math.min(sizes.far * 1.6, height / 4),
      least: 20,
    });
    return (
      <View style={[styles.notice, { width, height, backgroundColor: t.shade }]}>
        <Text style={[styles.heading, { color: t.ink, fontSize: large, lineHeight: large * 1.25 }]}>
          {view.notice}
        </Text>
        <Text style={[styles.seconds, { color: t.quiet, fontSize: large, lineHeight: large }]}>
          {secondsShown(view.leftMs)}
        </Text>
      </View>
    );
  }
  if (!view.sides) {
    return (
      <Panel
        {...shownIn(view)}
        colour={t.bark}
        stem="middle"
        filled={view.working ? view.filled : undefined}
        sizes={sizes}
        width={width}
        height={height}
      />
    );
  }
  const sides = mirror ? [...view.sides].reverse() : view.sides;
  return (
    <View style={[styles.row, { height }]}>
      {sides.map((panel) => (
        <SidePanel
          key={panel.side}
          panel={panel}
          view={view}
          mirror={mirror}
          sizes={sizes}
          width={width}
          height={height}
        />
      ))}
    </View>
  );
}

function Covered({ title, words, sizes, width, height }: Cover & Room & Pick<StageProps, 'sizes'>) {
  const t = useTokens();
  const large = fitted(title, {
    width: width - 24,
    lines: 1,
    most: Math.min(sizes.far * 1.8, height * 0.4),
    least: 20,
  });
  const small = fitted(words, {
    width: width - 32,
    lines: 3,
    most: Math.max(18, Math.min(sizes.near * 1.3, height * 0.2)),
    least: 15,
  });
  return (
    <View
      role="status"
      style={[styles.notice, styles.cover, { width, height, borderColor: t.clay }]}
    >
      <Text style={[styles.heading, { color: t.clay, fontSize: large, lineHeight: large * 1.15 }]}>
        {title}
      </Text>
      {words !== '' && (
        <Text style={[styles.sub, { color: t.ink, fontSize: small, lineHeight: small * 1.3 }]}>
          {words}
        </Text>
      )}
    </View>
  );
}

/** What stands in the panel that works: what is counted is what is large. */
function shownIn(view: LeadView) {
  const { breathes, count, detail, effort, leftMs, ofMs, sides, swell, working } = view;
  // Where both sides breathe, the breath is what there is to know.
  const leads = breathes && !sides;
  const heading = leads ? withCapital(detail) : view.heading;
  const seconds = secondsShown(leftMs);
  const large = count ? String(count.n) : seconds;
  const timed = working ? LEAD.of(timeWords(ofMs)) : '';
  const under = count ? `${count.of} · ${LEAD.secondsLeft(seconds)}` : timed;
  return { heading, large, sub: leads ? '' : detail, under, swell, effort };
}

function SidePanel({
  panel,
  view,
  mirror,
  sizes,
  width,
  height,
}: StageProps & Room & { readonly panel: PanelView }) {
  const t = useTokens();
  const colour = panel.side === 'left' ? t.willow : t.river;
  const active =
    panel.state === 'working' || (!view.working && panel.state === 'next' && leads(panel, view));
  const share = active ? 0.66 : 0.34;
  if (active) {
    const shown = shownIn(view);
    const own = mirror ? LEAD.youShow(panel.side === 'left' ? 'right' : 'left') : '';
    return (
      <Panel
        {...shown}
        heading={mirror ? LEAD.they(shown.heading) : shown.heading}
        sub={[own, shown.sub].filter(Boolean).join(' · ')}
        colour={colour}
        // The stem hangs between the sides.
        stem={(panel.side === 'left') !== mirror ? 'right' : 'left'}
        filled={view.working ? panel.filled : undefined}
        sizes={sizes}
        width={width * share}
        height={height}
      />
    );
  }
  const words =
    panel.state === 'done'
      ? LEAD.sideDone(panel.side)
      : // While a way is said, one side alone is named.
        panel.state === 'next' && !view.working
        ? ''
        : panel.state === 'next'
          ? LEAD.sideNext(panel.side)
          : panel.side;
  const size = fitted(words, {
    width: width * share - 16,
    lines: 2,
    most: Math.max(16, sizes.near),
    least: 14,
  });
  return (
    <View style={[styles.quiet, { width: width * share, height }]}>
      <Words look={styles.sub} ink={t.quiet} size={size} high={1.25}>
        {words}
      </Words>
      {/* What waits is smaller than what works. */}
      <Leaf filled={panel.filled} colour={colour} empty={t.shade} size={height * 0.3} swell={1} />
    </View>
  );
}

/** Between sides the seconds stand with the side that is to come. */
function leads(panel: PanelView, view: LeadView): boolean {
  return view.sides?.find(({ state }) => state === 'next')?.side === panel.side;
}

interface PanelProps extends Room {
  readonly colour: string;
  readonly stem: Stem;
  readonly heading: string;
  readonly sub: string;
  readonly large: string;
  readonly under: string;
  /** Undefined where nobody works yet: then the leaf is empty. */
  readonly filled: number | undefined;
  readonly swell: number;
  readonly effort: LeadView['effort'];
  readonly sizes: StageSizes;
}

/** Figures are so wide and so high, in ems. */
const DIGIT = 0.6;
const DIGIT_HEIGHT = 1.02;
/** So much of a leaf's length and breadth a number has. */
const INSIDE = { width: 0.7, height: 0.74 };
/** A leaf on a stalk is broadest before its middle: its number lies so much nearer to the stalk. */
const NEARER = 0.05;
/** A leaf is at most so many times as long as it is broad, and as broad as it is long. */
const SLIM = 2.1;
const STOUT = 1.15;
/** How deep a leaf is filled: a number in ink is read on it as well as beside it. */
const FILL = 0.46;

/** One side or both: whose it is, and the leaf that fills, with what is counted inside it. */
function Panel({
  colour,
  stem,
  heading,
  sub,
  large,
  under,
  filled,
  swell,
  effort,
  sizes,
  width,
  height,
}: PanelProps) {
  const t = useTokens();
  const { far, near } = sizes;
  const headSize = fitted(heading, {
    width: width - 24,
    lines: 1,
    most: Math.min(far, height * 0.3),
    least: 15,
  });
  const small = Math.max(15, Math.min(near, height * 0.13));
  // While a window is being made smaller there can be less than the heading takes.
  const rest = Math.max(0, height - headSize * 1.15 - 8);
  const text = (sub === '' ? 0 : small * 1.25) + (under === '' ? 0 : small * 1.25);
  const room = { width: Math.max(0, width - 12), height: Math.max(0, rest - text - 4) };
  const leafHeight = Math.min(room.height, room.width / STOUT);
  const leafWidth = Math.min(room.width, leafHeight * SLIM);
  const size = Math.max(
    24,
    Math.min(
      (leafWidth * INSIDE.width) / (DIGIT * Math.max(2, large.length)),
      (leafHeight * INSIDE.height) / DIGIT_HEIGHT,
    ),
  );
  const nearer = stem === 'middle' ? 0 : stem === 'left' ? -NEARER : NEARER;
  const words = (line: string) =>
    line !== '' && (
      <Words look={styles.sub} ink={t.ink} size={small} high={1.25}>
        {line}
      </Words>
    );
  return (
    <View style={[styles.panel, { width, height }]}>
      <Words look={styles.heading} ink={t.ink} size={headSize} high={1.15}>
        {heading}
      </Words>
      {words(sub)}
      <View style={styles.stacked}>
        <View style={[styles.leaf, { width: leafWidth, height: leafHeight }]}>
          <LargeLeaf
            filled={filled ?? 0}
            colour={mixed(t.sheet, colour, FILL)}
            empty={t.shade}
            line={filled === undefined ? t.quiet : colour}
            stem={stem}
            width={leafWidth}
            height={leafHeight}
            swell={swell}
            effort={effort}
          />
          <View style={{ transform: [{ translateX: leafWidth * nearer }] }}>
            <Words look={styles.seconds} ink={t.ink} size={size} high={DIGIT_HEIGHT}>
              {large}
            </Words>
          </View>
        </View>
      </View>
      {words(under)}
    </View>
  );
}

interface WordsProps {
  readonly look: TextStyle;
  readonly ink: string;
  readonly size: number;
  /** A line's height, in ems. */
  readonly high: number;
  readonly children: string;
}

/** Drawn anew where they say something else, and not whenever the leaf fills. */
const Words = memo(function Words({ look, ink, size, high, children }: WordsProps) {
  return (
    <Text style={[look, { color: ink, fontSize: size, lineHeight: size * high }]}>{children}</Text>
  );
});

const styles = StyleSheet.create({
  row: { flexDirection: 'row', overflow: 'hidden' },
  panel: { alignItems: 'center', paddingTop: 4, overflow: 'hidden' },
  notice: { alignItems: 'center', justifyContent: 'center', gap: 16, padding: 16 },
  cover: { borderWidth: 4, gap: 8 },
  quiet: {
    alignItems: 'center',
    justifyContent: 'space-evenly',
    paddingVertical: 8,
    paddingHorizontal: 4,
    overflow: 'hidden',
  },
  heading: { fontFamily: SANS, fontWeight: '700', textAlign: 'center' },
  sub: { fontFamily: SANS, textAlign: 'center' },
  stacked: { flex: 1, alignItems: 'center', justifyContent: 'space-evenly', minHeight: 0 },
  leaf: { alignItems: 'center', justifyContent: 'center' },
  seconds: { fontFamily: SANS, fontWeight: '700', fontVariant: ['tabular-nums'] },
});
