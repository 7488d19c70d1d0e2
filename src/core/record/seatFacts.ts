import { MATERIALS, type Material } from '@/core/catalogue/materials';
import type { BorePart } from './fittedPart';
import type { BoreSpec, FittedSpec } from './seatSpec';

/** Which kind of seat in a casting takes a part of this type. */
export const boreKindOf = (type: BoreSpec['part']['type']): BoreSpec['kind'] =>
  type === 'seal'
    ? 'seal_in_bore'
    : type === 'bush'
      ? 'bush_in_bore'
      : type === 'tapered_roller'
        ? 'race_in_bore'
        : 'bearing_in_bore';

/** The seal in front of a bearing, race or bush; null where there is none. */
export const guardOf = (spec: BoreSpec): FittedSpec['seal'] =>
  spec.kind === 'seal_in_bore' ? null : spec.seal;

/** Metal of the race, shell or bush that meets the bore; of a seal, its steel case. */
export const partMetal = (part: BorePart): Material =>
  MATERIALS[part.type === 'seal' ? 'mild_steel' : (part.material ?? 'bearing_steel')];

/** What of a part heat can spoil beside its steel; a race or a bush has neither cage nor seals. */
export const heatedInside = (part: BorePart) =>
  'closure' in part
    ? { closure: part.closure, cage: part.cage }
    : ({ closure: 'open', cage: 'steel' } as const);

/** A shoulder stops the part. A drawn cup is set to a depth, by a gauge or a washer, whatever lies behind it. */
export const hasStop = (spec: BoreSpec): boolean =>
  spec.part.type !== 'drawn_cup' &&
  spec.housing.isThrough !== true &&
  spec.housing.shoulderBoreMm < spec.part.outsideMm;
