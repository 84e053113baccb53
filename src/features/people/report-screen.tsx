import { useRouter } from 'expo-router';
import { useMemo, useRef, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { Screen, TARGET } from '@/design';
import { NotFoundScreen } from '@/features/notices';
import { SheetOfPaper, type SheetHandle } from '@/platform/sheet-of-paper';
import { deviceSet, useAppDispatch, useAppSelector } from '@/state';
import { KeptField } from './kept-field';
import { REPORT, reportPaper } from './report-paper';
import { PERSON } from './strings';
import { usePerson, type Person } from './use-person';

const Q = {
  print: 'Print',
  hint: 'One page for this person to take along. It goes nowhere by itself: print it only when they ask for it.',
  sheet: 'Page to print',
  by: 'Written by: your name, and how to reach you',
};

/** A page that somebody can take to their clinician. */
export function ReportScreen({ id }: { readonly id: string }) {
  const person = usePerson(id);
  return person ? <OfPerson person={person} /> : <NotFoundScreen />;
}

function usePaper(person: Person) {
  const readings = useAppSelector((state) => state.readings);
  const { writtenBy } = useAppSelector((state) => state.device);
  return useMemo(() => reportPaper(person, readings, writtenBy), [person, readings, writtenBy]);
}

function OfPerson({ person }: { readonly person: Person }) {
  const router = useRouter();
  const sheet = useRef<SheetHandle>(null);
  const [width, setWidth] = useState(0);
  const paper = usePaper(person);
  const dispatch = useAppDispatch();
  const { writtenBy } = useAppSelector((state) => state.device);
  return (
    <Screen
      title={REPORT.title(person.member.name)}
      tabTitle={PERSON.tab}
      onBack={() => router.replace(`/people/${person.member.id}`)}
      right={
        <Button
          mode="contained"
          contentStyle={styles.button}
          onPress={() => sheet.current?.print()}
        >
          {Q.print}
        </Button>
      }
    >
      <ScrollView contentContainerStyle={styles.page}>
        <Text variant="bodyMedium">{Q.hint}</Text>
        <KeptField
          label={Q.by}
          kept={writtenBy}
          most={120}
          onKeep={(to) => dispatch(deviceSet({ writtenBy: to }))}
        />
        <View
          style={styles.sheet}
          onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
        >
          {width > 0 && (
            <SheetOfPaper paper={paper} label={Q.sheet} width={width} flows handle={sheet} />
          )}
        </View>
      </ScrollView>
    </Screen>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 12 },
  sheet: { alignItems: 'center' },
  button: { minHeight: TARGET },
});
