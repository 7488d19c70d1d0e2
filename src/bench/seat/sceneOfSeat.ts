import { interferenceAtDrop } from '@/core/job/interferenceAtDrop';
import type { SeatView } from '@/core/job/seatView';
import { asText, showFit, showSize, showTemperature, type Units } from '@/core/quantity/format';
import { REFERENCE_C } from '@/core/quantity/measured';
import { guardOf } from '@/core/record/seatFacts';
import type { Scene } from '@/ui/drawing/scene';
import { buildSeatSection } from './buildSeatSection';

/** Which fit to draw: that of the drop where one is planned, else that of the bench. */
function gapOf(view: SeatView): { clearanceMm: number; isAtDrop: boolean } | null {
  const atDrop = view.history.homeMs === null ? interferenceAtDrop(view) : null;
  if (atDrop) return { clearanceMm: -atDrop.value, isAtDrop: true };
  return view.fit && { clearanceMm: -view.fit.benchMm.value, isAtDrop: false };
}

/** The half-section of a seat as it stands, with its fit and how warm it is. */
export function sceneOfSeat(view: SeatView, units: Units, size: { width: number; height: number }): Scene {
  const { seat, fit, history } = view;
  const guard = guardOf(seat.spec);
  const gap = gapOf(view);
  const way = history.wayIn;
  const isHome = history.homeMs !== null;
  const isHeated = way !== null && (way.way === 'heat' || way.way === 'heat_chill') && !isHome;
  const isChilled = way !== null && way.ringC < REFERENCE_C - 5 && !isHome;
  return buildSeatSection({
    ...size,
    spec: seat.spec,
    bearingIs: isHome ? 'in' : 'not_in',
    castingHot: isHeated ? asText(showTemperature(way.housingC, units)) : null,
    bearingCold: isChilled ? asText(showTemperature(way.ringC, units)) : null,
    gap: gap && {
      clearanceMm: gap.clearanceMm,
      figure: asText(showFit(Math.abs(gap.clearanceMm), units)),
      word: `${gap.clearanceMm > 0 ? 'clear' : 'tight'}${gap.isAtDrop ? ' at drop' : ', smoothed'}`,
    },
    say: (mm) => showSize(mm, units, 1).figure,
    measured: {
      boreText: fit?.bore ? `⌀ ${showSize(fit.bore.meanMm.value, units).figure}` : null,
      outsideText: fit?.partOutside ? `⌀ ${showSize(fit.partOutside.meanMm.value, units).figure}` : null,
    },
    sealIs: guard === null ? 'none' : guard.leftIn && !history.sealTakenOut ? 'in' : 'not_in',
  });
}
