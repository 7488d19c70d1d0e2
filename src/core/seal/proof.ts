import type { SealState } from '@/core/project/seal';

/** Felt round its rim and turned through its lip: as deep all the way, and no lip folded. */
export const isWholeSeal = ({
  isSealEven,
  isLipFolded,
}: Pick<SealState, 'isSealEven' | 'isLipFolded'>): boolean => isSealEven === true && isLipFolded === false;
