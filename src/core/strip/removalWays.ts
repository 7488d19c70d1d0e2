import { bearingInside } from '@/core/catalogue/bearings/inside';
import { MATERIALS } from '@/core/catalogue/materials';
import { ceilingsFor, neighboursThatLetGo } from '@/core/heat/ceilings';
import { freeTemperature } from '@/core/heat/expansion';
import { partMetal } from '@/core/record/seatFacts';
import type { BoreSpec } from '@/core/record/seatSpec';
import type { PlannedRemoval, RemovalInput, RemovalObjection } from './removal';

/** Above the free temperature by this much, so that it falls and is not coaxed. Common practice, no source. */
const ABOVE_FREE_K = 15;
/** Room around a driver, on diameter. Common practice, no source. */
const ROOM_MM = 0.5;

/** Which race a driver from behind meets first: the outer only if the hole through the shoulder is wider than its land. */
function raceFromBehind({ part, housing }: BoreSpec): {
  race: PlannedRemoval['race'];
  toolMm: { min: number; max: number };
  isSpoilt: boolean;
} {
  const hole = (housing.isThrough ? part.outsideMm : housing.shoulderBoreMm) - ROOM_MM;
  if (part.type === 'bush' || part.type === 'tapered_roller')
    return { race: 'outer', toolMm: { min: part.boreMm + 1, max: hole }, isSpoilt: false };
  const { pitchMm, ballMm } = bearingInside(part);
  if (part.type === 'drawn_cup') {
    const rim = pitchMm + ballMm * 0.2;
    return { race: 'shell_rim', toolMm: { min: rim, max: hole }, isSpoilt: true };
  }
  const land = pitchMm + 0.6 * ballMm;
  return hole > land + 1
    ? { race: 'outer', toolMm: { min: land, max: hole }, isSpoilt: false }
    : {
        race: 'inner',
        toolMm: { min: Math.max(2, part.boreMm - 4), max: Math.min(hole, pitchMm - 0.6 * ballMm) },
        isSpoilt: true,
      };
}

/** Warmth that is kind to whatever stays in the casting, °C. Common practice, no source. */
const WARM_C = 100;

const NO_HEAT = { heatC: null, alsoLetGo: [], forceLeftN: null };

/** What speaks against heating this thing at all. */
function againstHeat({ workpiece, spec, material }: RemovalInput): RemovalObjection[] {
  const isLike = MATERIALS[material].alphaPerK - partMetal(spec.part).alphaPerK < 2e-6;
  return [
    ...(workpiece === 'wheel' || workpiece === 'frame_or_arm' ? (['not_into_heat'] as const) : []),
    ...(isLike ? (['like_metals'] as const) : []),
  ];
}

export function byHeat(input: RemovalInput): PlannedRemoval {
  const { spec, material, interferenceMm, neighbours, leftIn } = input;
  const metal = MATERIALS[material];
  const race = partMetal(spec.part);
  const none = {
    way: 'fall_out_hot' as const,
    race: null,
    isSpoilt: false,
    toolMm: null,
    ...NO_HEAT,
  };
  const unheated = againstHeat(input);
  if (unheated.length > 0) return { ...none, against: unheated };
  if (!interferenceMm) return { ...none, against: ['fit_not_known'] };
  const free = freeTemperature({
    diameterMm: spec.part.outsideMm,
    interferenceMm: Math.max(0, interferenceMm.value + 2 * interferenceMm.u),
    ringAlphaPerK: race.alphaPerK,
    housingAlphaPerK: metal.alphaPerK,
  });
  if (free === null) return { ...none, against: ['like_metals'] };
  const heatC = free + ABOVE_FREE_K;
  // The old part is not used again, so only what stays has a say: the casting, and seals left in it.
  const broken = ceilingsFor({
    castingMaterial: material,
    leftIn,
    bearing: { closure: 'open', cage: 'steel' },
  }).filter(({ what, limitC }) => (what === 'casting_metal' || what === 'seal_left_in') && heatC > limitC);
  return {
    ...none,
    heatC,
    alsoLetGo: neighboursThatLetGo(neighbours, heatC, {
      ringAlphaPerK: race.alphaPerK,
      housingAlphaPerK: metal.alphaPerK,
    }),
    against: broken.map(({ what }): RemovalObjection =>
      what === 'seal_left_in' ? 'seal_in_the_heat' : 'hotter_than_allowed',
    ),
  };
}

export function byPushing({ spec, isShaftInPlace, isBehindTaken }: RemovalInput): PlannedRemoval {
  const { housing } = spec;
  const from = raceFromBehind(spec);
  const isBlind = !housing.isThrough && housing.shoulderBoreMm < Math.max(3, from.toolMm.min);
  return {
    way: housing.isThrough ? 'push_through' : 'push_from_behind',
    ...from,
    ...NO_HEAT,
    against: [
      ...(isBlind ? ['blind_behind' as const] : []),
      ...(isBehindTaken ? ['other_part_behind' as const] : []),
      ...(isShaftInPlace ? ['shaft_in_the_way' as const] : []),
    ],
  };
}

