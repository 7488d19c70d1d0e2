import type { BearingType } from '@/core/catalogue/bearings/row';
import type { HousingClass } from '@/core/catalogue/limits';
import type { MaterialCode } from '@/core/catalogue/materials';

/**
 * What a seat is usually made to: drawn cups R7 in light alloy and N7 in steel (ISO 3245 practice, from memory); bearings N7 in light
 * castings, M7 in hubs, K7 in iron and steel (common practice, no source).
 */
export function usualClassFor(type: BearingType, material: MaterialCode): HousingClass {
  const isSteel = material === 'mild_steel' || material === 'grey_iron';
  if (type === 'drawn_cup') return isSteel ? 'N7' : 'R7';
  return isSteel ? 'K7' : material === 'al6061_t6' ? 'M7' : 'N7';
}
