import { findBearingsBySize } from '@/core/catalogue/bearings/catalogue';
import { parseBearing } from '@/core/catalogue/bearings/designation';
import type { Seat } from '@/core/record/job';
import type { ComparedSizes, ListedSizes } from './comparePart';

/** How far a measured size may be from a listed one, mm. Common practice, no source. */
const NEAR_MM = 0.3;

/**
 * The listed bearing that a part's measured sizes come nearest to; null when nothing near is listed. Apart from the comparison, so that
 * only who asks loads the tables.
 */
export function looksLike(
  { outside, inside, width }: ComparedSizes,
  { boreMm, outsideMm, widthMm, type }: Seat['spec']['part'],
): string | null {
  const found = findBearingsBySize(
    { outsideMm: outside ?? outsideMm, boreMm: inside ?? boreMm, widthMm: width ?? widthMm },
    NEAR_MM,
  );
  return (
    (found.find(({ bearing }) => bearing.type === (type ?? 'deep_groove')) ?? found[0])?.bearing
      .designation ?? null
  );
}

/** Sizes by the number on a part; empty when it is in no table. */
export function listedSizes(designation: string): ListedSizes {
  const parsed = parseBearing(designation);
  return parsed.ok
    ? { outsideMm: parsed.value.outsideMm, boreMm: parsed.value.boreMm, widthMm: parsed.value.widthMm }
    : {};
}
