import { proofStressMPa, stressAreaMm2, type StrengthClass, type ThreadSize } from '@/core/catalogue/threads';
import { checkNumbers, fail, succeed, type Result } from '@/core/quantity/result';

/**
 * Bolts that close a casting: stand-out, engagement, torque against the bolt's proof load and the female thread.
 */
export type FemaleMetal = 'light_alloy' | 'magnesium' | 'steel';

/** Engagement that a female thread needs, in bolt diameters. From memory: light alloy 1.5, magnesium 2, steel 0.8. */
export const NEEDED_ENGAGEMENT: Record<FemaleMetal, number> = { light_alloy: 1.5, magnesium: 2, steel: 0.8 };

/** Shear strength of the female thread, MPa. From memory: about 0.6 of tensile, derated for castings. */
const SHEAR_MPA: Record<FemaleMetal, number> = { light_alloy: 110, magnesium: 80, steel: 300 };

export type BoltFit = {
  /** What stands out of the casting when dropped in its hole: length − grip. The same for all bolts of one job. */
  standOutMm: number;
  engagementMm: number;
  neededMm: number;
  isEnough: boolean;
  /** It meets the hole's bottom before it clamps. */
  bottoms: boolean;
};

export function checkBolt({
  lengthMm,
  gripMm,
  holeDepthMm,
  diameterMm,
  female,
}: {
  lengthMm: number;
  gripMm: number;
  holeDepthMm: number | null;
  diameterMm: number;
  female: FemaleMetal;
}): BoltFit {
  const standOutMm = lengthMm - gripMm;
  const engagementMm = Math.max(0, holeDepthMm === null ? standOutMm : Math.min(standOutMm, holeDepthMm));
  const neededMm = NEEDED_ENGAGEMENT[female] * diameterMm;
  return {
    standOutMm,
    engagementMm,
    neededMm,
    isEnough: engagementMm >= neededMm,
    bottoms: holeDepthMm !== null && standOutMm > holeDepthMm,
  };
}

export type TorqueCheck = {
  clampN: { low: number; high: number };
  boltUtilisation: { low: number; high: number };
  threadUtilisation: number;
  verdict: 'fine' | 'near_the_limit' | 'past_proof' | 'strips_the_casting';
};

/** Friction of a case bolt, clean and dry to oiled. From memory. */
const FRICTION = { low: 0.1, high: 0.16 };

/** T = F·d·K with K ≈ 0.16 µ-dependent form: F·(P/2π + µ·(d₂/(2·cos 30°) + 0.65·d)), VDI 2230, from memory. */
const clampOf = ({ diameterMm, pitchMm }: ThreadSize, torqueNm: number, friction: number) =>
  (torqueNm * 1000) /
  (pitchMm / (2 * Math.PI) +
    friction * ((diameterMm - 0.649519 * pitchMm) / (2 * Math.cos(Math.PI / 6)) + 0.65 * diameterMm));

/**
 * What a torque does to bolt and casting. An M6 8.8 at 15–16 N·m is past proof: a given torque needs its size.
 * Female thread: shear over the engaged cylinder at the bolt's major diameter, half of it carrying (from memory).
 * Invalid: `out_of_range`.
 */
export function checkTorque({
  thread,
  strength,
  torqueNm,
  engagementMm,
  female,
}: {
  thread: ThreadSize;
  strength: StrengthClass;
  torqueNm: number;
  engagementMm: number;
  female: FemaleMetal;
}): Result<TorqueCheck> {
  const issues = checkNumbers({
    torqueNm: { value: torqueNm, min: 0, max: 2000 },
    engagementMm: { value: engagementMm, min: 0.5, max: 200 },
    diameterMm: { value: thread.diameterMm, min: 2, max: 60 },
    pitchMm: { value: thread.pitchMm, min: 0.2, max: 6 },
  });
  if (issues.length > 0) return fail(...issues);
  const proofN = proofStressMPa(strength, thread.diameterMm) * stressAreaMm2(thread);
  const clampN = {
    low: clampOf(thread, torqueNm, FRICTION.high),
    high: clampOf(thread, torqueNm, FRICTION.low),
  };
  const boltUtilisation = { low: clampN.low / proofN, high: clampN.high / proofN };
  const threadUtilisation =
    clampN.high / (SHEAR_MPA[female] * 0.5 * Math.PI * thread.diameterMm * engagementMm);
  const verdict =
    boltUtilisation.high > 1
      ? 'past_proof'
      : threadUtilisation > 1
        ? 'strips_the_casting'
        : Math.max(boltUtilisation.high, threadUtilisation) > 0.8
          ? 'near_the_limit'
          : 'fine';
  return succeed({ clampN, boltUtilisation, threadUtilisation, verdict });
}

export type BoltPlace = { id: string; xMm: number; yMm: number };
export type BoltTurn = { pass: number; id: string; share: number };

const apart = (a: { xMm: number; yMm: number }, b: { xMm: number; yMm: number }) =>
  Math.hypot(a.xMm - b.xMm, a.yMm - b.yMm);

/**
 * Order of tightening: from the middle outward and criss-cross, the same in every pass.
 *
 * Bolts are taken in rings of growing distance from the middle of all; inside a ring each next bolt is the one farthest from the last.
 * Ties go to the earlier id, so that the order does not depend on how the list was typed. Common practice, no source.
 * Invalid: `too_few`, `not_unique`, `out_of_range` (a pass share outside 0 … 1, or not growing).
 */
export function boltOrder(bolts: readonly BoltPlace[], passes: readonly number[]): Result<BoltTurn[]> {
  const issues = [];
  if (bolts.length === 0) issues.push({ code: 'too_few', field: 'bolts', given: 0, min: 1 });
  if (bolts.length > 200) issues.push({ code: 'too_many', field: 'bolts', given: bolts.length, max: 200 });
  if (new Set(bolts.map(({ id }) => id)).size !== bolts.length)
    issues.push({ code: 'not_unique', field: 'bolts.id' });
  if (
    passes.length === 0 ||
    passes.some((share, i) => !(share > 0 && share <= 1) || (i > 0 && share <= passes[i - 1]!))
  )
    issues.push({ code: 'out_of_range', field: 'passes', min: 0, max: 1 });
  if (issues.length > 0) return fail(...issues);
  const middle = {
    xMm: bolts.reduce((sum, { xMm }) => sum + xMm, 0) / bolts.length,
    yMm: bolts.reduce((sum, { yMm }) => sum + yMm, 0) / bolts.length,
  };
  const left = [...bolts].sort((a, b) => a.id.localeCompare(b.id, 'en', { numeric: true }));
  const order: BoltPlace[] = [];
  while (left.length > 0) {
    const nearest = Math.min(...left.map((bolt) => apart(bolt, middle)));
    const farthest = Math.max(...bolts.map((bolt) => apart(bolt, middle)));
    // A ring: everything within a fifth of the pattern's size of the nearest that is left.
    const ring = left.filter((bolt) => apart(bolt, middle) <= nearest + 0.2 * farthest + 1e-9);
    const last = order.at(-1);
    const next = ring.reduce((best, bolt) => {
      const score = (each: BoltPlace) => (last ? apart(each, last) : -apart(each, middle));
      return score(bolt) > score(best) + 1e-9 ? bolt : best;
    });
    order.push(next);
    left.splice(left.indexOf(next), 1);
  }
  return succeed(passes.flatMap((share, i) => order.map(({ id }) => ({ pass: i + 1, id, share }))));
}
