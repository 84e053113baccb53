import isEqual from 'fast-deep-equal';
import { memo, type ReactNode } from 'react';
import { Platform, Pressable, StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import Svg, { Path } from 'react-native-svg';
import { type ItemId, withCapital } from '@/core/common';
import type { PlacedFinding } from '@/core/judgement';
import { TARGET, Target, useTokens } from '@/design';
import { Figure } from '@/features/figure';
import { usualLevel } from '@/core/moves';
import type { SectionName, Throughout } from '@/core/routine';
import {
  laneTitle,
  SECTION_TITLES,
  blockWords,
  doseWords,
  sectionHeadWords,
  throughoutWords,
  timeWords,
} from '@/words/names';
import { RowMarks, findingsLabel } from '../findings';
import { BUILD, MORE } from '../strings';
import { arrowTo } from '@/platform/page';
import { Leaves } from './leaves';
import type { StrandRow, Tie } from './model';
import { bendPath, stemX } from './shapes';
import { Handle } from './strand-drag';

const STEM = 4;
const BEND = 36;

interface RowProps {
  readonly row: StrandRow;
  readonly longestMs: number;
  readonly width: number;
  /** Whether there is room for a figure beside the words. */
  readonly pictured: boolean;
  readonly chosen: boolean;
  /** Whether an edit that is not kept yet changes it. */
  readonly changed: boolean;
  readonly findings: readonly PlacedFinding[];
  readonly onChoose: (id: ItemId) => void;
  readonly onSection: (section: SectionName) => void;
  /** Who of the group does other than the line says; empty where nobody does. */
  readonly own: string;
  /** The one row that Tab stops at; the arrows go to the others. */
  readonly isStop: boolean;
  /** Not while a change is looked at that is not kept yet. */
  readonly draggable: boolean;
}

/**
 * One row of the strand: its stretch of the stem and what it says. Rows are laid out anew at every
 * edit and drawn anew only where they say something else.
 */
export const Row = memo(function Row(props: RowProps) {
  const { row } = props;
  switch (row.kind) {
    case 'section':
      return <SectionRow row={row} width={props.width} onSection={props.onSection} />;
    case 'way':
      return <WayRow row={row} width={props.width} />;
    case 'item':
      return <ItemRow {...props} row={row} />;
    case 'entry':
      return <EntryRow {...props} row={row} />;
    case 'block':
      return <BlockRow {...props} row={row} />;
  }
}, isEqual);

type Of<K extends StrandRow['kind']> = Extract<StrandRow, { kind: K }>;

/** A straight stretch of the stem, as high as the row is. */
function Stem({ x, faint }: { readonly x: number; readonly faint?: boolean }) {
  const t = useTokens();
  return (
    <View
      style={[
        styles.stem,
        { left: x - STEM / 2, borderLeftColor: t.ink, borderStyle: faint ? 'dotted' : 'solid' },
      ]}
    />
  );
}

/** The bracket of a block, beside its lines. */
function Bracket() {
  const t = useTokens();
  return <View style={[styles.bracket, { backgroundColor: t.quiet }]} />;
}

function BlockRow({ row, width, ...press }: RowProps & { readonly row: Of<'block'> }) {
  const t = useTokens();
  const words = withCapital(blockWords(row.block));
  return (
    <Chosen {...press} id={row.block.id} label={`${BUILD.block}: ${words}`}>
      <View style={{ width }}>
        <Stem x={stemX(width, row.height)} />
        <Bracket />
      </View>
      <View style={styles.words}>
        <Text variant="titleMedium" style={{ color: t.quiet }}>
          {words}
        </Text>
        <AllAlong throughout={row.block.throughout} />
        {row.block.note && (
          <Text variant="bodyMedium" style={{ color: t.bark }}>
            {row.block.note}
          </Text>
        )}
      </View>
    </Chosen>
  );
}

/** What is kept up in all lines below. */
function AllAlong({ throughout }: { readonly throughout: Throughout | undefined }) {
  const t = useTokens();
  if (!throughout) return null;
  return (
    <Text variant="bodyMedium" style={{ color: t.bark }}>
      {BUILD.throughout(throughoutWords(throughout))}
    </Text>
  );
}

/** The line along the leaves of a flow, from its first row to its last. */
function FlowTie({ tie }: { readonly tie: Tie }) {
  const t = useTokens();
  return (
    <View
      style={[
        styles.tie,
        { borderColor: t.bark },
        tie === 'start' && styles.tieStart,
        tie === 'end' && styles.tieEnd,
      ]}
    />
  );
}

/** The head of a section; pressed, what is added next goes to its end. */
function SectionRow({
  row,
  width,
  onSection,
}: Pick<RowProps, 'width' | 'onSection'> & { readonly row: Of<'section'> }) {
  const t = useTokens();
  const title = SECTION_TITLES[row.section];
  return (
    <View style={styles.row} {...webOnly({ dataSet: { strandSection: row.section } })}>
      <View style={{ width }}>
        <Stem x={stemX(width, row.height)} faint={row.isEmpty} />
      </View>
      <View style={styles.section}>
        <Text variant="titleLarge" role="heading" aria-level={2} style={{ color: t.bark }}>
          {title}
        </Text>
        {row.head?.rounds && (
          <Text variant="titleMedium" style={{ color: t.quiet }}>
            {sectionHeadWords(row.head)}
          </Text>
        )}
        <AllAlong throughout={row.head?.throughout} />
      </View>
      <Target
        look="plain"
        icon="add"
        label={row.isEmpty ? BUILD.addHere : ''}
        said={BUILD.addTo(title)}
        style={styles.addHere}
        onPress={() => onSection(row.section)}
      />
    </View>
  );
}

function WayRow({ row, width }: { readonly row: Of<'way'>; readonly width: number }) {
  const t = useTokens();
  const from = stemX(width, row.fromHeight);
  const to = stemX(width, row.toHeight);
  return (
    <View style={styles.row}>
      <View style={{ width }}>
        <Svg width={width} height={BEND} aria-hidden>
          <Path d={bendPath(from, to, BEND)} fill="none" stroke={t.ink} strokeWidth={STEM} />
        </Svg>
        <View
          style={[styles.stem, { top: BEND - 1, left: to - STEM / 2, borderLeftColor: t.ink }]}
        />
      </View>
      <Text variant="bodyMedium" style={[styles.way, { color: t.quiet }]}>
        {row.of && `${laneTitle(row.of)}: `}
        {BUILD.way(row.to, timeWords(row.moveMs), row.pauseMs)}
      </Text>
    </View>
  );
}

/** Arrow keys go from row to row, and to the right to what the row is carried by. */
function onArrow(event: { key: string; preventDefault: () => void; currentTarget: unknown }): void {
  const row = event.currentTarget as HTMLElement;
  const handle = event.key === 'ArrowRight' && row.parentElement?.querySelector('[data-handle]');
  if (handle) (handle as HTMLElement).focus();
  else if (!arrowTo('data-strand-row', row, event.key)) return;
  event.preventDefault();
}

const webOnly = (props: object) => (Platform.OS === 'web' ? props : {});

function Chosen({
  id,
  label,
  chosen,
  changed,
  findings,
  onChoose,
  draggable,
  isStop,
  children,
}: Pick<RowProps, 'chosen' | 'changed' | 'findings' | 'onChoose' | 'draggable' | 'isStop'> & {
  readonly id: ItemId;
  readonly label: string;
  readonly children: ReactNode;
}) {
  const t = useTokens();
  return (
    <View style={styles.row}>
      <Pressable
        role="button"
        aria-label={`${label}${changed ? BUILD.changed : ''}${findingsLabel(findings)}`}
        aria-pressed={chosen}
        onPress={() => onChoose(id)}
        style={[
          styles.row,
          styles.press,
          styles.grow,
          (chosen || changed) && { backgroundColor: t.shade },
          changed && [styles.changed, { borderRightColor: t.ink }],
        ]}
        {...webOnly({ onKeyDown: onArrow, tabIndex: isStop ? 0 : -1, dataSet: { strandRow: id } })}
      >
        {children}
        <RowMarks findings={findings} />
      </Pressable>
      {draggable && <Handle id={id} name={label.split(',')[0] ?? label} />}
    </View>
  );
}

function ItemRow({
  row,
  longestMs,
  width,
  pictured,
  own,
  ...press
}: RowProps & { row: Of<'item'> }) {
  const t = useTokens();
  const { item, inForce } = row;
  const words = doseWords(inForce);
  // A group's own level is as good as written.
  const level = (item.level ?? inForce.level !== usualLevel(inForce.move)) && inForce.level.name;
  const extra = [level, item.support && `support ${item.support}`, item.challenge]
    .filter(Boolean)
    .join(' · ');
  const stem = stemX(width, row.height);
  const { name } = inForce.move;
  return (
    <Chosen {...press} id={item.id} label={`${name}, ${words}, ${timeWords(row.ms)} in all`}>
      <View style={[styles.drawing, { width }]}>
        <Stem x={stem} />
        {row.inBlock && <Bracket />}
        {row.tie && <FlowTie tie={row.tie} />}
        <Leaves
          leaves={row.leaves}
          lines={row.lines}
          longestMs={longestMs}
          width={width}
          stem={stem}
        />
      </View>
      <View style={styles.words}>
        <Text variant="titleMedium">{name}</Text>
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {words}
        </Text>
        {extra !== '' && (
          <Text variant="bodyMedium" style={{ color: t.quiet }}>
            {extra}
          </Text>
        )}
        {row.instead.map(({ lane, move, level: own }) => (
          <Slip key={lane} written={item.options?.some((option) => option.lane === lane) === true}>
            {`${laneTitle(lane)}: ${move ? [move, own].filter(Boolean).join(', ') : BUILD.restHere}`}
          </Slip>
        ))}
        {own !== '' && (
          <Text variant="bodyMedium" style={{ color: t.river }}>
            {own}
          </Text>
        )}
        {row.offered.map((what) => (
          <Slip key={what} written>
            {MORE.option(undefined, what)}
          </Slip>
        ))}
        {item.note && (
          <Text variant="bodyMedium" style={{ color: t.bark }}>
            {item.note}
          </Text>
        )}
      </View>
      {pictured && (
        <View style={styles.figure}>
          <Figure
            move={inForce.move}
            level={inForce.level}
            place={item.at}
            width={84}
            height={63}
          />
        </View>
      )}
    </Chosen>
  );
}

/** What others do: a slip beside the row where it is written, plain words where it follows. */
function Slip({ written, children }: { readonly written: boolean; readonly children: string }) {
  const t = useTokens();
  return (
    <Text
      variant="bodyMedium"
      style={[{ color: t.quiet }, written && [styles.slip, { borderColor: t.line }]]}
    >
      {children}
    </Text>
  );
}

function EntryRow({ row, width, ...press }: RowProps & { row: Of<'entry'> }) {
  const t = useTokens();
  const { entry } = row;
  const quiet = entry.kind === 'note';
  const words = quiet ? entry.note : quietName(entry);
  return (
    <Chosen {...press} id={entry.id} label={quiet ? `${BUILD.note}: ${words}` : words}>
      <View style={{ width }}>
        <Stem x={stemX(width, row.height)} faint={!quiet} />
        {row.inBlock && <Bracket />}
      </View>
      <View style={styles.words}>
        <Text variant="bodyMedium" style={{ color: quiet ? t.bark : t.ink }}>
          {withCapital(words)}
        </Text>
        {!quiet && entry.note && (
          <Text variant="bodyMedium" style={{ color: t.bark }}>
            {entry.note}
          </Text>
        )}
      </View>
    </Chosen>
  );
}

/** What a rest or time to notice is called. */
function quietName(entry: Exclude<Of<'entry'>['entry'], { kind: 'note' }>): string {
  return entry.kind === 'rest'
    ? BUILD.rest(timeWords(entry.restMs))
    : BUILD.notice(timeWords(entry.noticeMs), entry.words);
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', alignItems: 'stretch' },
  grow: { flex: 1, minWidth: 0 },
  changed: { borderRightWidth: 4 },
  press: { minHeight: TARGET, alignItems: 'stretch' },
  drawing: { justifyContent: 'center' },
  stem: { position: 'absolute', top: 0, bottom: 0, width: 0, borderLeftWidth: STEM },
  bracket: { position: 'absolute', left: 8, top: 0, bottom: 0, width: 3 },
  tie: {
    position: 'absolute',
    right: 6,
    top: 0,
    bottom: 0,
    width: 10,
    borderRightWidth: 3,
  },
  tieStart: { top: '50%', borderTopWidth: 3, borderTopRightRadius: 10 },
  tieEnd: { bottom: '50%', borderBottomWidth: 3, borderBottomRightRadius: 10 },
  slip: {
    alignSelf: 'flex-start',
    borderWidth: 1,
    borderRadius: 6,
    paddingHorizontal: 8,
    paddingVertical: 2,
    marginTop: 4,
  },
  figure: { justifyContent: 'center' },
  words: { flex: 1, minWidth: 0, paddingVertical: 8, paddingRight: 4, justifyContent: 'center' },
  addHere: { alignSelf: 'flex-end', paddingHorizontal: 10 },
  section: { flex: 1, minWidth: 0, paddingTop: 16, paddingBottom: 4, paddingRight: 16 },
  way: { flex: 1, minWidth: 0, paddingVertical: 7, paddingRight: 16 },
});