/** Grip inside of the part: a collet that flares behind it, an expanding puller that spreads in it, a bridge over the face. */
export function byPulling(input: RemovalInput): PlannedRemoval[] {
  const { spec, isShaftInPlace } = input;
  const { part, housing } = spec;
  const isCup = part.type === 'drawn_cup';
  const hasSpaceBehind = housing.isThrough || housing.shoulderBoreMm > part.boreMm + 1;
  // A plain race or bush has no edge to catch from inside.
  const hasEdge = part.type !== 'tapered_roller' && part.type !== 'bush';
  const grip = {
    race: isCup ? ('shell_rim' as const) : ('inner' as const),
    isSpoilt: true,
    ...NO_HEAT,
    toolMm: { min: part.boreMm * 0.8, max: part.boreMm - 0.2 },
  };
  const always: RemovalObjection[] = [
    ...(isShaftInPlace ? ['shaft_in_the_way' as const] : []),
    ...(hasEdge ? [] : ['nothing_to_grip' as const]),
  ];
  const flare: RemovalObjection[] = hasSpaceBehind ? [] : ['no_room_behind_for_flare'];
  return [
    { way: 'expanding_puller', ...grip, against: always },
    { way: 'warm_and_pull', ...grip, ...warmth(input), against: [...againstWarmth(input), ...always] },
    { way: 'slide_hammer', ...grip, against: [...flare, ...always] },
    {
      way: 'bridge_puller',
      ...grip,
      against: [
        ...flare,
        ...(housing.faceCarries === false ? ['face_may_not_carry' as const] : []),
        ...always,
      ],
    },
  ];
}

/** How warm, and what force is left then. */
function warmth(input: RemovalInput): Pick<PlannedRemoval, 'heatC' | 'forceLeftN' | 'alsoLetGo'> {
  const { spec, material, interferenceMm, forceN, neighbours } = input;
  const metals = {
    ringAlphaPerK: partMetal(spec.part).alphaPerK,
    housingAlphaPerK: MATERIALS[material].alphaPerK,
  };
  const wonMm = spec.part.outsideMm * (metals.housingAlphaPerK - metals.ringAlphaPerK) * (WARM_C - 20);
  const nipMm = interferenceMm?.value ?? 0;
  return {
    heatC: WARM_C,
    forceLeftN: forceN === null || nipMm <= 0 ? null : (forceN * Math.max(0, nipMm - wonMm)) / nipMm,
    alsoLetGo: neighboursThatLetGo(neighbours, WARM_C, metals),
  };
}

/** Seals beside it take this warmth, or not. */
const againstWarmth = (input: RemovalInput): RemovalObjection[] => [
  ...againstHeat(input),
  ...(ceilingsFor({
    castingMaterial: input.material,
    leftIn: input.leftIn,
    bearing: { closure: 'open', cage: 'steel' },
  }).some(({ what, limitC }) => (what === 'seal_left_in' || what === 'casting_metal') && WARM_C > limitC)
    ? (['seal_in_the_heat'] as const)
    : []),
];

export function sealRemovals(): PlannedRemoval[] {
  const base = { race: 'steel_rim' as const, isSpoilt: true, ...NO_HEAT, toolMm: null, against: [] };
  return [
    { way: 'hook_or_lever', ...base },
    { way: 'screw_and_slide_hammer', ...base },
  ];
}

/**
 * Ways that need no reason and no geometry, and can always be put on record: what worked is worth writing down. By hand comes first
 * where the part is known to be loose.
 */
export const alwaysThere = ({ spec }: RemovalInput): PlannedRemoval[] =>
  (
    [
      ['by_hand', false],
      ['came_with_shaft', false],
      ...(spec.kind === 'seal_in_bore' ? [] : ([['cut', true]] as const)),
      ['another', false],
    ] as const
  ).map(([way, isSpoilt]) => ({ way, race: null, isSpoilt, ...NO_HEAT, toolMm: null, against: [] }));

/** A drift on the edge of the race, moving round by opposite quarters: where a spacer can be pushed aside, or a lip stands in. */
export function byDrifting({ spec, isShaftInPlace }: RemovalInput): PlannedRemoval[] {
  const { part, housing } = spec;
  if (part.type === 'drawn_cup' || part.type === 'seal') return [];
  const hasEdge = housing.isThrough || housing.shoulderBoreMm > part.boreMm;
  const isRace = part.type === 'tapered_roller' || part.type === 'bush';
  return [
    {
      way: 'drift_by_quarters',
      race: isRace ? 'outer' : 'inner',
      isSpoilt: !isRace,
      ...NO_HEAT,
      toolMm: null,
      against: [
        ...(hasEdge ? [] : ['blind_behind' as const]),
        ...(isShaftInPlace ? ['shaft_in_the_way' as const] : []),
      ],
    },
  ];
}
