import { parseBearing } from '@/core/catalogue/bearings/designation';
import type { MaterialCode, SealMaterial } from '@/core/catalogue/materials';
import type { Seat, SeatSpec } from '@/core/record/job';

/** A seat as a job kind describes it: not yet a seat of a job, so without id and version. */
export type KindSeat = Omit<Seat, 'id' | 'version'>;
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
  ring?: SeatSpec['retainingRing'];
  seal?: SeatSpec['seal'];
  usualClass?: SeatSpec['usualClass'];
  running?: SeatSpec['running'];
  load?: SeatSpec['load'];
  /** The shaft that goes into it: the part's other mate. */
  shaft?: string;
  /** Seen from the back of the casting. */
  face?: Seat['face'];
};
export type SeatChoices = Around & { cage?: 'steel' | 'polyamide' };

/** What a light-alloy casing and its bearing usually come to when running. Common practice, no source. */
const USUAL_RUNNING = { housingC: 80, ringC: 88 };

function housingOf({
  bossOutsideMm,
  bossHeightMm,
  depthToShoulderMm,
  shoulderBoreMm,
  webThicknessMm = 6,
  isThrough,
  faceCarries,
}: Around): SeatSpec['housing'] {
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

function seatOf(name: string, [xMm, yMm]: At, part: SeatSpec['part'], around: Around): KindSeat {
  const { shaft, face, ring = null, seal = null, load = 'standing', usualClass = 'N7' } = around;
  return {
    name,
    xMm,
    yMm,
    ...(face && { face }),
    spec: {
      kind: 'bearing_in_bore',
      part,
      housing: housingOf(around),
      retainingRing: ring,
      seal,
      load,
      running: around.running ?? USUAL_RUNNING,
      usualClass,
      ...(shaft && { journal: { name: shaft, nominalMm: part.boreMm } }),
    },
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
  if (type === 'needle_cage' || type === 'thrust_ball' || type === 'thrust_needle')
    throw new Error(`${designation} is not pressed into a bore`);
  return seatOf(
    name,
    at,
    {
      designation: bearing.value.designation,
      boreMm,
      outsideMm,
      widthMm,
      chamferMm,
      closure,
      cage,
      ...(type !== 'deep_groove' && { type }),
    },
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
    material?: MaterialCode & SeatSpec['part']['material'];
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
      closure: 'open',
      cage: 'steel',
    },
    around,
  );

/** Room behind a seal, so that it is never driven onto what lies there, mm. Common practice, no source. */
const BEHIND_SEAL_MM = 1;

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
      closure: 'open',
      cage: 'steel',
    },
    {
      bossOutsideMm: outsideMm + 14,
      bossHeightMm: widthMm + belowFaceMm + BEHIND_SEAL_MM + 8,
      depthToShoulderMm: widthMm + belowFaceMm + BEHIND_SEAL_MM,
      shoulderBoreMm: outsideMm - 5,
      webThicknessMm: 5,
      ...(shaft && { shaft }),
      ...(face && { face }),
    },
  );
