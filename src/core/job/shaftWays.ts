import { ceilingsFor } from '@/core/heat/ceilings';
import type { Thresholds } from '@/core/heat/mildest';
import { heatedInside } from '@/core/record/seatFacts';
import { planOff, type WayOff } from '@/core/shaft/waysOff';
import { planOnto, type WayOnto } from '@/core/shaft/waysOnto';
import type { Tool } from '@/core/tools/tool';
import type { JournalView } from './journalView';

/** How the bearing or cone of a seat on a shaft comes off and goes on, as the job stands. */

/** As hot as the part may get, °C: its seals, grease, cage and steel. */
export const raceLimitC = ({ part }: JournalView): number =>
  Math.min(
    ...ceilingsFor({ castingMaterial: 'mild_steel', leftIn: [], bearing: heatedInside(part) }).map(
      ({ limitC }) => limitC,
    ),
  );

const isThreaded = ({ shaft, spec }: JournalView): boolean =>
  shaft.ends.some(
    ({ thread }, i) => thread !== null && spec.journal.shoulderToward !== (i === 0 ? 'first' : 'second'),
  );

export const waysOff = (view: JournalView, tools: readonly Tool[]): WayOff[] =>
  planOff({
    fit: view.fit,
    boreMm: view.part.boreMm,
    isCone: view.part.type === 'tapered_roller',
    isHeldInCasting: view.beside !== null && view.beside.history.takenOut === null,
    limitC: raceLimitC(view),
    tools,
  });

/** Another end of the same shaft sits already: pulled now, it is pulled across, and its bearing side-loaded. */
const isOtherEndIn = (view: JournalView, journals: readonly JournalView[]): boolean =>
  journals.some(
    ({ shaft, seat, history }) =>
      shaft.id === view.shaft.id && seat.id !== view.seat.id && history.ontoShaft !== null,
  );

export const waysOnto = (
  view: JournalView,
  { journals, tools, rules }: { journals: readonly JournalView[]; tools: readonly Tool[]; rules: Thresholds },
): WayOnto[] =>
  planOnto({
    fit: view.fit,
    boreMm: view.part.boreMm,
    isInCasting: view.beside !== null && view.beside.history.homeMs !== null,
    isOtherEndIn: isOtherEndIn(view, journals),
    hasThread: isThreaded(view),
    limitC: raceLimitC(view),
    tools,
    thresholds: rules,
  });
