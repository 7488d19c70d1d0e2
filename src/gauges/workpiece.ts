import type { CastingId, SeatId } from '@/core/record/ids';
import { MATERIALS } from '@/core/catalogue/materials';
import { findLimits } from '@/core/catalogue/limits';
import { depthOf } from '@/core/job/depthTarget';
import { FRESH_SEAT } from '@/core/project/jobState';
import { readingsOf } from '@/core/project/readings';
import { sneakUp } from '@/core/seating/sneakUp';
import { topDepthMm } from '@/core/strip/coaxial';
import { REFERENCE_C } from '@/core/quantity/measured';
import type { ProjectedJob } from '@/core/project/project';
import type { Seat } from '@/core/record/job';
import { journalMm, journalOf } from '@/core/record/journals';
import { partMetal } from '@/core/record/seatFacts';
import { familyOf, type Slot } from '@/core/record/slots';
import { chanceOf } from './chance';
import { trueFloatValue } from './trueFloats';
import { trueCastingC } from './trueHeat';

/**
 * The simulated workpiece: it knows the true sizes that the simulated instruments then read with noise and resolution.
 * True sizes follow from the seat's id alone, so that they stay the same from one reading to the next.
 */

const DEG = Math.PI / 180;

/** What bores of seals are made to. ISO 6194-1, from memory. */
const SEAL_BORE = 'H8';

/** True diameter of the bore across the clock angle: usual class, slightly oval and tapered. */
export function trueBoreMm({ id, spec }: Seat, plane: number, angleDeg: number): number {
  const limits = findLimits(spec.part.outsideMm, 'usualClass' in spec ? spec.usualClass : SEAL_BORE) ?? {
    lowerUm: -30,
    upperUm: 0,
  };
  const middleUm =
    (limits.lowerUm + limits.upperUm) / 2 +
    (chanceOf(`${id} bore`) - 0.5) * (limits.upperUm - limits.lowerUm) * 0.5;
  const ovalUm = 1 + 3 * chanceOf(`${id} oval`);
  const taperUm = 2 * (chanceOf(`${id} taper`) - 0.5) * (plane === 1 ? 1 : -1);
  const leanDeg = 180 * chanceOf(`${id} lean`);
  return (
    spec.part.outsideMm + (middleUm + taperUm + ovalUm * Math.cos(2 * (angleDeg - leanDeg) * DEG)) / 1000
  );
}

/** How far the sizes of parts and shafts lie from what is marked on them, µm, from least to most. Common practice, no source. */
const AS_MADE_UM = { outside: [-8, -2], inside: [-7, 0], width: [-60, 0], journal: [-1, 8] } as const;
/** The old part was pressed and has run. */
const OLD_OFF_UM = 2;

type MicrometerSize = keyof typeof AS_MADE_UM;
const isMicrometerSize = (size: string): size is MicrometerSize => size in AS_MADE_UM;

/** True size across a part or its shaft, mm; null where the seat has none of it. */
export function trueAcrossMm(
  { id, spec }: Seat,
  shaftMm: number | null,
  size: MicrometerSize,
  isOld: boolean,
): number | null {
  const nominalMm = {
    outside: spec.part.outsideMm,
    inside: spec.part.boreMm,
    width: spec.part.widthMm,
    journal: shaftMm,
  }[size];
  if (nominalMm === null) return null;
  const [leastUm, mostUm] = AS_MADE_UM[size];
  const offUm = leastUm + (mostUm - leastUm) * chanceOf(`${id} ${isOld ? 'old ' : ''}${size}`);
  return nominalMm + (offUm - (isOld ? OLD_OFF_UM : 0)) / 1000;
}

/** The part lies tilted after it came home; each pass of taps takes out most of it. Depth below the face. */
function trueDepthMm({ id, spec }: Seat, pass: number, angleDeg: number): number {
  const homeMm = spec.housing.depthToShoulderMm - spec.part.widthMm;
  const tiltMm = 0.22 * (0.6 + 0.8 * chanceOf(`${id} tilt`)) * 0.3 ** (pass - 1);
  const towardDeg = 360 * chanceOf(`${id} toward`);
  return homeMm - tiltMm / 2 + (tiltMm / 2) * Math.cos((angleDeg - towardDeg) * DEG);
}

/** What lies on a bench beside a seat: a straightedge, a new gasket, a thrust washer. Of the usual size. */
const BESIDE_MM = { straightedge: 6, gasket: 0.4, washer: 1.5 } as const;
const isBeside = (family: string): family is keyof typeof BESIDE_MM => Object.hasOwn(BESIDE_MM, family);

