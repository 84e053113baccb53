import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';

import { GROUP_NAMES, withStop, type MoveId } from '@/core/common';
import { PROPS, familyOf, type Catalogue, type Level, type Move } from '@/core/moves';
import type { SidePlan } from '@/core/routine';
import { spoken } from '@/core/timing';
import { asksOf, lanesFor, limitsAgainst } from '@/core/writing';
import { Target, useTokens } from '@/design';
import { listWords } from '@/words/findings';
import {
  laneTitle,
  LIMIT_NAMES,
  LOAD_NAMES,
  GROUP_TITLES,
  POSITION_NAMES,
  REGION_NAMES,
  doseWords,
  timeWords,
} from '@/words/names';
import { scorePhrases } from '@/words/score';
import { LevelFigures } from '@/features/figure';
import { CATALOGUE, KIND_NAMES } from './strings';

interface MoveSheetProps {
  readonly move: Move;
  /** The moves that stand in, and that it shares its family with. */
  readonly catalogue: Catalogue;
  /** Opens another move of the family; they are only named where it is left out. */
  readonly onChoose?: (id: MoveId) => void;
  readonly actions?: ReactNode;
}

/** All that is known of a move: levels, dose, words, ways of taking part and limits. */
export function MoveSheet({ move, catalogue, onChoose, actions }: MoveSheetProps) {
  const t = useTokens();
  const family = familyOf(catalogue, move).filter(({ id }) => id !== move.id);
  return (
    <View style={styles.all}>
      <View>
        <Text variant="headlineSmall" role="heading" aria-level={2} style={styles.title}>
          {move.name}
        </Text>
        <Text variant="bodyLarge" style={{ color: t.quiet }}>
          {[KIND_NAMES[move.kind], ...move.regions.map((region) => REGION_NAMES[region])].join(
            ' · ',
          )}
        </Text>
        {move.otherNames.length > 0 && (
          <Text variant="bodyMedium" style={{ color: t.quiet }}>
            {CATALOGUE.also(listWords(move.otherNames))}
          </Text>
        )}
      </View>
      {actions}
      <LevelFigures key={move.id} move={move} />
      <Part title={CATALOGUE.words}>
        <Cues move={move} />
      </Part>
      <Part title={CATALOGUE.levels}>
        {move.levels.map((level) => (
          <LevelEntry key={level.id} move={move} level={level} />
        ))}
      </Part>
      <Part title={CATALOGUE.dose}>
        <Doses move={move} />
      </Part>
      <Part title={CATALOGUE.limits}>
        <Limits move={move} />
      </Part>
      <Part title={CATALOGUE.lanes}>
        {lanesFor(catalogue, move).map(({ lane, move: done, level, reason }) => (
          <Pair
            key={lane}
            name={laneTitle(lane)}
            text={
              reason === 'as-written'
                ? CATALOGUE.asIs
                : done
                  ? `${done === move ? '' : `${done.name}, `}${level?.name ?? ''}`
                  : CATALOGUE.rests
            }
          />
        ))}
      </Part>
      {family.length > 0 && (
        <Part title={CATALOGUE.family}>
          <View style={styles.family}>
            {family.map(({ id, name }) =>
              onChoose ? (
                <Target key={id} label={name} onPress={() => onChoose(id)} />
              ) : (
                <Text key={id} variant="bodyLarge">
                  {name}
                </Text>
              ),
            )}
          </View>
        </Part>
      )}
    </View>
  );
}

