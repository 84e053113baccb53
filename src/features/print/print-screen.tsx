import { useRouter } from 'expo-router';
import { useMemo, useRef, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Button, Text } from 'react-native-paper';
import { cuePage, picturePage } from '@/core/class';
import { routineIdSchema } from '@/core/common';
import type { Routine } from '@/core/routine';
import { Choices, Screen, TARGET } from '@/design';
import { usePictured } from '@/features/figure';
import { NotFoundScreen } from '@/features/notices';
import { SheetOfPaper, type SheetHandle } from '@/platform/sheet-of-paper';
import { useAppSelector, usePart, useScore } from '@/state';
import { cueSheetPhrases, hungPhrases } from '@/words/score';
import { PRINT } from './strings';

type Kind = (typeof PRINT.kinds)[number]['value'];

/** A routine on paper, as it is printed. */
export function PrintScreen({ id: address }: { readonly id: string }) {
  const id = routineIdSchema.safeParse(address).data;
  const kept = useAppSelector((state) => (id ? state.routines[id] : undefined));
  return kept ? <Sheets routine={kept.routine} /> : <NotFoundScreen />;
}

function Sheets({ routine }: { readonly routine: Routine }) {
  const router = useRouter();
  const [kind, setKind] = useState<Kind>('pictures');
  const [width, setWidth] = useState(0);
  const sheet = useRef<SheetHandle>(null);
  const pictured = usePictured();
  const score = useScore(routine);
  const part = usePart(routine.id);
  const paper = useMemo(() => {
    if (!pictured) return undefined;
    return kind === 'pictures'
      ? picturePage(routine, score, { phrases: hungPhrases, pictured, part })
      : cuePage(routine, score, { phrases: cueSheetPhrases, pictured, part });
  }, [kind, pictured, routine, score, part]);
  const print = (
    <Button
      mode="contained"
      disabled={!paper}
      contentStyle={styles.button}
      onPress={() => sheet.current?.print()}
    >
      {PRINT.print}
    </Button>
  );
  return (
    <Screen
      title={PRINT.title(routine.title)}
      onBack={() => router.replace(`/routine/${routine.id}`)}
      right={print}
    >
      <ScrollView contentContainerStyle={styles.page}>
        <Choices label={PRINT.what} choices={PRINT.kinds} value={kind} onChoose={setKind} />
        <View
          style={styles.sheet}
          onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
        >
          {!paper && <Text variant="bodyLarge">{PRINT.drawing}</Text>}
          {paper && width > 0 && (
            <SheetOfPaper paper={paper} label={PRINT.sheet} width={width} handle={sheet} />
          )}
        </View>
      </ScrollView>
    </Screen>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 16 },
  sheet: { alignItems: 'center' },
  button: { minHeight: TARGET },
});
