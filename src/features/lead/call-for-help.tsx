import { StyleSheet, View } from 'react-native';
import { Text } from 'react-native-paper';
import { FieldWithProblem, SANS, TARGET, useTokens, rem } from '@/design';
import { numberToRing } from '@/core/common';
import { deviceSet, useAppDispatch, useAppSelector } from '@/state';
import { LEAD } from './strings';

const DETAILS = ['number', 'address', 'defibrillator'] as const;

/** Whether somebody who calls for help from here has all that they need. */
export function useHelpIsKnown(): boolean {
  const help = useAppSelector((state) => state.device.help);
  return DETAILS.every((key) => help[key].trim() !== '') && numberToRing(help.number) !== undefined;
}

/** Whom to ring, by a press, and what to tell them: a line each, first of all. */
export function CallForHelp() {
  const t = useTokens();
  const help = useAppSelector((state) => state.device.help);
  const number = help.number.trim();
  const rings = numberToRing(number);
  const isKnown = useHelpIsKnown();
  return (
    <View role="region" aria-label={LEAD.call.title} style={[styles.call, { borderColor: t.clay }]}>
      {rings === undefined ? (
        <Text style={[styles.number, { color: t.clay }]}>{LEAD.call.title}</Text>
      ) : (
        <Text
          role="link"
          {...{ href: `tel:${rings}` }}
          style={[styles.number, styles.press, { color: t.sheet, backgroundColor: t.clay }]}
        >
          {LEAD.call.ring(number)}
        </Text>
      )}
      {number !== '' && rings === undefined && <Text style={styles.line}>{number}</Text>}
      {help.address.trim() !== '' && (
        <Text style={styles.line}>{LEAD.call.here(help.address)}</Text>
      )}
      {help.defibrillator.trim() !== '' && (
        <Text style={styles.line}>{LEAD.call.defibrillator(help.defibrillator)}</Text>
      )}
      {!isKnown && <Text style={[styles.missing, { color: t.clay }]}>{LEAD.call.missing}</Text>}
    </View>
  );
}

/** The three that somebody who calls for help has to know: kept on this device. */
export function HelpFields() {
  const dispatch = useAppDispatch();
  const help = useAppSelector((state) => state.device.help);
  const isNoNumber = help.number.trim().length > 1 && numberToRing(help.number) === undefined;
  return (
    <View style={styles.fields}>
      {DETAILS.map((key) => (
        <FieldWithProblem
          key={key}
          label={LEAD.help[key]}
          value={help[key]}
          maxLength={200}
          problem={key === 'number' && isNoNumber ? LEAD.noNumber : ''}
          {...(key === 'number' && { inputMode: 'tel' as const })}
          onChangeText={(text) => dispatch(deviceSet({ help: { ...help, [key]: text } }))}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  call: { borderWidth: 3, borderRadius: 12, padding: 10, gap: 6 },
  number: {
    fontFamily: SANS,
    fontSize: rem(24),
    lineHeight: rem(30),
    fontWeight: '700',
    textAlign: 'center',
  },
  press: {
    minHeight: TARGET + 8,
    borderRadius: 10,
    paddingVertical: 13,
    paddingHorizontal: 12,
    textDecorationLine: 'none',
  },
  line: { fontFamily: SANS, fontSize: rem(19), lineHeight: rem(25), fontWeight: '700' },
  missing: { fontFamily: SANS, fontSize: rem(16), lineHeight: rem(22) },
  fields: { gap: 8 },
});
