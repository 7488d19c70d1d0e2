import { bearingInside } from '@/core/catalogue/bearings/inside';
import { MATERIALS, type MaterialCode } from '@/core/catalogue/materials';
import { ceilingsFor, neighboursThatLetGo, type LeftIn, type Neighbour } from '@/core/heat/ceilings';
import { freeTemperature } from '@/core/heat/expansion';
import type { Measured } from '@/core/quantity/measured';
import { guardOf, partMetal } from '@/core/record/seatFacts';
import type { BoreSpec } from '@/core/record/seatSpec';
import type { REMOVAL_WAYS } from '@/core/record/vocabulary';

/**
 * How the old part comes out, found from the seat as it is drawn: which shoulder, clip or seal stops it, which side is left, which face
 * may carry a puller, which race takes the force, and what else falls out at the heat. Change a size and the plan changes.
 * The geometry is the drawing's own; which tools are kind to which part is common practice, no source.
 */
export type RemovalWay = (typeof REMOVAL_WAYS)[number];

/** Why a way is forbidden here. */
export type RemovalObjection =
  | 'blind_behind'
  | 'no_room_behind_for_flare'
  | 'face_may_not_carry'
  | 'like_metals'
  | 'hotter_than_allowed'
  | 'seal_in_the_heat'
  | 'fit_not_known'
  | 'nothing_to_grip'
  | 'shaft_in_the_way';

/** What has to be out of the way first, in this order. */
export type RemovalFirst = 'seal_out' | 'retaining_ring_out' | 'hidden_part_noted';

export type PlannedRemoval = {
  way: RemovalWay;
  /** Race or rim that takes the force; null where none does. */
  race: 'outer' | 'inner' | 'shell_rim' | 'steel_rim' | null;
  /** Force goes through the balls or bends the shell: the part is not used again. */
  isSpoilt: boolean;
  against: RemovalObjection[];
  /** Casting and part together, °C; for the way by heat. */
  heatC: number | null;
  /** Other seats that let go at that heat. */
  alsoLetGo: string[];
  /** Size of what pushes or grips, mm: driver outside, or collet. */
  toolMm: { min: number; max: number } | null;
};

export type RemovalPlan = {
  /** Toward the face it went in from, out behind, or either. */
  exit: 'face' | 'behind' | 'either';
  first: RemovalFirst[];
  /** Allowed ways, kindest first. */
  ways: PlannedRemoval[];
  forbidden: PlannedRemoval[];
};

export type RemovalInput = {
  spec: BoreSpec;
  material: MaterialCode;
  /** Interference at 20 °C; null while nothing is known. */
  interferenceMm: Measured | null;
  neighbours: readonly Neighbour[];
  leftIn: readonly LeftIn[];
  hasHidden: boolean;
  isShaftInPlace: boolean;
};

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

function byHeat({ spec, material, interferenceMm, neighbours, leftIn }: RemovalInput): PlannedRemoval {
  const metal = MATERIALS[material];
  const race = partMetal(spec.part);
  const none = {
    way: 'fall_out_hot' as const,
    race: null,
    isSpoilt: false,
    toolMm: null,
    alsoLetGo: [],
    heatC: null,
  };
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

function byPushing({ spec, isShaftInPlace }: RemovalInput): PlannedRemoval {
  const { housing } = spec;
  const from = raceFromBehind(spec);
  const isBlind = !housing.isThrough && housing.shoulderBoreMm < Math.max(3, from.toolMm.min);
  return {
    way: housing.isThrough ? 'push_through' : 'push_from_behind',
    ...from,
    heatC: null,
    alsoLetGo: [],
    against: [
      ...(isBlind ? ['blind_behind' as const] : []),
      ...(isShaftInPlace ? ['shaft_in_the_way' as const] : []),
    ],
  };
}

function byPulling({ spec, isShaftInPlace }: RemovalInput): PlannedRemoval[] {
  const { part, housing } = spec;
  const isCup = part.type === 'drawn_cup';
  const hasSpaceBehind = housing.isThrough || housing.shoulderBoreMm > part.boreMm + 1;
  const grip = {
    race: isCup ? ('shell_rim' as const) : ('inner' as const),
    isSpoilt: true,
    heatC: null,
    alsoLetGo: [],
    toolMm: { min: part.boreMm * 0.8, max: part.boreMm - 0.2 },
  };
  const shaft: RemovalObjection[] = isShaftInPlace ? ['shaft_in_the_way'] : [];
  return [
    {
      way: 'slide_hammer',
      ...grip,
      against: [...(hasSpaceBehind ? [] : ['no_room_behind_for_flare' as const]), ...shaft],
    },
    {
      way: 'bridge_puller',
      ...grip,
      against: [
        ...(hasSpaceBehind ? [] : ['no_room_behind_for_flare' as const]),
        ...(housing.faceCarries === false ? ['face_may_not_carry' as const] : []),
        ...shaft,
      ],
    },
  ];
}

function sealRemovals({ isShaftInPlace }: RemovalInput): PlannedRemoval[] {
  const base = { race: 'steel_rim' as const, isSpoilt: true, heatC: null, alsoLetGo: [], toolMm: null };
  return [
    { way: 'hook_or_lever', ...base, against: [] },
    { way: 'screw_and_slide_hammer', ...base, against: isShaftInPlace ? [] : ['nothing_to_grip'] },
  ];
}

/** Kindest first: nothing touches it; nothing goes through the balls; the rest. */
const KINDNESS: Record<RemovalWay, number> = {
  fall_out_hot: 0,
  push_through: 1,
  push_from_behind: 2,
  hook_or_lever: 2,
  slide_hammer: 4,
  screw_and_slide_hammer: 4,
  drift_by_quarters: 5,
  bridge_puller: 6,
};

export function planRemoval(input: RemovalInput): RemovalPlan {
  const { spec, hasHidden } = input;
  const all =
    spec.kind === 'seal_in_bore'
      ? sealRemovals(input)
      : [byHeat(input), byPushing(input), ...byPulling(input), ...byDrifting(input)];
  const rank = ({ way, isSpoilt }: PlannedRemoval) => KINDNESS[way] + (isSpoilt ? 3 : 0);
  const sorted = all.sort((a, b) => rank(a) - rank(b));
  return {
    exit: spec.housing.isThrough ? 'either' : 'face',
    first: [
      ...(guardOf(spec)?.springToward === 'bearing' ? ['seal_out' as const] : []),
      ...(spec.retainingRing ? ['retaining_ring_out' as const] : []),
      ...(hasHidden ? ['hidden_part_noted' as const] : []),
    ],
    ways: sorted.filter(({ against }) => against.length === 0),
    forbidden: sorted.filter(({ against }) => against.length > 0),
  };
}

/** A drift on the edge of the race, moving round by opposite quarters: where a spacer can be pushed aside, or a lip stands in. */
function byDrifting({ spec, isShaftInPlace }: RemovalInput): PlannedRemoval[] {
  const { part, housing } = spec;
  if (part.type === 'drawn_cup' || part.type === 'seal') return [];
  const hasEdge = housing.isThrough || housing.shoulderBoreMm > part.boreMm;
  const isRace = part.type === 'tapered_roller' || part.type === 'bush';
  return [
    {
      way: 'drift_by_quarters',
      race: isRace ? 'outer' : 'inner',
      isSpoilt: !isRace,
      heatC: null,
      alsoLetGo: [],
      toolMm: null,
      against: [
        ...(hasEdge ? [] : ['blind_behind' as const]),
        ...(isShaftInPlace ? ['shaft_in_the_way' as const] : []),
      ],
    },
  ];
}
