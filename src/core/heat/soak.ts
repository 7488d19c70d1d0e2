/**
 * Warming in an oven, cooling in a freezer: one lump, Newton's law. T = T_s + (T₀ − T_s)·e^(−t/τ), τ = m·c/(h·A).
 * Source: Incropera & DeWitt, ch. 5, from memory. Checked against: tests/reference/soak.json.
 */
export type Soak = {
  massKg: number;
  specificHeatJKgK: number;
  areaM2: number;
  hWM2K: number;
  startC: number;
  surroundingsC: number;
};

export const timeConstantS = ({
  massKg,
  specificHeatJKgK,
  areaM2,
  hWM2K,
}: Pick<Soak, 'massKg' | 'specificHeatJKgK' | 'areaM2' | 'hWM2K'>) =>
  (massKg * specificHeatJKgK) / (hWM2K * areaM2);

export const soakTemperature = (soak: Soak, timeS: number) =>
  soak.surroundingsC + (soak.startC - soak.surroundingsC) * Math.exp(-timeS / timeConstantS(soak));

/** Time until the part is within `withinK` of its surroundings; 0 when it already is. */
export function timeUntilWithin(soak: Soak, withinK: number): number {
  const apartK = Math.abs(soak.startC - soak.surroundingsC);
  return apartK <= withinK ? 0 : timeConstantS(soak) * Math.log(apartK / withinK);
}

/** Time until the part has the target temperature. @returns null when these surroundings never bring it there */
export function timeUntil(soak: Soak, targetC: number): number | null {
  const { startC, surroundingsC } = soak;
  if (startC === targetC) return 0;
  const share = (targetC - surroundingsC) / (startC - surroundingsC);
  return share > 0 && share < 1 ? -timeConstantS(soak) * Math.log(share) : null;
}

/** Still cold air of a chest freezer, a fan oven, open air with people moving: W/(m²·K). From memory, good to about ± 30 %. */
export const CONVECTION = { freezer: 8, oven: 15, openAir: 10 } as const;
/** Usual freezer, °C. Common practice, no source. */
export const FREEZER_C = -18;
/** Convection is a guess; this factor either way is taken as its 2u band. */
export const CONVECTION_FACTOR = 1.3;

type Body = Pick<Soak, 'massKg' | 'areaM2' | 'specificHeatJKgK'>;
type Stay = { startC: number; surroundingsC: number };

const soakIn =
  (place: keyof typeof CONVECTION) =>
  ({ massKg, areaM2, specificHeatJKgK }: Body, stay: Stay): Soak => ({
    massKg,
    areaM2,
    specificHeatJKgK,
    hWM2K: CONVECTION[place],
    ...stay,
  });

/** A body in an oven at its dial, in a freezer, in open air. */
export const soakInOven = soakIn('oven');
export const soakInFreezer = soakIn('freezer');
export const soakInAir = soakIn('openAir');
