import type { Tool } from './tool';

/** It hangs on the wall, and is not lent. */
export const isAtHand = ({ lentTo }: Pick<Tool, 'lentTo'>): boolean => lentTo === undefined;
