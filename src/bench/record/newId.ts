import { v7 as uuid } from 'uuid';
import type { AnyId } from '@/core/record/ids';

/** An id for something that is made in this browser; later ones sort behind earlier ones. */
export const newId = () => uuid() as AnyId;
