import { useEffect, useRef, useState } from 'react';
import { StyleSheet } from 'react-native';
import { Text } from 'react-native-paper';
import { hasVoice, useAppDispatch, useAppSelector } from '@/state';
import { timeWords } from '@/words/names';
import type { LeadView } from './view';

/** A screen reader needs about so long for one of these lines. */
const READING_MS = 2500;

/** What is to be done now: the move, the side or what this stretch is for, and for how long. */
function saidNow({ name, heading, working, ofMs, notice }: LeadView): string {
  if (notice !== '') return notice;
  return [name, heading, working && timeWords(ofMs)].filter(Boolean).join(', ');
}

/**
 * Says the class to a screen reader where no voice of the device does: each change of move and side, at
 * a pace that can be listened to; what is over before it could be said is left out.
 */
export function NowSaid({ view }: { readonly view: LeadView }) {
  const dispatch = useAppDispatch();
  const { talk } = useAppSelector((state) => state.device);
  const speaks = talk !== 'quiet' && dispatch(hasVoice());
  const words = saidNow(view);
  const [said, setSaid] = useState('');
  const last = useRef(0);
  useEffect(() => {
    const waitMs = Math.max(0, READING_MS - (performance.now() - last.current));
    const timer = setTimeout(() => {
      last.current = performance.now();
      setSaid(words);
    }, waitMs);
    return () => clearTimeout(timer);
  }, [words]);
  return (
    <Text aria-live="polite" role="status" style={styles.unseen}>
      {speaks ? '' : said}
    </Text>
  );
}

const styles = StyleSheet.create({
  unseen: { position: 'absolute', width: 1, height: 1, overflow: 'hidden', opacity: 0 },
});
