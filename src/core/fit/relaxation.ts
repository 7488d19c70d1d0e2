import { rootSumSquare, type Measured } from '@/core/quantity/measured';

/**
 * What a seat's bore has done from one rebuild to the next: castings relax, wear and get damaged when a bearing is changed.
 *
 * The bores are compared, both brought to 20 °C, not the interferences: each new bearing brings its own size.
 * Source: JCGM 100 for the doubt of a difference; a change counts beyond 2u of it.
 */
export type Relaxation = { changeMm: Measured; verdict: 'wider' | 'narrower' | 'no_change_seen' };

export function judgeRelaxation(beforeMm: Measured, nowMm: Measured): Relaxation {
  const changeMm = { value: nowMm.value - beforeMm.value, u: rootSumSquare(beforeMm.u, nowMm.u) };
  const verdict =
    Math.abs(changeMm.value) <= 2 * changeMm.u ? 'no_change_seen' : changeMm.value > 0 ? 'wider' : 'narrower';
  return { changeMm, verdict };
}
