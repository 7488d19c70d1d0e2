import { showSize, type Units } from '@/core/quantity/format';

type Sizes = { boreMm: number; outsideMm: number; widthMm: number };

/** A part's three sizes: bore × outside × width, in the person's unit. */
export function saySizes({ boreMm, outsideMm, widthMm }: Sizes, units: Units): string {
  // Standard sizes are round in millimetres; in inches nothing is.
  const say = (mm: number) => (units === 'imperial' ? showSize(mm, units).figure : String(mm));
  return `${[boreMm, outsideMm, widthMm].map(say).join(' × ')} ${units === 'imperial' ? 'in' : 'mm'}`;
}