/** A rod of the usual pitch draws as it was told; the hand at the nut is this far off, as a share. */
const DRAWN_BY = { pitchMm: 1.5, handShare: 0.06 } as const;

/** How far a part has come that is drawn in bit by bit, each as the walk said it; below the face. */
function trueReachedMm(job: ProjectedJob, seat: Seat): number {
  const state = job.state.seats[seat.id];
  const { target, reachedMm } = depthOf({
    seat,
    history: state?.history ?? FRESH_SEAT.history,
    readings: readingsOf(state?.slots ?? {}),
    instruments: job.instruments,
  });
  // Started square by taps.
  if (!reachedMm) return -0.8 * seat.spec.part.widthMm;
  const next = sneakUp({
    reachedMm,
    targetMm: target.depthMm,
    withinMm: target.toleranceMm,
    pitchMm: DRAWN_BY.pitchMm,
  });
  const hand = 1 + DRAWN_BY.handShare * (chanceOf(`${seat.id} ${reachedMm.value}`) - 0.5);
  return reachedMm.value + ('travelMm' in next ? next.travelMm * hand : 0);
}

/** A length beside a depth, or one on the way to it, mm; null for any other. */
function trueBesideMm(job: ProjectedJob, seat: Seat, { family }: Slot): number | null {
  if (isBeside(family)) return BESIDE_MM[family] * (1 + 0.04 * (chanceOf(`${seat.id} ${family}`) - 0.5));
  if (family === 'step') return Math.max(0.5, topDepthMm(seat)) + 0.1 * (chanceOf(`${seat.id} step`) - 0.5);
  if (family === 'sunk') return Math.max(0, trueReachedMm(job, seat));
  return family === 'stands_out' ? Math.max(0, -trueReachedMm(job, seat)) : null;
}

type Target = { seatId: SeatId | null; castingId: CastingId | null; slot: Slot };

/** The part or shaft that a slot is of, and whether it is the old one; null for what a micrometer does not read. */
function micrometerSize({ family }: Slot): { size: MicrometerSize; isOld: boolean } | null {
  const isOld = family.startsWith('old_');
  const size = isOld ? family.slice('old_'.length) : family;
  return isMicrometerSize(size) ? { size, isOld } : null;
}

/** Temperature of the metal that a gauge touches: the casting's own, or the room's for what lies on the bench. */
export function metalTemperature(job: ProjectedJob, { castingId, slot }: Target, nowMs: number): number {
  const casting = job.castings.find(({ id }) => id === castingId);
  return !casting || micrometerSize(slot) ? job.roomC : trueCastingC(job, casting, nowMs);
}

function trueDepthAsReadMm(job: ProjectedJob, seat: Seat, { pass, angleDeg }: Slot): number {
  const started = job.state.seats[seat.id]?.history.passes.find((each) => each.pass === pass);
  const depthMm = trueDepthMm(seat, pass, angleDeg);
  return started?.sense === 'standing_out' ? -depthMm : depthMm;
}

/**
 * True value at a slot: mm for sizes, °C for temperatures; depths as the pass asks for them.
 * @returns null where the record does not have such a seat or casting, or the seat no such size
 */
export function trueValue(job: ProjectedJob, target: Target, nowMs: number): number | null {
  if (familyOf(target.slot).owner === 'float') return trueFloatValue(job, target.slot);
  const casting = job.castings.find(({ id }) => id === target.castingId);
  const seat = casting?.seats.find(({ id }) => id === target.seatId);
  if (!casting) return null;
  const { slot } = target;
  if (familyOf(slot).quantity === 'temperature') return trueCastingC(job, casting, nowMs);
  if (!seat) return null;
  const grown = (mm: number, alphaPerK: number) =>
    mm * (1 + alphaPerK * (metalTemperature(job, target, nowMs) - REFERENCE_C));
  if (slot.family === 'bore')
    return grown(trueBoreMm(seat, slot.plane, slot.angleDeg), MATERIALS[casting.material].alphaPerK);
  const besideMm = trueBesideMm(job, seat, slot);
  if (besideMm !== null) return besideMm;
  const across = micrometerSize(slot);
  if (!across) return trueDepthAsReadMm(job, seat, slot);
  const acrossMm = trueAcrossMm(seat, journalMm(journalOf(job.shafts, seat.id)), across.size, across.isOld);
  const metal = across.size === 'journal' ? MATERIALS.bearing_steel : partMetal(seat.spec.part);
  return acrossMm === null ? null : grown(acrossMm, metal.alphaPerK);
}
