import { Link } from 'expo-router';
import { memo } from 'react';
import { StyleSheet, View, useWindowDimensions } from 'react-native';
import { Text } from 'react-native-paper';
import { SANS, SERIF, TARGET, useTokens, rem } from '@/design';

/** The five places, each a press from the others. */
const PLACES = [
  { name: 'Today', href: '/' },
  { name: 'Routines', href: '/routines' },
  { name: 'Moves', href: '/moves' },
  { name: 'People', href: '/people' },
  { name: 'Record', href: '/record' },
] as const;
export type PlaceName = (typeof PLACES)[number]['name'];

/**
 * The way round, in the place of a page's title: the place where one is stands as the title, the
 * others beside it. So it costs no line of its own on a phone.
 */
export const Places = memo(function Places({ here }: { readonly here: PlaceName }) {
  const t = useTokens();
  const { width, fontScale } = useWindowDimensions();
  const tight = width / fontScale < 372;
  return (
    <View role="navigation" aria-label="Places" style={[styles.places, tight && styles.tight]}>
      {PLACES.map(({ name, href }) => {
        const is = name === here;
        return (
          <Link
            key={name}
            href={href}
            aria-current={is ? 'page' : undefined}
            style={StyleSheet.flatten([
              styles.place,
              { borderBottomColor: is ? t.willow : 'transparent' },
            ])}
          >
            <Text
              style={[
                is ? styles.here : styles.other,
                tight && (is ? styles.hereTight : styles.otherTight),
                { color: is ? t.ink : t.quiet },
              ]}
            >
              {name}
            </Text>
          </Link>
        );
      })}
    </View>
  );
});

const styles = StyleSheet.create({
  places: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    columnGap: 14,
    flexGrow: 1,
    flexShrink: 1,
    maxWidth: '100%',
  },
  tight: { columnGap: 7 },
  place: {
    display: 'flex',
    minHeight: TARGET,
    minWidth: 44,
    justifyContent: 'center',
    alignItems: 'center',
    borderBottomWidth: 3,
    borderStyle: 'solid',
    textDecorationLine: 'none',
  },
  here: { fontFamily: SERIF, fontSize: rem(22), lineHeight: rem(28) },
  hereTight: { fontSize: rem(18) },
  other: { fontFamily: SANS, fontSize: rem(16), lineHeight: rem(24) },
  otherTight: { fontSize: rem(14) },
});
