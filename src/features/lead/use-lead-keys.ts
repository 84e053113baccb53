import { useEffect } from 'react';
import { isOnButton, onKey } from '@/platform/page';
import { deedOf, type KeyDeed } from './keys';

/** Keys of the class, unless the focus is on a target that the key would press. */
export function useLeadKeys(press: (deed: KeyDeed) => boolean): void {
  useEffect(() =>
    onKey((key, event) => {
      const deed = deedOf(key);
      if (!deed || event.ctrlKey || event.metaKey || (key === ' ' && isOnButton(event))) return;
      if (press(deed)) event.preventDefault();
    }),
  );
}
