/**
 * Materials of casings, hubs, tubes and races: typical handbook values, from memory.
 * A shop's own casting may differ; expansion of castings is taken as known to ± 4 %.
 */
export type MaterialCode =
  | 'bearing_steel'
  | 'alsi9cu3'
  | 'alsi7mg_t6'
  | 'al6061_t6'
  | 'az91'
  | 'mild_steel'
  | 'grey_iron'
  | 'tin_bronze';

export type Material = {
  code: MaterialCode;
  /** As the interface says it. */
  name: string;
  youngsModulusMPa: number;
  poisson: number;
  /** Mean linear expansion from 20 °C, and its standard uncertainty. */
  alphaPerK: number;
  uAlphaPerK: number;
  densityKgM3: number;
  specificHeatJKgK: number;
  conductivityWMK: number;
  /** 0.2 % proof stress; null where the part does not yield before it cracks. */
  yieldMPa: number | null;
  /** Emissivity of the surface as it lies on the bench (cast skin or turned). From memory. */
  emissivity: number;
};

const casting = (alphaPerK: number) => ({ alphaPerK, uAlphaPerK: alphaPerK * 0.04 });

export const MATERIALS: Record<MaterialCode, Material> = {
  bearing_steel: {
    code: 'bearing_steel',
    name: 'bearing steel',
    youngsModulusMPa: 208e3,
    poisson: 0.3,
    alphaPerK: 12e-6,
    uAlphaPerK: 0.5e-6,
    densityKgM3: 7820,
    specificHeatJKgK: 475,
    conductivityWMK: 40,
    yieldMPa: null,
    emissivity: 0.25,
  },
  alsi9cu3: {
    code: 'alsi9cu3',
    name: 'cast aluminium AlSi9Cu3',
    youngsModulusMPa: 72e3,
    poisson: 0.33,
    ...casting(21.8e-6),
    densityKgM3: 2740,
    specificHeatJKgK: 963,
    conductivityWMK: 105,
    yieldMPa: 140,
    emissivity: 0.15,
  },
  alsi7mg_t6: {
    code: 'alsi7mg_t6',
    name: 'cast aluminium AlSi7Mg-T6',
    youngsModulusMPa: 72e3,
    poisson: 0.33,
    ...casting(21.5e-6),
    densityKgM3: 2680,
    specificHeatJKgK: 963,
    conductivityWMK: 150,
    yieldMPa: 210,
    emissivity: 0.15,
  },
  al6061_t6: {
    code: 'al6061_t6',
    name: 'wrought aluminium 6061-T6',
    youngsModulusMPa: 69e3,
    poisson: 0.33,
    alphaPerK: 23.6e-6,
    uAlphaPerK: 0.3e-6,
    densityKgM3: 2700,
    specificHeatJKgK: 896,
    conductivityWMK: 167,
    yieldMPa: 275,
    emissivity: 0.1,
  },
  az91: {
    code: 'az91',
    name: 'cast magnesium AZ91',
    youngsModulusMPa: 45e3,
    poisson: 0.35,
    ...casting(26e-6),
    densityKgM3: 1810,
    specificHeatJKgK: 1050,
    conductivityWMK: 72,
    yieldMPa: 150,
    emissivity: 0.5,
  },
  mild_steel: {
    code: 'mild_steel',
    name: 'mild steel tube',
    youngsModulusMPa: 206e3,
    poisson: 0.29,
    alphaPerK: 11.7e-6,
    uAlphaPerK: 0.3e-6,
    densityKgM3: 7850,
    specificHeatJKgK: 486,
    conductivityWMK: 50,
    yieldMPa: 235,
    emissivity: 0.6,
  },
  grey_iron: {
    code: 'grey_iron',
    name: 'grey cast iron',
    youngsModulusMPa: 110e3,
    poisson: 0.26,
    ...casting(10.8e-6),
    densityKgM3: 7200,
    specificHeatJKgK: 480,
    conductivityWMK: 50,
    yieldMPa: null,
    emissivity: 0.6,
  },
  tin_bronze: {
    code: 'tin_bronze',
    name: 'tin bronze',
    youngsModulusMPa: 105e3,
    poisson: 0.34,
    alphaPerK: 18e-6,
    uAlphaPerK: 0.5e-6,
    densityKgM3: 8800,
    specificHeatJKgK: 376,
    conductivityWMK: 60,
    yieldMPa: 130,
    emissivity: 0.2,
  },
};

export type SealMaterial = 'nbr' | 'acm' | 'fkm';

/** What soft parts, grease and steel stand, °C. From memory. */
export const LIMIT_C = {
  nbr: 100,
  acm: 130,
  fkm: 200,
  polyamide_cage: 120,
  bearing_grease: 110,
  bearing_steel: 120,
  /** Half an hour at this heat does little harm; for hours it is `alsi7mg_t6_for_hours`. */
  alsi7mg_t6: 180,
  alsi7mg_t6_for_hours: 150,
  az91: 120,
  /** A slider or chain guide of polyamide. */
  plastic_slider: 120,
  paint: 120,
  powder_coat: 200,
  /** Threadlocker or retaining compound of middle strength: let go of there on purpose, and not by mistake. */
  adhesive: 150,
} as const;

/** Aluminium or magnesium: soft, and wide with heat. */
export const isLightAlloy = ({ code }: Pick<Material, 'code'>) => code.startsWith('al') || code === 'az91';
