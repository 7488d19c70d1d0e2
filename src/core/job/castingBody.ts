import { MATERIALS } from '@/core/catalogue/materials';
import { soakInAir, type Soak } from '@/core/heat/soak';
import type { Casting } from '@/core/record/job';

/** A casting as a body that takes and gives heat. */
export const castingBody = ({ massKg, areaM2, material }: Casting) => ({
  massKg,
  areaM2,
  specificHeatJKgK: MATERIALS[material].specificHeatJKgK,
});

export const castingInAir = (casting: Casting, startC: number, roomC: number): Soak =>
  soakInAir(castingBody(casting), { startC, surroundingsC: roomC });