function Part({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  const t = useTokens();
  return (
    <View style={[styles.part, { borderTopColor: t.line }]}>
      <Text variant="titleMedium" role="heading" aria-level={3} style={{ color: t.bark }}>
        {title}
      </Text>
      {children}
    </View>
  );
}

function Pair({ name, text }: { readonly name: string; readonly text: string }) {
  const t = useTokens();
  return (
    <View style={styles.pair}>
      <Text variant="bodyMedium" style={[styles.name, { color: t.quiet }]}>
        {name}
      </Text>
      <Text variant="bodyLarge" style={styles.text}>
        {text}
      </Text>
    </View>
  );
}

/** The words as they are said for the left side, where sides differ. */
const saidOf = ({ sides }: Move, text: string) =>
  spoken(text, sides === 'each' ? 'left' : null, 'left', scorePhrases);

function Cues({ move }: { readonly move: Move }) {
  const { cues } = move;
  const say = (text: string) => saidOf(move, text);
  return (
    <>
      <Pair name={CATALOGUE.setUp} text={say(cues.setUp)} />
      <Pair name={CATALOGUE.go} text={say(cues.go)} />
      <Pair name={CATALOGUE.short} text={say(cues.short)} />
      <Pair
        name={CATALOGUE.watch}
        text={cues.watch.map((point) => withStop(say(point))).join(' ')}
      />
      <Pair name={CATALOGUE.easier} text={say(cues.easier)} />
      <Pair name={CATALOGUE.further} text={say(cues.further)} />
      <Pair name={CATALOGUE.wayOut} text={say(cues.wayOut)} />
      {cues.press && <Pair name={CATALOGUE.press} text={say(cues.press)} />}
      <Pair name={CATALOGUE.breath} text={say(cues.breath)} />
    </>
  );
}

function LevelEntry({ move, level }: { readonly move: Move; readonly level: Level }) {
  const t = useTokens();
  const { setUp, go } = level.words ?? {};
  const says = [setUp, go].filter((text) => text !== undefined);
  const loads = asksOf(level).map((load) => LOAD_NAMES[load]);
  const props = level.props.map((prop) => CATALOGUE.orElse(prop, PROPS[prop].join(', ')));
  const place = [POSITION_NAMES[level.from], CATALOGUE.support(level.support), ...props].join(
    ' · ',
  );
  return (
    <View>
      <Text variant="bodyLarge" style={styles.level}>
        {level.name}
        {level.usual ? ` · ${CATALOGUE.usual}` : ''}
        {level.usualFor?.map((group) => ` · ${CATALOGUE.usualFor(GROUP_TITLES[group])}`).join('')}
        {level.notFor?.map((group) => ` · ${CATALOGUE.notFor(GROUP_TITLES[group])}`).join('')}
      </Text>
      <Text variant="bodyMedium">{place}</Text>
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {loads.length > 0 ? CATALOGUE.asks(listWords(loads)) : CATALOGUE.asksNothing}
      </Text>
      {says.length > 0 && (
        <Text variant="bodyMedium">{says.map((text) => saidOf(move, text)).join(' ')}</Text>
      )}
    </View>
  );
}

/** The sides of a move as they are done when nobody says otherwise. */
function plainSides({ sides }: Move): SidePlan {
  if (sides === 'both') return { way: 'both' };
  if (sides === 'alternating') return { way: 'alternating', first: 'left' };
  return { way: 'each', order: ['left', 'right'] };
}

function Doses({ move }: { readonly move: Move }) {
  const { dose, doseFor, range } = move;
  const sides = plainSides(move);
  const spans = [
    range.holdMs && CATALOGUE.from(timeWords(range.holdMs[0]), timeWords(range.holdMs[1]), 'hold'),
    range.timedMs &&
      CATALOGUE.from(timeWords(range.timedMs[0]), timeWords(range.timedMs[1]), 'steady'),
    range.reps && CATALOGUE.from(String(range.reps[0]), String(range.reps[1]), 'reps'),
    range.breaths && CATALOGUE.from(String(range.breaths[0]), String(range.breaths[1]), 'breaths'),
    CATALOGUE.sets(range.sets[0], range.sets[1]),
  ].filter(Boolean);
  return (
    <>
      <Text variant="bodyLarge">{doseWords({ dose, sides })}</Text>
      {GROUP_NAMES.map((group) => {
        const own = doseFor?.[group];
        return own ? (
          <Text key={group} variant="bodyLarge">
            {CATALOGUE.doseFor(GROUP_TITLES[group], doseWords({ dose: own, sides }))}
          </Text>
        ) : null;
      })}
      <Text variant="bodyMedium">{spans.join(' · ')}</Text>
    </>
  );
}

function Limits({ move }: { readonly move: Move }) {
  const t = useTokens();
  const { all, usual } = limitsAgainst(move);
  const names = (limits: typeof all) => listWords(limits.map((limit) => LIMIT_NAMES[limit]));
  return (
    <>
      {all.length > 0 && <Text variant="bodyLarge">{CATALOGUE.limitsAll(names(all))}</Text>}
      {usual.length > 0 && <Text variant="bodyLarge">{CATALOGUE.limitsUsual(names(usual))}</Text>}
      {all.length + usual.length === 0 && <Text variant="bodyLarge">{CATALOGUE.limitsNone}</Text>}
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {CATALOGUE.care}
      </Text>
    </>
  );
}

const styles = StyleSheet.create({
  all: { gap: 16, padding: 16 },
  title: { overflowWrap: 'anywhere' } as object,
  part: { borderTopWidth: 1, paddingTop: 12, gap: 8 },
  pair: { flexDirection: 'row', flexWrap: 'wrap', columnGap: 12 },
  name: { width: 120, paddingTop: 2 },
  text: { flexGrow: 1, flexShrink: 1, flexBasis: 160 },
  level: { fontWeight: '700' },
  family: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
