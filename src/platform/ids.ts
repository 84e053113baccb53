import { v4 } from 'uuid';
import type { NewId } from '@/core/common';

/** Ids that no other device makes. */
export const randomId: NewId = () => v4();
