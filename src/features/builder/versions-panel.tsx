import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { changeBetween } from '@/core/routine';
import { Field, Target, useTokens } from '@/design';
import { useKeptTyping } from '@/features/typing';
import { keepVersion, useAppDispatch, useAppSelector, versionGone } from '@/state';
import { momentShown } from '@/words/moments';
import { PanelTop } from './panel-top';
import { VERSIONS } from './strings';
import type { Editing } from './use-routine';

/** The routine as it was, under names; going back is an edit like any other, and can be undone. */
export function VersionsPanel({
  id,
  routine,
  change,
  onClose,
}: Editing & { readonly onClose: () => void }) {
  const t = useTokens();
  const dispatch = useAppDispatch();
  const [name, setName] = useKeptTyping(`version of ${id}`);
  const all = useAppSelector((state) => state.versions);
  const own = Object.values(all)
    .filter(({ routineId }) => routineId === id)
    .sort((a, b) => b.keptAt.localeCompare(a.keptAt));
  const keep = () => {
    if (name.trim() === '') return;
    dispatch(keepVersion(id, name.trim().slice(0, 80)));
    setName('');
  };
  return (
    <View style={styles.all}>
      <PanelTop title={VERSIONS.title} onClose={onClose} />
      <Text variant="bodyMedium" style={{ color: t.quiet }}>
        {VERSIONS.hint}
      </Text>
      <Field
        label={VERSIONS.name}
        value={name}
        maxLength={80}
        onChangeText={setName}
        onSubmitEditing={keep}
      />
      <Target label={VERSIONS.keep} disabled={name.trim() === ''} onPress={keep} />
      {own.length === 0 && <Text variant="bodyMedium">{VERSIONS.none}</Text>}
      <View role="list" aria-label={VERSIONS.title}>
        {own.map((version) => (
          <View key={version.id} role="listitem" style={[styles.row, { borderTopColor: t.line }]}>
            <Text variant="titleMedium">{version.name}</Text>
            <Text variant="bodyMedium" style={{ color: t.quiet }}>
              {VERSIONS.kept(momentShown(version.keptAt))}
            </Text>
            <View style={styles.targets}>
              <Target
                label={VERSIONS.back}
                said={VERSIONS.backTo(version.name)}
                onPress={() => {
                  const back = changeBetween(routine, { ...version.routine, id });
                  if (back.steps.length > 0) change(back);
                }}
              />
              <Target
                look="plain"
                label={VERSIONS.drop}
                said={VERSIONS.dropOne(version.name)}
                onPress={() => dispatch(versionGone(version.id))}
              />
            </View>
          </View>
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  all: { padding: 16, gap: 8, alignItems: 'stretch' },
  row: { borderTopWidth: 1, paddingVertical: 8, gap: 2 },
  targets: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
