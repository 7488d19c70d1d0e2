import { MATERIALS, type Material } from '@/core/catalogue/materials';
import type { BorePart } from './fittedPart';

/** Metal of the race, shell or bush that meets the bore; of a seal, its steel case. */
export const partMetal = (part: BorePart): Material =>
  MATERIALS[part.type === 'seal' ? 'mild_steel' : (part.material ?? 'bearing_steel')];
