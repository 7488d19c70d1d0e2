import { isLightAlloy } from '@/core/catalogue/materials';
import type { Way } from '@/core/record/vocabulary';
import { describeWay, forceAt, HOTTEST_PLAN_C, PLAN_STEP_C, planHeat, predictWay } from './describeWay';
import { WANTED_SECONDS } from './workingSeconds';
import { freeTemperature } from './expansion';
import { LIGHT_BLOWS_N } from './forceLeft';
import { findMildest, THRESHOLDS, type MildCase, type Mildest } from './mildest';
import type { WayIn, WayInPlan, WayInProblem, WayObjection } from './wayIn';
import { isDrop, isHeated } from './waySorts';

/** A strong push of a thumb with a part held square. Common practice, no source. */
const BY_HAND_N = 100;

/** What forbids a way by what the seat and its workpiece are, and by what the tools give. */
function objectionsTo(problem: WayInProblem, way: Way, forceN: WayIn['forceN']): WayObjection[] {
  const { hasStop, workpiece, heatedBy, toolsN } = problem;
  const mostN =
    way === 'press' || way === 'chill_press' ? toolsN.press : way === 'clamp' ? toolsN.clamp : null;
  return [
    ...(isDrop(way) && !hasStop ? (['nothing_stops_it'] as const) : []),
    ...(isHeated(way) && workpiece === 'wheel' ? (['no_heat_here'] as const) : []),
    ...(isHeated(way) &&
    heatedBy === 'oven' &&
    (workpiece === 'frame_or_arm' || workpiece === 'engine_in_frame')
      ? (['not_into_an_oven'] as const)
      : []),
    ...(mostN !== null && forceN !== null && forceN.high > mostN ? (['tools_too_weak'] as const) : []),
    ...(way === 'by_hand' && forceN !== null && forceN.high > BY_HAND_N
      ? (['too_much_for_a_hand'] as const)
      : []),
  ];
}

function withObjections(problem: WayInProblem, plan: WayIn): WayIn {
  const against = objectionsTo(problem, plan.way, plan.forceN);
  return { ...plan, against, works: plan.works && against.length === 0 };
}

const WARM_FROM_C = 50;

/** What a rod draws without effort: above this a fit cold is called a real nip. See `THRESHOLDS`. */
const drawnN = ({ thresholds = THRESHOLDS }: WayInProblem) => thresholds.forceN;

/**
 * Warm enough that light blows (or an easy pull) still walk it in at the end of the seconds to work in, and no warmer; the depth stops
 * it, so that nothing else has to.
 */
function planWarm(problem: WayInProblem, way: 'warm_tap' | 'warm_draw'): WayIn {
  const ringC = way === 'warm_tap' ? problem.freezerC : problem.roomC;
  const mostN = way === 'warm_tap' ? LIGHT_BLOWS_N : drawnN(problem);
  const hottestC = Math.min(
    HOTTEST_PLAN_C,
    ...problem.ceilings
      .filter(({ sees, share }) => sees === 'casting' && share === undefined)
      .map(({ limitC }) => limitC),
  );
  const isEasyAt = (housingC: number) => {
    const { moments } = predictWay(problem, ringC, housingC, WANTED_SECONDS);
    return (forceAt(problem, moments.at(-1)!)?.high ?? 0) <= mostN;
  };
  let housingC = problem.setC ?? WARM_FROM_C;
  while (problem.setC === null && housingC + PLAN_STEP_C <= hottestC && !isEasyAt(housingC))
    housingC += PLAN_STEP_C;
  return withObjections(problem, describeWay(problem, way, ringC, housingC));
}

const planDrop = (problem: WayInProblem, way: 'heat' | 'heat_chill') =>
  withObjections(problem, planHeat(problem, way, way === 'heat' ? problem.roomC : problem.freezerC));

/** Temperatures that schools use beyond what is needed, °C: small magnesium pockets, bare gearbox castings. Common practice, no source. */
const SCHOOLS_C = { az91: [130, 145], other: [180] } as const;

