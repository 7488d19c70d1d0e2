import { parseBearing } from '@/core/catalogue/bearings/designation';
import type { SealMaterial } from '@/core/catalogue/materials';
import { type BorePart, PART_METALS } from '@/core/record/fittedPart';
import { USUAL_RUNNING } from '@/core/job/putPart';
import { BED_BEHIND_MM } from '@/core/seal/seals';
import { boreKindOf } from '@/core/record/seatFacts';
import type { BoreSpec, FittedSpec } from '@/core/record/seatSpec';
import type { Seat } from '@/core/record/job';

/** A seat as a job kind describes it: not yet a seat of a job, so without id and version; its shaft in words (`crank, left journal`). */
export type KindSeat = Omit<Seat, 'id' | 'version'> & { shaft?: string };
type At = readonly [xMm: number, yMm: number];

type Around = {
  bossOutsideMm: number;
  bossHeightMm: number;
  depthToShoulderMm: number;
  shoulderBoreMm: number;
  webThicknessMm?: number;
  /** The bore goes through: nothing stops the part but a number. */
  isThrough?: boolean;
  /** False: no puller may stand on this face. */
  faceCarries?: boolean;
  ring?: FittedSpec['retainingRing'];
  seal?: FittedSpec['seal'];
  usualClass?: FittedSpec['usualClass'];
  running?: FittedSpec['running'];
  load?: FittedSpec['load'];
  /** The shaft that goes into it: the part's other mate. */
  shaft?: string;
  /** Seen from the back of the casting. */
  face?: Seat['face'];
};
export type SeatChoices = Around & { cage?: 'steel' | 'polyamide' };

function housingOf({
  bossOutsideMm,
  bossHeightMm,
  depthToShoulderMm,
  shoulderBoreMm,
  webThicknessMm = 6,
  isThrough,
  faceCarries,
}: Around): BoreSpec['housing'] {
  return {
    bossOutsideMm,
    depthToShoulderMm,
    shoulderBoreMm,
    bossHeightMm,
    webThicknessMm,
    ...(isThrough !== undefined && { isThrough }),
    ...(faceCarries !== undefined && { faceCarries }),
  };
}

function specOf(part: BorePart, around: Around): BoreSpec {
  const { ring = null, seal = null, load = 'standing', usualClass = 'N7', running = USUAL_RUNNING } = around;
  const inBore = { kind: boreKindOf(part.type), part, housing: housingOf(around), retainingRing: ring };
  // Kind and part belong together by `boreKindOf`, which the compiler can't follow.
  return (part.type === 'seal' ? inBore : { ...inBore, seal, load, running, usualClass }) as BoreSpec;
}

function seatOf(name: string, [xMm, yMm]: At, part: BorePart, around: Around): KindSeat {
  const { shaft, face } = around;
  return {
    name,
    xMm,
    yMm,
    ...(face && { face }),
    ...(shaft && { shaft }),
    spec: specOf(part, around),
  };
}

/**
 * A bearing's seat from its designation and the casting around it. Throws when the designation is unknown: kinds and demo are our own
 * data.
 */
export function bearingSeat(
  name: string,
  at: At,
  designation: string,
  { cage = 'steel', ...around }: SeatChoices,
): KindSeat {
  const bearing = parseBearing(designation);
  if (!bearing.ok) throw new Error(`unknown bearing in our own data: ${designation}`);
  const { boreMm, outsideMm, widthMm, chamferMm, closure, type } = bearing.value;
  const sizes = { designation: bearing.value.designation, boreMm, outsideMm, widthMm, chamferMm };
  if (type === 'needle_cage' || type === 'thrust_ball' || type === 'thrust_needle')
    throw new Error(`${designation} is not pressed into a bore`);
  return seatOf(
    name,
    at,
    type === 'tapered_roller' ? { ...sizes, type } : { ...sizes, type, closure, cage },
    around,
  );
}

/** A plain bush or a bearing housing pressed into a casting. */
export const bushSeat = (
  name: string,
  at: At,
  {
    boreMm,
    outsideMm,
    widthMm,
    material = 'tin_bronze',
  }: {
    boreMm: number;
    outsideMm: number;
    widthMm: number;
    material?: (typeof PART_METALS)[number];
  },
  around: Around,
) =>
  seatOf(
    name,
    at,
    {
      designation: `Bush ${boreMm}×${outsideMm}×${widthMm}`,
      boreMm,
      outsideMm,
      widthMm,
      chamferMm: 0.5,
      type: 'bush',
      material,
    },
    around,
  );

/** A shaft seal in its own bore, flush with the face unless a depth is said. */
export const sealSeat = (
  name: string,
  at: At,
  {
    shaftMm,
    outsideMm,
    widthMm,
    material = 'nbr',
  }: { shaftMm: number; outsideMm: number; widthMm: number; material?: SealMaterial },
  { belowFaceMm = 0, shaft, face }: { belowFaceMm?: number; shaft?: string; face?: Seat['face'] } = {},
) =>
  seatOf(
    name,
    at,
    {
      designation: `Seal ${shaftMm}×${outsideMm}×${widthMm} ${material.toUpperCase()}`,
      boreMm: shaftMm,
      outsideMm,
      widthMm,
      chamferMm: 0.3,
      type: 'seal',
      material,
    },
    {
      bossOutsideMm: outsideMm + 14,
      bossHeightMm: widthMm + belowFaceMm + BED_BEHIND_MM + 8,
      depthToShoulderMm: widthMm + belowFaceMm + BED_BEHIND_MM,
      shoulderBoreMm: outsideMm - 5,
      webThicknessMm: 5,
      ...(shaft && { shaft }),
      ...(face && { face }),
    },
  );
