import type { Material } from '@/core/catalogue/materials';
import { simulateRadial } from './radial';
import { REST_CONDUCTANCE, type RestConductance } from './rest';
import { CONVECTION_FACTOR } from './soak';

/**
 * A boss heated alone, by hot air or a torch: how its temperature falls once the heat is off, and how much less its bore opens than
 * the boss's temperature promises, because the cold web around it draws the heat away and holds the bore back.
 *
 * All of it is in proportion to how far the boss was above its surroundings, so that one course serves every temperature:
 * boss = T_a + θ·`bossShare`, and a bore that grew freely would need T_a + θ·`boreShare` to be as wide.
 * Source: heat along the radius and the elastic disc, see `simulateRadial`. Common practice, no source, for how long it was heated: a
 * boss that warms evenly over t has driven as much heat into its web as one that was hot for t/2.
 */
export type HotBossCourse = { stepS: number; bossShare: readonly number[]; boreShare: readonly number[] };

export type HotBossShape = {
  diameterMm: number;
  bossOutsideMm: number;
  bossWidthMm: number;
  webThicknessMm: number;
  /** Of the whole casting: what the boss does not hold is taken as a round web of even thickness. */
  massKg: number;
  housing: Material;
  hWM2K: number;
  /** How long the heat was on the boss. */
  heatedForS: number;
  /** What the casting lies on takes heat from its face; left out: wood. */
  restWK?: number;
};

/** Cells across a thin ring of a race; the boss has twice, the web three times as many: within 1 % of four times as fine. */
const MESH = 5;
/** A web wider than this feels nothing of it in the time that counts. */
const WIDEST_WEB_MM = 250;
const NARROWEST_WEB_MM = 5;
const TRIAL_K = 100;
const AMBIENT_C = 20;

/** Radius of a round web that, with the boss, has the casting's mass, mm. */
export function webOutsideRadiusMm({
  diameterMm,
  bossOutsideMm,
  bossWidthMm,
  webThicknessMm,
  massKg,
  housing,
}: HotBossShape): number {
  const mmCubed = (massKg / housing.densityKgM3) * 1e9;
  const bossMmCubed = (Math.PI / 4) * (bossOutsideMm ** 2 - diameterMm ** 2) * bossWidthMm;
  const radiusMm = Math.sqrt(
    Math.max(0, mmCubed - bossMmCubed) / (Math.PI * webThicknessMm) + (bossOutsideMm / 2) ** 2,
  );
  return Math.min(WIDEST_WEB_MM, Math.max(radiusMm, bossOutsideMm / 2 + NARROWEST_WEB_MM));
}

/** The same heat to what it lies on, spread over the face that the round web shows it. */
function restPerAreaWM2K(shape: HotBossShape): number {
  const { restWK = 0, diameterMm } = shape;
  return restWK / (Math.PI * (webOutsideRadiusMm(shape) ** 2 - (diameterMm / 2) ** 2) * 1e-6);
}

/** The course from the moment at which the heat is off, to `horizonS`. @returns null where the sizes make no boss */
export function hotBossCourse(shape: HotBossShape, horizonS: number, stepS = 2): HotBossCourse | null {
  const { diameterMm, bossOutsideMm, bossWidthMm, webThicknessMm, housing, hWM2K, heatedForS } = shape;
  const { conductivityWMK, densityKgM3, specificHeatJKgK, alphaPerK, youngsModulusMPa, poisson } = housing;
  const metal = { conductivityWMK, densityKgM3, specificHeatJKgK, alphaPerK, startC: AMBIENT_C + TRIAL_K };
  const run = simulateRadial(
    {
      // The race is not in yet: it stands for nothing but the hole, and has the temperature of the air.
      ringBoreRadiusMm: diameterMm / 2 - 0.5,
      interfaceRadiusMm: diameterMm / 2,
      ringWidthMm: bossWidthMm,
      ring: { ...metal, alphaPerK: 0, startC: AMBIENT_C },
      bossOutsideRadiusMm: bossOutsideMm / 2,
      webOutsideRadiusMm: webOutsideRadiusMm(shape),
      bossWidthMm,
      webThicknessMm: Math.min(webThicknessMm, bossWidthMm),
      hWM2K,
      ambientC: AMBIENT_C,
      contactConductanceWM2K: 1,
      isTouching: false,
      interferenceMm: 0,
      housing: { ...metal, youngsModulusMPa, poisson },
      benchWM2K: restPerAreaWM2K(shape),
      bossHeated: { forS: heatedForS / 2, webStartC: AMBIENT_C },
    },
    Array.from({ length: Math.floor(horizonS / stepS) + 1 }, (_, i) => i * stepS),
    horizonS,
    MESH,
  );
  if (!run.ok) return null;
  return {
    stepS,
    bossShare: run.value.samples.map(({ bossMeanC }) => (bossMeanC - AMBIENT_C) / TRIAL_K),
    boreShare: run.value.samples.map(
      ({ clearanceDiscMm }) => clearanceDiscMm / (diameterMm * alphaPerK * TRIAL_K),
    ),
  };
}

/** A share at any moment after the heat is off: straight between the samples; after the last, the last. */
export function shareAt(shares: readonly number[], stepS: number, timeS: number): number {
  const place = Math.min(Math.max(timeS, 0) / stepS, shares.length - 1);
  const [i, part] = [Math.floor(place), place - Math.floor(place)];
  return shares[i]! + ((shares[i + 1] ?? shares[i]!) - shares[i]!) * part;
}

/**
 * The course as it is likely, and at its unfavourable edge: heated for half as long, so that the web is colder, with 1.3 times the
 * loss, and the most that what it lies on may take.
 */
export type HotBossBand = { likely: HotBossCourse; edge: HotBossCourse };

const HORIZON_S = 1800;
const KEPT = 40;
const kept = new Map<string, HotBossBand | null>();

/** Courses are asked for again with every tick of a clock: the last ones are kept. */
export function hotBossBand(
  shape: Omit<HotBossShape, 'restWK'>,
  rest: RestConductance = REST_CONDUCTANCE.wood,
): HotBossBand | null {
  const key = JSON.stringify([shape, rest]);
  const known = kept.get(key);
  if (known !== undefined) return known;
  const likely = hotBossCourse({ ...shape, restWK: rest.likelyWK }, HORIZON_S);
  const edge = hotBossCourse(
    {
      ...shape,
      heatedForS: shape.heatedForS / 2,
      hWM2K: shape.hWM2K * CONVECTION_FACTOR,
      restWK: rest.edgeWK,
    },
    HORIZON_S,
  );
  const band = likely && edge ? { likely, edge } : null;
  if (kept.size >= KEPT) kept.delete(kept.keys().next().value!);
  kept.set(key, band);
  return band;
}
