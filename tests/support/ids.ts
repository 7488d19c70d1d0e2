import { randomUUID } from 'node:crypto';
import type { AnyId } from '@/core/record/ids';

/** An id of whatever the test speaks of. */
export const asId = (text: string) => text as AnyId;
export const randomId = () => asId(randomUUID());
