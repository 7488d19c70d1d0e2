import { MATERIALS } from '@/core/catalogue/materials';
import { soakInAir, type Soak } from '@/core/heat/soak';
import type { Casting } from '@/core/record/job';

/** A casting as a body that takes and gives heat. */
export const castingBody = ({ massKg, areaM2, material }: Casting) => ({
  massKg,
  areaM2,
  specificHeatJKgK: MATERIALS[material].specificHeatJKgK,
});

/** @param lossFactor by how much faster it loses heat than the usual guess, as far as the shop has learned that */
export function castingInAir(casting: Casting, startC: number, roomC: number, lossFactor = 1): Soak {
  const soak = soakInAir(castingBody(casting), { startC, surroundingsC: roomC });
  return { ...soak, hWM2K: soak.hWM2K * lossFactor };
}
