import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useRouter } from 'expo-router';
import { Choices, Field, Target } from '@/design';
import { ALL, type Wanted } from './shown-rows';
import { ROUTINES, SORTS, SORT_WORDS } from './strings';

interface ListToolsProps {
  readonly wanted: Wanted;
  readonly tags: readonly string[];
  readonly onWanted: (wanted: Wanted) => void;
}

/** Finding, sorting and narrowing the list; what is seldom wanted folds away. */
export function ListTools({ wanted, tags, onWanted }: ListToolsProps) {
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const isNarrowed = wanted !== ALL;
  return (
    <View style={styles.all}>
      <Field
        dense
        label={ROUTINES.find}
        value={wanted.words}
        onChangeText={(words) => onWanted({ ...wanted, words })}
      />
      <View style={styles.line}>
        <Target
          look="plain"
          icon={open ? 'less' : 'more'}
          label={ROUTINES.show}
          expanded={open}
          style={styles.opener}
          onPress={() => setOpen(!open)}
        />
        <Target look="plain" label={ROUTINES.bin} onPress={() => router.push('/bin')} />
        {isNarrowed && <Target look="plain" label={ROUTINES.clear} onPress={() => onWanted(ALL)} />}
      </View>
      {open && (
        <View>
          <Choices
            label={ROUTINES.sort}
            choices={SORTS.map((value) => ({ value, text: SORT_WORDS[value] }))}
            value={wanted.sort}
            onChoose={(sort) => onWanted({ ...wanted, sort })}
          />
          {tags.length > 0 && (
            <Choices
              label={ROUTINES.tag}
              choices={[
                { value: '', text: ROUTINES.anyTag },
                ...tags.map((value) => ({ value, text: value })),
              ]}
              value={wanted.tag ?? ''}
              onChoose={(tag) => onWanted({ ...wanted, tag: tag === '' ? undefined : tag })}
            />
          )}
          <Choices
            label={ROUTINES.which}
            choices={[
              { value: 'in-use', text: ROUTINES.inUseOnes },
              { value: 'archive', text: ROUTINES.archive },
            ]}
            value={wanted.archived ? 'archive' : 'in-use'}
            onChoose={(which) => onWanted({ ...wanted, archived: which === 'archive' })}
          />
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  all: { gap: 4 },
  line: { flexDirection: 'row', flexWrap: 'wrap' },
  opener: { marginLeft: -12 },
});
