import { usualClassFor } from '@/core/fit/usualClass';
import type { BorePart } from '@/core/record/fittedPart';
import type { Casting } from '@/core/record/job';
import { boreKindOf, guardOf } from '@/core/record/seatFacts';
import type { BoreSpec } from '@/core/record/seatSpec';

/** What a light-alloy casing and its bearing usually come to when running. Common practice, no source. */
export const USUAL_RUNNING = { housingC: 80, ringC: 88 };

/** Least wall of a boss, and least shoulder that stops a part, of the part's outside. Common practice, no source. */
const LEAST_WALL = 0.08;
const LEAST_SHOULDER = 0.03;

/**
 * The casting's metal round a part of another size: the part stands as deep below the face as the one before, wall and web behind it
 * stay as they are as far as there is a wall and a shoulder at all.
 */
function housingFor({ part: before, housing }: BoreSpec, part: BorePart): BoreSpec['housing'] {
  const belowFaceMm = Math.max(0, housing.depthToShoulderMm - before.widthMm);
  const depthToShoulderMm = belowFaceMm + part.widthMm;
  const behindMm = Math.max(0, housing.bossHeightMm - housing.depthToShoulderMm);
  const leastBossMm = part.outsideMm * (1 + 2 * LEAST_WALL);
  const mostShoulderMm = part.outsideMm * (1 - 2 * LEAST_SHOULDER);
  return {
    ...housing,
    depthToShoulderMm,
    bossHeightMm: depthToShoulderMm + behindMm,
    bossOutsideMm:
      housing.bossOutsideMm >= leastBossMm
        ? housing.bossOutsideMm
        : Math.max(leastBossMm, part.outsideMm + housing.bossOutsideMm - before.outsideMm),
    shoulderBoreMm: Math.min(
      housing.shoulderBoreMm > part.boreMm || housing.shoulderBoreMm === 0
        ? housing.shoulderBoreMm
        : part.boreMm,
      mostShoulderMm,
    ),
  };
}

/** Its groove goes with the bore; as far from the face as before. */
const ringFor = ({ part: before, retainingRing }: BoreSpec, part: BorePart): BoreSpec['retainingRing'] =>
  retainingRing && {
    ...retainingRing,
    grooveDiameterMm: retainingRing.grooveDiameterMm + part.outsideMm - before.outsideMm,
  };

/**
 * A seat with another part on it: any part on any seat. What is said of the casting stays as far as it can; a part of another sort brings
 * the class and the temperatures that are usual for it.
 * @param metal of the casting
 */
export function withPart(spec: BoreSpec, part: BorePart, metal: Casting['material']): BoreSpec {
  const inBore = {
    kind: boreKindOf(part.type),
    part,
    housing: housingFor(spec, part),
    retainingRing: ringFor(spec, part),
  };
  // Kind and part belong together by `boreKindOf`, which the compiler can't follow.
  if (part.type === 'seal') return inBore as BoreSpec;
  const isSameSort = spec.kind !== 'seal_in_bore' && spec.part.type === part.type;
  const usualType = part.type === 'bush' ? 'deep_groove' : part.type;
  return {
    ...inBore,
    seal: guardOf(spec),
    load: spec.kind === 'seal_in_bore' ? 'standing' : spec.load,
    running: spec.kind === 'seal_in_bore' ? USUAL_RUNNING : spec.running,
    usualClass: isSameSort ? spec.usualClass : usualClassFor(usualType, metal),
  } as BoreSpec;
}
