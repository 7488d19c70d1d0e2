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
  if (part.type === 'drawn_cup') return { outerMm: part.boreMm + 1.2 * inside.ballMm, innerMm: part.boreMm };
  const ballOutMm = inside.pitchMm + inside.ballMm;
  const ballInMm = inside.pitchMm - inside.ballMm;
  return { outerMm: ballOutMm - 0.4 * inside.ballMm, innerMm: ballInMm + 0.4 * inside.ballMm };
};

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

/** Invalid: as `driverFor`; `no_room` when the rod leaves no wall. */
export function pusherFor(part: DrivenPart, rodMm: number): Result<Pusher> {
  const need = driverFor(part, 'outer');
  if (!need.ok) return need;
  const isCup = part.type === 'drawn_cup' || part.type === 'tapered_roller';
  // The spigot centres itself: in the needles of a cup, or in the inner race's bore.
  const spigotMm = part.boreMm - 0.1;
  const holeMm = rodMm + ROOM_MM;
  if (!(holeMm + 3 <= spigotMm))
    return fail({ code: 'no_room', field: 'rodMm', given: rodMm, max: spigotMm - 3 - ROOM_MM });
  const round = (mm: number) => Math.round(mm * 10) / 10;
  return succeed({
    flangeMm: round(need.value.outsideMm.max),
    flangeLengthMm: round(Math.max(12, part.depthToShoulderMm - part.widthMm + 10)),
    spigotMm: round(spigotMm),
    spigotLengthMm: round(Math.min(part.widthMm * 0.8, 20)),
    holeMm: round(holeMm),
    // The race's face must carry, never the inner race or the cage: they stand free in a relief.
    relief: isCup ? null : { diameterMm: round(need.value.outsideMm.min), depthMm: 1 },
  });
}

/** An off-centre push jams a part until it has entered about µ·D. Drawer rule of machine design, from memory. */
export const jamsUntilMm = ({ diameterMm, friction }: { diameterMm: number; friction: number }) =>
  friction * diameterMm;
