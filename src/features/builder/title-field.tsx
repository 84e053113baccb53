import { memo, useEffect, useRef, useState } from 'react';
import { StyleSheet, TextInput } from 'react-native';
import { cleanLine, withoutUnseen } from '@/core/common';
import { SERIF, TARGET, useTokens, rem } from '@/design';
import { useHandedOn } from '@/features/frame';
import { focusField, selectAll } from '@/platform/page';
import { BUILD } from './strings';

interface TitleFieldProps {
  readonly title: string;
  /** Chosen whole, to be typed over: a routine that has none of its own yet. */
  readonly isNew: boolean;
  readonly onNamed: (title: string) => void;
}

const MOST = 120;

/** The title, whole however long it is, and the place to change it. */
export const TitleField = memo(function TitleField({ title, isNew, onNamed }: TitleFieldProps) {
  const t = useTokens();
  const [typed, setTyped] = useState<string>();
  const field = useRef<TextInput>(null);
  useEffect(() => {
    if (isNew) field.current?.focus();
  }, [isNew]);
  const handOn = () => {
    const next = cleanLine((typed ?? '').replace(/\s+/gu, ' '), MOST);
    if (next !== '' && next !== title) onNamed(next);
  };
  const keep = () => {
    handOn();
    setTyped(undefined);
  };
  useHandedOn(typed, handOn);
  return (
    <TextInput
      ref={field}
      multiline
      numberOfLines={1}
      style={[styles.title, { color: t.ink }, growing]}
      aria-label={BUILD.title}
      value={typed ?? title}
      maxLength={MOST}
      onFocus={({ target }) => {
        // At once: a moment later it would take what was typed by then.
        if (isNew) selectAll(target);
      }}
      onChangeText={(text) => setTyped(withoutUnseen(text).replace(/\n/gu, ' '))}
      onBlur={keep}
      onKeyPress={(event) => {
        if (event.nativeEvent.key !== 'Enter') return;
        event.preventDefault();
        keep();
        field.current?.blur();
        focusField(BUILD.addLabel);
      }}
    />
  );
});

/** As high as its lines; a browser that can't scrolls it. */
const growing = { fieldSizing: 'content' } as object;

const styles = StyleSheet.create({
  title: {
    flexGrow: 1,
    flexShrink: 1,
    flexBasis: 140,
    minWidth: 0,
    minHeight: TARGET,
    paddingVertical: 10,
    fontFamily: SERIF,
    fontSize: rem(20),
    lineHeight: rem(26),
    overflowWrap: 'anywhere',
  } as object,
});
