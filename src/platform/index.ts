import type { NewId } from '@/core/common';
import { browserHaptics, type Haptics } from './haptics';
import { browserLink, type Link } from './link';
import { browserLocks, type Locks } from './locks';
import { browserClock, type Clock } from './clock';
import { idOfText, randomId } from './ids';
import { browserKeptMark, type KeptMark } from './kept-mark';
import { hearOfInstalling } from './install';
import { browserOffline, type Offline } from './offline';
import { browserRoutineWork, type RoutineWork } from './routine-work';
import { browserSlips, type Slips } from './slips';
import { browserSound, type Sound } from './sound';
import { browserSpeech, type Speech } from './speech';
import { askToPersist, browserStore, type KeyStore } from './storage';
import { browserTabs, type Tabs } from './tabs';

/** Everything outside that the application uses; tests hand in their own. */
export interface Platform {
  readonly store: KeyStore;
  readonly slips: Slips;
  readonly keptMark: KeptMark;
  readonly tabs: Tabs;
  readonly locks: Locks;
  readonly link: Link;
  readonly clock: Clock;
  readonly sound: Sound;
  readonly speech: Speech;
  readonly haptics: Haptics;
  readonly work: RoutineWork;
  readonly offline: Offline;
  readonly newId: NewId;
  /** The same id for the same text. */
  readonly idOfText: (text: string) => string;
  readonly askToPersist: () => Promise<boolean | undefined>;
}

export function browserPlatform(): Platform {
  hearOfInstalling();
  return {
    store: browserStore(),
    slips: browserSlips(randomId()),
    keptMark: browserKeptMark(),
    tabs: browserTabs(),
    locks: browserLocks(),
    link: browserLink(),
    clock: browserClock(),
    sound: browserSound(),
    speech: browserSpeech(),
    haptics: browserHaptics(),
    work: browserRoutineWork(randomId),
    offline: browserOffline(),
    newId: randomId,
    idOfText,
    askToPersist,
  };
}
