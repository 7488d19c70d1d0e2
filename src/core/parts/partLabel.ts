import { findBearingsBySize } from '@/core/catalogue/bearings/catalogue';
import { parseBearing } from '@/core/catalogue/bearings/designation';
import type { BorePart } from '@/core/record/fittedPart';

export type Sizes = { boreMm: number; outsideMm: number; widthMm: number };

/** Listed sizes and those of a part are the same within this, mm. */
const SAME_MM = 0.005;
const same = (a: Sizes, b: Sizes) =>
  Math.abs(a.boreMm - b.boreMm) <= SAME_MM &&
  Math.abs(a.outsideMm - b.outsideMm) <= SAME_MM &&
  Math.abs(a.widthMm - b.widthMm) <= SAME_MM;

const spelled = ({ boreMm, outsideMm, widthMm }: Sizes) =>
  [boreMm, outsideMm, widthMm].map((mm) => Number(mm.toFixed(2))).join('×');

/**
 * What a part is called whose sizes were changed: its number as long as that has these sizes, else the number that has them, else its
 * sizes. Of a taper's race the listed width is the cup's.
 */
export function labelOf(part: BorePart): string {
  if (part.type === 'seal') return `Seal ${spelled(part)} ${part.material.toUpperCase()}`;
  if (part.type === 'bush') return `Bush ${spelled(part)}`;
  const parsed = parseBearing(part.designation);
  if (parsed.ok) {
    const { cupWidthMm, widthMm, ...listed } = parsed.value;
    const isRace = part.type === 'tapered_roller';
    if (same(part, { ...listed, widthMm: isRace ? (cupWidthMm ?? widthMm) : widthMm }))
      return part.designation;
  }
  const { boreMm, outsideMm, widthMm } = part;
  const found = findBearingsBySize({ boreMm, outsideMm, widthMm }, SAME_MM).find(
    ({ bearing }) => bearing.type === part.type,
  );
  return found?.bearing.designation ?? spelled(part);
}
