import type { Casting } from '@/core/record/job';
import type { bearingPartSchema } from '@/core/record/fittedPart';
import { USUAL_RUNNING } from '@/core/job/putPart';
import { boreKindOf } from '@/core/record/seatFacts';
import type { BoreSpec } from '@/core/record/seatSpec';
import type { z } from 'zod';
import { usualClassFor } from '@/core/fit/usualClass';
import type { JobKind } from './jobKind';

/** A part that a one-seat job can be made for. */
export type OneSeatPart = Omit<z.infer<typeof bearingPartSchema>, 'cage' | 'type' | 'material'> & {
  /** Left out: a deep-groove ball bearing. */
  type?: Exclude<BoreSpec['part']['type'], 'bush' | 'seal'> | undefined;
};

/** Proportions of a boss round one bearing. Placeholders, to be changed to those of the casting. Common practice, no source. */
const BOSS = { outside: 1.25, shoulder: 0.85, extraHeightMm: 6, belowFaceMm: 1 };
/** A light casting of a hand's size. */
const CASTING = { massKg: 1.2, areaM2: 0.12 };

function specOf(
  { type = 'deep_groove', closure, ...sizes }: OneSeatPart,
  material: Casting['material'],
  bossOutsideMm: number,
): BoreSpec {
  const part = type === 'tapered_roller' ? { ...sizes, type } : { ...sizes, type, closure, cage: 'steel' };
  const depthToShoulderMm = sizes.widthMm + BOSS.belowFaceMm;
  return {
    kind: boreKindOf(type),
    part,
    housing: {
      bossOutsideMm,
      depthToShoulderMm,
      shoulderBoreMm: sizes.outsideMm * BOSS.shoulder,
      bossHeightMm: depthToShoulderMm + BOSS.extraHeightMm,
      webThicknessMm: 6,
    },
    retainingRing: null,
    seal: null,
    load: 'standing',
    running: USUAL_RUNNING,
    usualClass: usualClassFor(type, material),
  } as BoreSpec;
}

/** A rounded square with the seat in its middle. */
function squareMap(half: number): Casting['map'] {
  const corner = (x: number, y: number) => ({ at: [x, y] as [number, number], radiusMm: half * 0.5 });
  return {
    outline: [corner(0, 0), corner(2 * half, 0), corner(2 * half, 2 * half), corner(0, 2 * half)],
    bolts: [],
    ribs: [],
  };
}

/** A job with a single seat in a plain casting: what the ask line keeps. */
export function oneSeat(part: OneSeatPart, material: Casting['material']): JobKind {
  const bossOutsideMm = Math.ceil(part.outsideMm * BOSS.outside + 2);
  const half = bossOutsideMm * 0.9;
  const seat = { name: part.designation, xMm: half, yMm: half, spec: specOf(part, material, bossOutsideMm) };
  return {
    kind: 'one_seat',
    name: 'One seat',
    machineSort: 'single seat',
    keywords: 'one seat bearing',
    reach: 'some_hours',
    checks: [],
    castings: [{ name: 'Casting', material, ...CASTING, map: squareMap(half), seats: [seat] }],
  };
}

/** A plain block with one seat: where a casting that no kind knows is drawn from. */
export const FROM_SCRATCH: JobKind = {
  ...oneSeat(
    { designation: '6203', boreMm: 17, outsideMm: 40, widthMm: 12, chamferMm: 0.6, closure: 'open' },
    'alsi9cu3',
  ),
  kind: 'own',
  name: 'From scratch',
  machineSort: 'own drawing',
};
