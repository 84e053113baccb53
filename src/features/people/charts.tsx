import { scaleBand, scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import Svg, { Circle, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { SANS, Target, useTokens } from '@/design';
import { saveTable, useAppDispatch } from '@/state';

/** One line or one row of bars of a chart. */
export interface Series {
  readonly name: string;
  /** A value for each label; null where there is none. */
  readonly values: readonly (number | null)[];
}

interface ChartProps {
  readonly title: string;
  readonly labels: readonly string[];
  readonly series: readonly Series[];
  readonly kind: 'bars' | 'lines';
  /** What the values count. */
  readonly unit: string;
  /** A line to compare with, and what it is. */
  readonly mark?: { readonly value: number; readonly words: string };
  /** The table's name as a file; never a person's. */
  readonly file: string;
}

const HEIGHT = 168;
const PAD = { left: 34, right: 10, top: 12, bottom: 26 };
const C = {
  table: 'As a table',
  chart: 'As a chart',
  save: 'Save as a table',
  when: 'When',
  none: '–',
};

/** A chart with the same as a table, for whoever can't see it, and as a file. */
export function Chart(props: ChartProps) {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const [table, setTable] = useState(false);
  const { title, labels, series, file, mark } = props;
  const rows = labels.map((label, i) => [
    label,
    ...series.map(({ values }) => (values[i] === null ? '' : String(values[i] ?? ''))),
  ]);
  const header = [C.when, ...series.map(({ name }) => name)];
  return (
    <View style={styles.all}>
      <Text variant="titleMedium">{title}</Text>
      {table ? <Table title={title} header={header} rows={rows} /> : <Drawing {...props} />}
      {mark && (
        <Text variant="bodyMedium" style={{ color: t.quiet }}>
          {mark.words}
        </Text>
      )}
      <View style={styles.row}>
        <Target
          label={table ? C.chart : C.table}
          said={`${table ? C.chart : C.table}: ${title}`}
          look="plain"
          onPress={() => setTable(!table)}
        />
        <Target
          label={C.save}
          said={`${C.save}: ${title}`}
          look="plain"
          icon="save"
          onPress={() => dispatch(saveTable(file, [header, ...rows]))}
        />
      </View>
    </View>
  );
}

function Table({
  title,
  header,
  rows,
}: {
  readonly title: string;
  readonly header: readonly string[];
  readonly rows: readonly (readonly string[])[];
}) {
  const t = useTokens();
  return (
    <View role="table" aria-label={title}>
      <View role="row" style={[styles.line, { borderBottomColor: t.ink }]}>
        {header.map((name) => (
          <Text key={name} role="columnheader" variant="labelLarge" style={styles.cell}>
            {name}
          </Text>
        ))}
      </View>
      {rows.map((row) => (
        <View key={row[0]} role="row" style={[styles.line, { borderBottomColor: t.line }]}>
          {row.map((text, i) => (
            <Text key={header[i]} role="cell" variant="bodyMedium" style={styles.cell}>
              {text === '' ? C.none : text}
            </Text>
          ))}
        </View>
      ))}
    </View>
  );
}

function Drawing({ title, labels, series, kind, unit, mark }: ChartProps) {
  const t = useTokens();
  const [width, setWidth] = useState(320);
  const inks = [t.river, t.bark, t.willow, t.catkin, t.quiet];
  const dashes = ['', '6 4', '2 3', '8 3 2 3', ''];
  const all = series.flatMap(({ values }) => values.filter((one) => one !== null));
  const top = Math.max(1, mark?.value ?? 0, ...all);
  const bottom = Math.min(0, ...all);
  const x = scaleBand<number>()
    .domain(labels.map((_, i) => i))
    .range([PAD.left, width - PAD.right])
    .paddingInner(0.2);
  const y = scaleLinear()
    .domain([bottom, top])
    .nice(4)
    .range([HEIGHT - PAD.bottom, PAD.top]);
  const middle = (i: number) => (x(i) ?? 0) + x.bandwidth() / 2;
  const every = Math.ceil(labels.length / Math.max(1, Math.floor((width - PAD.left) / 58)));
  const said = series
    .map(({ name, values }) => `${name}: ${values.map((one) => one ?? C.none).join(', ')}`)
    .join('; ');
  return (
    <View
      role="img"
      aria-label={`${title}, ${unit}. ${said}`}
      onLayout={({ nativeEvent }) => setWidth(Math.max(100, nativeEvent.layout.width))}
    >
      <Svg width={width} height={HEIGHT}>
        {y.ticks(4).map((tick) => [
          <Line
            key={`line ${tick}`}
            x1={PAD.left}
            x2={width - PAD.right}
            y1={y(tick)}
            y2={y(tick)}
            stroke={t.line}
            strokeWidth={1}
          />,
          <SvgText
            key={`tick ${tick}`}
            x={PAD.left - 6}
            y={y(tick) + 4}
            fontSize={12}
            fontFamily={SANS}
            fill={t.quiet}
            textAnchor="end"
          >
            {String(tick)}
          </SvgText>,
        ])}
        {mark && (
          <Line
            x1={PAD.left}
            x2={width - PAD.right}
            y1={y(mark.value)}
            y2={y(mark.value)}
            stroke={t.ink}
            strokeWidth={1.5}
            strokeDasharray="4 4"
          />
        )}
        {labels.map((label, i) =>
          i % every === 0 ? (
            <SvgText
              key={`label ${label} ${i}`}
              x={middle(i)}
              y={HEIGHT - 8}
              fontSize={12}
              fontFamily={SANS}
              fill={t.quiet}
              textAnchor="middle"
            >
              {label}
            </SvgText>
          ) : null,
        )}
        {kind === 'bars' &&
          series.map(({ name, values }, s) =>
            values.map((value, i) => {
              if (value === null) return null;
              const wide = x.bandwidth() / series.length;
              return (
                <Rect
                  key={`${name} ${i}`}
                  x={(x(i) ?? 0) + s * wide}
                  y={y(Math.max(0, value))}
                  width={Math.max(1, wide - 1)}
                  height={Math.abs(y(value) - y(0))}
                  fill={inks[s % inks.length]}
                />
              );
            }),
          )}
        {kind === 'lines' &&
          series.map(({ name, values }, s) => {
            const points = values.flatMap((value, i) =>
              value === null ? [] : [{ i, at: [middle(i), y(value)] as const }],
            );
            const path = points
              .map(
                ({ at: [px, py] }, n) => `${n === 0 ? 'M' : 'L'}${px.toFixed(1)} ${py.toFixed(1)}`,
              )
              .join('');
            const ink = inks[s % inks.length] ?? t.ink;
            return [
              <Path
                key={`${name} path`}
                d={path}
                stroke={ink}
                strokeWidth={2.5}
                fill="none"
                {...(dashes[s] && { strokeDasharray: dashes[s] })}
              />,
              ...points.map(({ i, at: [px, py] }) => (
                <Circle
                  key={`${name} ${i}`}
                  cx={px}
                  cy={py}
                  r={4}
                  fill={s % 2 === 0 ? ink : t.sheet}
                  stroke={ink}
                  strokeWidth={2}
                />
              )),
            ];
          })}
      </Svg>
      {series.length > 1 && (
        <View style={styles.row}>
          {series.map(({ name }, s) => (
            <View key={name} style={styles.key}>
              <Svg width={26} height={12}>
                {kind === 'bars' ? (
                  <Rect x={4} y={0} width={14} height={12} fill={inks[s % inks.length]} />
                ) : (
                  <>
                    <Line
                      x1={0}
                      x2={26}
                      y1={6}
                      y2={6}
                      stroke={inks[s % inks.length]}
                      strokeWidth={2.5}
                      {...(dashes[s] && { strokeDasharray: dashes[s] })}
                    />
                    <Circle
                      cx={13}
                      cy={6}
                      r={4}
                      fill={s % 2 === 0 ? inks[s % inks.length] : t.sheet}
                      stroke={inks[s % inks.length]}
                      strokeWidth={2}
                    />
                  </>
                )}
              </Svg>
              <Text variant="bodyMedium">{name}</Text>
            </View>
          ))}
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 4 },
  row: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 14, rowGap: 4 },
  key: { maxWidth: '100%', flexShrink: 1, flexDirection: 'row', alignItems: 'center', gap: 6 },
  line: { flexDirection: 'row', borderBottomWidth: 1, paddingVertical: 6 },
  cell: { flex: 1, fontVariant: ['tabular-nums'] },
});
