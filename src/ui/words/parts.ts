import type { BorePart } from '@/core/record/fittedPart';

/** What sort of part sits in a bore. */
export const PART_TYPE_WORDS: Record<BorePart['type'], string> = {
  deep_groove: 'ball bearing',
  cylindrical_roller: 'roller bearing',
  tapered_roller: 'outer race of a taper roller bearing',
  drawn_cup: 'drawn cup with needles',
  needle_rings: 'needle bearing',
  bush: 'bush',
  seal: 'seal',
};
