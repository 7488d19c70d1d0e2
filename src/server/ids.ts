import { v7 as uuid } from 'uuid';
import type { AnyId } from '@/core/record/ids';

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;

/** Is this part of an address an id at all? Of what, its place there says; anything else is simply not there. */
export const isId = (text: string): text is AnyId => UUID.test(text);

/** An id for something that is made here. */
export const newId = () => uuid() as AnyId;
