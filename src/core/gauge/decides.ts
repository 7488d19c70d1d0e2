import { findZoneUm } from '@/core/catalogue/limits';
import type { Instrument } from '@/core/record/instrument';
import type { SlotFamily } from '@/core/record/slots';

/** Can a reading tell apart what lies `apart`? Twice its uncertainty to either side fits between (JCGM 106, guard band 2u). */
export const canDecide = (u: number, apart: number) => 4 * u <= apart;

/** What tells a wrong part from a right one, mm. Common practice, no source. */
const OTHER_PART_MM = 0.1;

/**
 * How close two sizes may lie that a reading of such a slot has to tell apart, mm. What carries a fit: one zone of grade 7 of its size
 * (ISO 286-1), which is about the usual nip. What only tells parts apart: a tenth. A depth is judged with the whole pass instead.
 * @returns null where nothing is known beforehand
 */
export function apartMm(family: SlotFamily, sizeMm: number | null): number | null {
  switch (family) {
    case 'bore':
    case 'outside':
    case 'inside':
    case 'journal': {
      const zoneUm = sizeMm === null ? null : findZoneUm(sizeMm, 7);
      return zoneUm === null ? null : zoneUm / 1000;
    }
    case 'width':
    case 'old_outside':
    case 'old_inside':
    case 'old_width':
      return OTHER_PART_MM;
    case 'depth':
    case 'straightedge':
    case 'gasket':
    case 'step':
    case 'washer':
    case 'sunk':
    case 'stands_out':
    case 'link':
    case 'dial':
    case 'feeler':
    case 'pull':
    case 'pressure':
    case 'temperature':
      return null;
  }
}

/** An instrument that is asked for more than it can tell; null where it can, or nothing is known. */
export function findTooCoarse(
  { u }: Pick<Instrument, 'u'>,
  family: SlotFamily,
  sizeMm: number | null,
): { apartMm: number; twiceUMm: number } | null {
  const mm = apartMm(family, sizeMm);
  return mm === null || canDecide(u, mm) ? null : { apartMm: mm, twiceUMm: 2 * u };
}
