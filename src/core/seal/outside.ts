import type { SeatView } from '@/core/job/seatView';
import type { SEAL_OUTSIDES } from '@/core/record/vocabulary';

export type SealOutside = (typeof SEAL_OUTSIDES)[number];

/**
 * What goes on a seal's outside, by where it sits: dry at a crank (some makers refuse warranty otherwise), a skim of sealant in a scored
 * bed, a trace of grease elsewhere. Common practice, no source; all three schools can be chosen.
 */
export function sealOutsideFor(views: readonly SeatView[]): SealOutside {
  if (views.some(({ history }) => history.findings.includes('scored_bed'))) return 'sealant';
  const isCrank = views.some(
    ({ seat, journal }) => /crank/i.test(journal?.shaft.name ?? '') || /crank|main/i.test(seat.name),
  );
  return isCrank ? 'dry' : 'grease';
}