function planSchools(problem: WayInProblem): WayIn[] {
  const { housing, freezerC, workpiece, hasStop } = problem;
  if (workpiece !== 'bare_casting' || !hasStop || !isLightAlloy(housing)) return [];
  const isMagnesium = housing.code === 'az91';
  return SCHOOLS_C[isMagnesium ? 'az91' : 'other'].map((housingC) => {
    const plan = describeWay(problem, 'heat_chill', freezerC, housingC);
    // Magnesium that relaxes a little, and steel that lets a hair go, are what these schools live with; what lies in the casting, or in
    // the part, forbids it all the same.
    const broken = plan.broken.filter(
      ({ what }) => what !== 'bearing_steel' && !(isMagnesium && what === 'casting_metal'),
    );
    return { ...plan, broken, works: broken.length === 0 };
  });
}

/** Probable force: the band's upper edge less its spread. */
const probableForceN = ({ pushForce, holdMm: { value, u } }: WayInProblem) =>
  pushForce && value + 2 * u > 0 ? (pushForce.forceN.high * Math.max(0, value)) / (value + 2 * u) : 0;

/** The seat as the judgement of ways sees it. */
const mildCase = (problem: WayInProblem): MildCase => ({
  sort: problem.sort,
  diameterMm: problem.diameterMm,
  nipMm: problem.holdMm.value,
  forceN: probableForceN(problem),
  mostForceN: problem.pushForce?.forceN.high ?? 0,
  isMeasured: problem.isMeasured,
  preferredWay: problem.preferredWay,
  isLightAlloy: isLightAlloy(problem.housing),
  workpiece: problem.workpiece,
  hasStop: problem.hasStop,
  chillMm: problem.diameterMm * problem.race.alphaPerK * (problem.roomC - problem.freezerC),
});

/** Where the way that the seat asks for does not work: the next kindest. */
const AFTER: readonly Way[] = [
  'chill_press',
  'press',
  'draw_in',
  'drive',
  'warm_tap',
  'warm_draw',
  'heat_chill',
  'heat',
];

function pickMildest(ways: readonly WayIn[], { way }: Mildest, isLight: boolean): WayIn | null {
  const works = (code: Way) => ways.find((each) => each.way === code && each.works);
  if (way === 'heat_chill') {
    const chill = works('chill');
    if (chill) return chill;
    const drops = ways.filter((each) => each.works && (each.way === 'heat' || each.way === 'heat_chill'));
    const coolest = drops.sort((a, b) => a.housingC - b.housingC || (a.way === 'heat_chill' ? -1 : 1))[0];
    if (coolest) return coolest;
  }
  const asked = works(way);
  if (asked) return asked;
  for (const next of isLight ? (['drive', ...AFTER] as const) : AFTER) {
    const found = works(next);
    if (found) return found;
  }
  return null;
}

/**
 * All ways to get the part into its seat, side by side, and the mildest that works: the least risk to bore and part (see
 * `findMildest`), then the least heat. Common practice for the order, no source; every figure at the unfavourable edge.
 */
export function planWayIn(problem: WayInProblem): WayInPlan {
  const cold = (way: Way, ringC: number) =>
    withObjections(problem, describeWay(problem, way, ringC, problem.roomC));
  const ways = [
    ...(['by_hand', 'drive', 'press', 'draw_in', 'clamp'] as const).map((way) => cold(way, problem.roomC)),
    cold('chill_press', problem.freezerC),
    cold('chill', problem.freezerC),
    planWarm(problem, 'warm_tap'),
    planWarm(problem, 'warm_draw'),
    planDrop(problem, 'heat'),
    planDrop(problem, 'heat_chill'),
  ];
  const thresholds = problem.thresholds ?? THRESHOLDS;
  const asked = findMildest(mildCase(problem), thresholds);
  const { diameterMm, interferenceMm, race, housing } = problem;
  return {
    ways,
    asked,
    mildest: pickMildest(ways, asked, probableForceN(problem) <= thresholds.forceN),
    schools: planSchools(problem),
    freeC: freeTemperature({
      diameterMm,
      interferenceMm: Math.max(0, interferenceMm.value),
      ringAlphaPerK: race.alphaPerK,
      housingAlphaPerK: housing.alphaPerK,
    }),
    wantedMm: problem.wantedMm,
  };
}
