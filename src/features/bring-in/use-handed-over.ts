import { useLocalSearchParams } from 'expo-router';
import { useEffect, useRef } from 'react';
import { onFileHandedOver, type PickedFile } from '@/platform/files';
import { useSame } from '@/design';

/** What the system hands over: a file that is opened with the application, or words that are shared to it. */
export function useHandedOver(to: {
  readonly take: (picked: PickedFile) => void;
  readonly put: (text: string) => void;
}): void {
  const { text, title } = useLocalSearchParams<{ text?: string; title?: string }>();
  const take = useSame(to.take);
  const put = useSame(to.put);
  const isPut = useRef(false);
  useEffect(() => onFileHandedOver(take), [take]);
  useEffect(() => {
    if (isPut.current || !text?.trim()) return;
    isPut.current = true;
    put([title, text].filter(Boolean).join('\n'));
  }, [put, text, title]);
}
