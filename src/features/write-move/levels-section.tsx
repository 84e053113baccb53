import { memo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { IconButton, Text } from 'react-native-paper';
import { useFieldArray, useWatch, type UseFormSetValue } from 'react-hook-form';
import { levelLike, type MoveDraft } from '@/core/writing';
import { TARGET, Target, useTokens } from '@/design';
import { useNewId } from '@/state';
import { LevelEditor } from './level-editor';
import { Problems, Section, type DraftControl } from './section';
import { WRITE } from './strings';

interface LevelsSectionProps {
  readonly control: DraftControl;
  readonly setValue: UseFormSetValue<MoveDraft>;
}

const MOST_LEVELS = 12;

/** The levels from easier to harder, each opened to be written. */
export const LevelsSection = memo(function LevelsSection({
  control,
  setValue,
}: LevelsSectionProps) {
  const t = useTokens();
  const newId = useNewId();
  const { fields, append, move, remove } = useFieldArray({
    control,
    name: 'levels',
    // Levels have ids of their own.
    keyName: 'key',
  });
  const levels = useWatch({ control, name: 'levels' });
  const [open, setOpen] = useState<string>();
  const makeUsual = (at: number) =>
    levels.forEach((_, i) => setValue(`levels.${i}.usual`, i === at));
  return (
    <Section title={WRITE.sections.levels} places={['levels']}>
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {WRITE.levelsHint}
      </Text>
      <Problems at="levels" inside={false} />
      {fields.map(({ key: id }, at) => {
        const level = levels[at];
        const name = WRITE.level(at, level?.name ?? '');
        return (
          <View key={id} style={[styles.level, { borderColor: t.line, backgroundColor: t.sheet }]}>
            <View style={styles.head}>
              <Target
                label={level?.usual ? `${name} · ${WRITE.usual}` : name}
                look="plain"
                icon={open === id ? 'less' : 'more'}
                expanded={open === id}
                align="start"
                style={styles.name}
                onPress={() => setOpen(open === id ? undefined : id)}
              />
              <IconButton
                icon="up"
                size={20}
                style={styles.icon}
                accessibilityLabel={WRITE.earlier(name)}
                disabled={at === 0}
                onPress={() => move(at, at - 1)}
              />
              <IconButton
                icon="down"
                size={20}
                style={styles.icon}
                accessibilityLabel={WRITE.later(name)}
                disabled={at === fields.length - 1}
                onPress={() => move(at, at + 1)}
              />
              <IconButton
                icon="delete"
                size={20}
                style={styles.icon}
                accessibilityLabel={WRITE.removeLevel(name)}
                disabled={fields.length === 1}
                onPress={() => remove(at)}
              />
            </View>
            {open === id && (
              <LevelEditor
                control={control}
                at={at}
                usual={level?.usual === true}
                onUsual={() => makeUsual(at)}
              />
            )}
            {open !== id && <Problems at={`levels.${at}`} />}
          </View>
        );
      })}
      <Target
        label={WRITE.addLevel}
        icon="add"
        disabled={fields.length >= MOST_LEVELS}
        style={styles.add}
        onPress={() => {
          const last = levels.at(-1);
          if (last) append(levelLike(last, newId));
        }}
      />
    </Section>
  );
});

const styles = StyleSheet.create({
  level: { borderWidth: 1, borderRadius: 12, padding: 8, gap: 8 },
  head: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center' },
  name: { flexGrow: 1 },
  icon: { width: TARGET, height: TARGET, margin: 0 },
  add: { alignSelf: 'flex-start' },
});
