import { bearingInside } from '@/core/catalogue/bearings/inside';
import type { BearingType } from '@/core/catalogue/bearings/row';
import { checkNumbers, fail, succeed, type Result } from '@/core/quantity/result';

/**
 * Which driver may push this part, which receiver may stand behind it, and the pusher that one would turn for it.
 *
 * A driver for an outer race: bigger than the race's shoulder, smaller than the bore. For an inner race: bigger than the shaft, smaller
 * than the inner race's shoulder. A receiver: its hole lets the part through, its rim stands on the housing close to the bore.
 * Geometry; the clearances are common practice, no source.
 */
export type DriverNeed = {
  /** Which race takes the force. */
  race: 'outer' | 'inner';
  outsideMm: { min: number; max: number };
  /** Hole that the driver must have, for an inner race on its shaft; null for a solid driver. */
  holeMinMm: number | null;
  receiverInsideMinMm: number;
  /** Inside length of driver or tube so that it reaches home, mm. */
  lengthMinMm: number;
};

export type DrivenPart = {
  boreMm: number;
  outsideMm: number;
  widthMm: number;
  type: BearingType;
  depthToShoulderMm: number;
};

/** Room between driver and bore, on diameter. Common practice, no source. */
const ROOM_MM = 0.5;

/** Thickness of the two shoulders of a race: where it may be pushed. The land lies half way between track and rim. From memory. */
const shoulderOf = (part: DrivenPart) => {
  const inside = bearingInside(part);
  if (part.type === 'tapered_roller') return { outerMm: thinLipInsideMm(part), innerMm: part.boreMm + 4 };
  if (part.type === 'drawn_cup') return { outerMm: part.boreMm + 1.2 * inside.ballMm, innerMm: part.boreMm };
  const ballOutMm = inside.pitchMm + inside.ballMm;
  const ballInMm = inside.pitchMm - inside.ballMm;
  return { outerMm: ballOutMm - 0.4 * inside.ballMm, innerMm: ballInMm + 0.4 * inside.ballMm };
};

/** Half angle of a taper roller bearing's outer track, degrees. From memory: 12 to 16 in the light series. */
const TAPER_DEG = 14;

/** Inside of a taper race at its thin lip, where the pusher steps in: the track widens toward it. */
export function thinLipInsideMm({
  boreMm,
  outsideMm,
  widthMm,
}: Pick<DrivenPart, 'boreMm' | 'outsideMm' | 'widthMm'>): number {
  const { outerTrackMm } = bearingInside({ boreMm, outsideMm, type: 'tapered_roller' });
  const wideMm = outerTrackMm + widthMm * Math.tan((TAPER_DEG * Math.PI) / 180);
  return Math.min(wideMm, outsideMm - 2 * LEAST_LIP_MM);
}
/** A thin lip is not thinner than this, mm. From memory. */
const LEAST_LIP_MM = 0.8;

/** Invalid: `out_of_range`. */
export function driverFor(part: DrivenPart, race: 'outer' | 'inner'): Result<DriverNeed> {
  const issues = checkNumbers({
    boreMm: { value: part.boreMm, min: 1 },
    outsideMm: { value: part.outsideMm, min: part.boreMm + 1 },
    widthMm: { value: part.widthMm, min: 0.5 },
    depthToShoulderMm: { value: part.depthToShoulderMm, min: 0 },
  });
  if (issues.length > 0) return fail(...issues);
  const shoulder = shoulderOf(part);
  return succeed({
    race,
    outsideMm:
      race === 'outer'
        ? { min: shoulder.outerMm, max: part.outsideMm - ROOM_MM }
        : { min: part.boreMm + 1, max: shoulder.innerMm },
    holeMinMm: race === 'inner' ? part.boreMm + ROOM_MM : null,
    receiverInsideMinMm: part.outsideMm + 1,
    lengthMinMm: part.depthToShoulderMm + 5,
  });
}

/** A tool that could serve: a driver disc, or a socket by its outside. */
export type OwnTool = { id: string; outsideMm: number; insideMm: number; lengthMm: number };

/** Those that fit, the biggest first: it spreads the force best. */
export const pickDrivers = <T extends OwnTool>(need: DriverNeed, tools: readonly T[]): T[] =>
  tools
    .filter(
      ({ outsideMm, insideMm, lengthMm }) =>
        outsideMm >= need.outsideMm.min &&
        outsideMm <= need.outsideMm.max &&
        lengthMm >= need.lengthMinMm &&
        (need.holeMinMm === null || insideMm >= need.holeMinMm),
    )
    .sort((a, b) => b.outsideMm - a.outsideMm);

/** A stepped pusher to be turned: flange on the race, spigot inside it, hole for the rod. */
export type Pusher = {
  flangeMm: number;
  flangeLengthMm: number;
  spigotMm: number;
  spigotLengthMm: number;
  holeMm: number;
  relief: { diameterMm: number; depthMm: number } | null;
};

/** What centres the pusher: the needles of a cup, the thin lip of a taper race, the inner race's bore. */
const spigotOf = (part: DrivenPart): number =>
  (part.type === 'tapered_roller' ? thinLipInsideMm(part) : part.boreMm) - SPIGOT_ROOM_MM;
const SPIGOT_ROOM_MM = 0.1;
/** Least wall that a spigot or a sleeve keeps round its hole, on diameter. */
const WALL_MM = 3;
const round = (mm: number) => Math.round(mm * 10) / 10;

/** A sleeve for an inner race: over the shaft, onto the race, nothing else. */
function sleeveFor(part: DrivenPart, need: DriverNeed): Pusher {
  const holeMm = round(part.boreMm + ROOM_MM);
  return {
    flangeMm: round(need.outsideMm.max),
    flangeLengthMm: round(Math.max(20, part.widthMm + 10)),
    spigotMm: holeMm,
    spigotLengthMm: 0,
    holeMm,
    relief: null,
  };
}

/** Invalid: as `driverFor`; `no_room` when the rod leaves no wall. */
export function pusherFor(
  part: DrivenPart,
  rodMm: number,
  race: 'outer' | 'inner' = 'outer',
): Result<Pusher> {
  const need = driverFor(part, race);
  if (!need.ok) return need;
  if (race === 'inner') return succeed(sleeveFor(part, need.value));
  const isRim = part.type === 'drawn_cup' || part.type === 'tapered_roller';
  const spigotMm = spigotOf(part);
  const holeMm = rodMm + ROOM_MM;
  if (!(holeMm + WALL_MM <= spigotMm))
    return fail({ code: 'no_room', field: 'rodMm', given: rodMm, max: spigotMm - WALL_MM - ROOM_MM });
  return succeed({
    flangeMm: round(need.value.outsideMm.max),
    flangeLengthMm: round(Math.max(12, part.depthToShoulderMm - part.widthMm + 10)),
    spigotMm: round(spigotMm),
    // Into a taper race only as far as its lip goes: behind it the track narrows.
    spigotLengthMm: part.type === 'tapered_roller' ? 2 : round(Math.min(part.widthMm * 0.8, 20)),
    holeMm: round(holeMm),
    // The race's face must carry, never the inner race or the cage: they stand free in a relief.
    relief: isRim ? null : { diameterMm: round(need.value.outsideMm.min), depthMm: 1 },
  });
}

/** An off-centre push jams a part until it has entered about µ·D. Drawer rule of machine design, from memory. */
export const jamsUntilMm = ({ diameterMm, friction }: { diameterMm: number; friction: number }) =>
  friction * diameterMm;
