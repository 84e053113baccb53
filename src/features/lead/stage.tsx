import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import Svg, { ClipPath, Defs, Path, Rect } from 'react-native-svg';
import { SANS, useTokens } from '@/design';
import { timeWords } from '@/words/names';
import { LEAD } from './strings';
import type { LeadView, PanelView } from './view';

/** Big figures, `m:ss` smaller from 100 s on. */
function secondsShown(ms: number): string {
  const seconds = Math.ceil(ms / 1000);
  return seconds < 100 ? String(seconds) : timeWords(seconds * 1000);
}

interface StageProps {
  readonly view: LeadView;
  readonly mirror: boolean;
  readonly width: number;
  readonly height: number;
}

/** The two panels: left and right, or one for both. */
export function Stage({ view, mirror, width, height }: StageProps) {
  const t = useTokens();
  if (view.notice !== '') {
    const large = Math.max(30, Math.min(width / 12, height / 7));
    return (
      <View style={[styles.notice, { width, height, backgroundColor: t.shade }]}>
        <Text style={[styles.heading, { color: t.ink, fontSize: large, lineHeight: large * 1.3 }]}>
          {view.notice}
        </Text>
        <Text style={[styles.seconds, { color: t.quiet, fontSize: 44, lineHeight: 52 }]}>
          {secondsShown(view.leftMs)}
        </Text>
      </View>
    );
  }
  if (!view.sides) {
    return (
      <View style={[styles.row, { height }]}>
        <Panel
          fill={view.working ? t.bark : t.shade}
          ink={view.working ? t.onFill : t.ink}
          heading={view.heading}
          sub={view.detail}
          seconds={secondsShown(view.leftMs)}
          under={view.working ? LEAD.of(timeWords(view.ofMs)) : ''}
          filled={view.working ? view.filled : undefined}
          swell={view.swell}
          width={width}
          height={height}
        />
      </View>
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
          width={width}
          height={height}
        />
      ))}
    </View>
  );
}

function SidePanel({
  panel,
  view,
  mirror,
  width,
  height,
}: StageProps & { readonly panel: PanelView }) {
  const t = useTokens();
  const colour = panel.side === 'left' ? t.willow : t.river;
  const active =
    panel.state === 'working' || (!view.working && panel.state === 'next' && leads(panel, view));
  const share = active ? 0.64 : 0.36;
  if (active) {
    return (
      <Panel
        fill={view.working ? colour : t.shade}
        ink={view.working ? t.onFill : t.ink}
        heading={view.heading}
        sub={mirror ? LEAD.youShow(panel.side === 'left' ? 'right' : 'left') : view.detail}
        seconds={secondsShown(view.leftMs)}
        under={mirror ? view.detail : view.working ? LEAD.of(timeWords(view.ofMs)) : ''}
        filled={view.working ? panel.filled : undefined}
        swell={view.swell}
        width={width * share}
        height={height}
      />
    );
  }
  const words =
    panel.state === 'done'
      ? LEAD.sideDone(panel.side)
      : panel.state === 'next'
        ? LEAD.sideNext(panel.side)
        : panel.side;
  return (
    <View style={[styles.quiet, { width: width * share, height, backgroundColor: t.shade }]}>
      <Text
        variant="titleMedium"
        style={[styles.sub, width > 700 && styles.broadSub, { color: t.quiet }]}
      >
        {words}
      </Text>
      <LeafMeter
        filled={panel.filled}
        colour={colour}
        empty={t.sheet}
        size={Math.min(height * 0.45, 200)}
        swell={1}
      />
    </View>
  );
}

/** Between sides the seconds stand with the side that is to come. */
function leads(panel: PanelView, view: LeadView): boolean {
  return view.sides?.find(({ state }) => state === 'next')?.side === panel.side;
}

interface PanelProps {
  readonly fill: string;
  readonly ink: string;
  readonly heading: string;
  readonly sub: string;
  readonly seconds: string;
  readonly under: string;
  readonly filled: number | undefined;
  readonly swell: number;
  readonly width: number;
  readonly height: number;
}

function Panel({
  fill,
  ink,
  heading,
  sub,
  seconds,
  under,
  filled,
  swell,
  width,
  height,
}: PanelProps) {
  const broad = width > height;
  const long = seconds.length > 2;
  const leafSize = filled === undefined ? 0 : Math.min(height * 0.22, 240);
  const tall = height - (broad ? 136 : 150) - leafSize;
  const size = Math.max(40, Math.min(width * (long ? 0.36 : broad ? 0.5 : 0.72), tall));
  return (
    <View style={[styles.panel, { width, height, backgroundColor: fill }]}>
      <View>
        <Text
          variant="headlineSmall"
          style={[styles.heading, broad && styles.broadHeading, { color: ink }]}
        >
          {heading}
        </Text>
        <Text variant="bodyLarge" style={[styles.sub, broad && styles.broadSub, { color: ink }]}>
          {sub}
        </Text>
      </View>
      <View style={styles.stacked}>
        <Text style={[styles.seconds, { color: ink, fontSize: size, lineHeight: size * 1.02 }]}>
          {seconds}
        </Text>
        {filled !== undefined && (
          <LeafMeter filled={filled} colour={ink} empty="#00000033" size={leafSize} swell={swell} />
        )}
      </View>
      <Text variant="bodyLarge" style={[styles.sub, { color: ink }]}>
        {under}
      </Text>
    </View>
  );
}

interface LeafMeterProps {
  readonly filled: number;
  readonly colour: string;
  readonly empty: string;
  readonly size: number;
  /** 0 to 1, with the breath. */
  readonly swell: number;
}

/** A leaf that fills over the hold and stays full when its side is done. */
const LeafMeter = memo(function LeafMeter({ filled, colour, empty, size, swell }: LeafMeterProps) {
  const width = size * 0.42 * (0.8 + 0.2 * swell);
  const middle = width / 2;
  const leaf = `M${middle} 0Q${middle + width * 0.95} ${size / 2} ${middle} ${size}Q${middle - width * 0.95} ${size / 2} ${middle} 0Z`;
  const id = `leaf-${Math.round(size)}-${colour.replace(/\W/g, '')}`;
  return (
    <Svg width={width} height={size} style={styles.leaf} aria-hidden>
      <Defs>
        <ClipPath id={id}>
          <Path d={leaf} />
        </ClipPath>
      </Defs>
      <Path d={leaf} fill={empty} />
      <Rect
        x={0}
        y={size * (1 - filled)}
        width={width}
        height={size * filled}
        fill={colour}
        clipPath={`url(#${id})`}
      />
    </Svg>
  );
});

const styles = StyleSheet.create({
  row: { flexDirection: 'row', overflow: 'hidden' },
  panel: {
    alignItems: 'center',
    justifyContent: 'space-between',
    paddingVertical: 12,
    paddingHorizontal: 8,
  },
  notice: { alignItems: 'center', justifyContent: 'center', gap: 32, padding: 24 },
  quiet: {
    alignItems: 'center',
    justifyContent: 'space-around',
    paddingVertical: 12,
    paddingHorizontal: 4,
  },
  heading: { fontFamily: SANS, fontWeight: '700', textAlign: 'center' },
  broadHeading: { fontSize: 44, lineHeight: 52 },
  sub: { textAlign: 'center', minHeight: 26 },
  broadSub: { fontSize: 28, lineHeight: 34 },
  stacked: { alignItems: 'center', gap: 8 },
  seconds: { fontFamily: SANS, fontWeight: '700', fontVariant: ['tabular-nums'] },
  leaf: { alignSelf: 'center' },
});
