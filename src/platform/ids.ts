import { v4, v5 } from 'uuid';
import type { NewId } from '@/core/common';

/** Ids that no other device makes. */
export const randomId: NewId = () => v4();

/** Names of texts; any will do, as long as it never changes. */
const TEXTS = '6f1c2a5e-7d43-4c7e-9a0b-2f6f0c1d8e35';

/** The same id for the same text. */
export const idOfText = (text: string): string => v5(text, TEXTS);
