import { awaitedPart } from '@/core/job/blocks';
import { counting } from '@/core/job/counting';
import { isSizedByBore, type JobView, type SeatView } from '@/core/job/seatView';
import { isRealNip } from '@/core/heat/mildest';
import { isChilled, isHeated } from '@/core/heat/waySorts';
import { isLightAlloy, MATERIALS } from '@/core/catalogue/materials';
import { judgeWayIn, probableForceN } from '@/core/job/seatJudgement';
import type { Way, WalkStyle } from '@/core/record/vocabulary';

/** What the walk asks of one seat as it stands. */

export const isSeal = ({ seat }: SeatView) => seat.spec.kind === 'seal_in_bore';

/** Its new part was measured, planned or fitted: what was left out before is not asked for any more. */
export const isPastStripping = ({ readings, history, isMeasured }: SeatView) =>
  isMeasured ||
  history.wayIn !== null ||
  history.usualFitAccepted ||
  history.homeMs !== null ||
  history.accepted !== null ||
  counting(readings, 'bore').length > 0 ||
  counting(readings, 'outside').length > 0;

/** The way that was chosen, or that this seat asks for. */
export const wayOf = (view: SeatView, job: JobView): Way =>
  view.history.wayIn?.way ?? judgeWayIn(view, job).way;
export const goesInHot = (view: SeatView, job: JobView) => isHeated(wayOf(view, job));
export const goesInCold = (view: SeatView, job: JobView) => isChilled(wayOf(view, job));

/**
 * A seat whose size decides: reached by a full strip, in light alloy, with a real nip against a shoulder. There a reading is worth its
 * minute in the quick walk too. Common practice, no source.
 */
export function isWorthMeasuring(view: SeatView, { plan, rules }: JobView): boolean {
  const { seat, casting, fit } = view;
  if (!fit || seat.spec.part.type === 'drawn_cup' || !isLightAlloy(MATERIALS[casting.material])) return false;
  const isDeep = plan.parts.some(({ seatId, reach }) => seatId === seat.id && reach === 'full_strip');
  const isCrank = seat.spec.kind !== 'seal_in_bore' && TIGHT_CLASSES.includes(seat.spec.usualClass);
  return (
    isDeep &&
    isCrank &&
    isRealNip(
      {
        nipMm: fit.benchMm.value,
        diameterMm: seat.spec.part.outsideMm,
        forceN: probableForceN(view),
      },
      rules,
    )
  );
}
/** Squareness is read with a gauge here; elsewhere in a hurry the eye, the ear and the hand judge. A seal is felt round its rim. */
export const asksForReadings = (view: SeatView, job: JobView, walk: WalkStyle) =>
  !isSeal(view) && (walk !== 'quick' || isWorthMeasuring(view, job));

/** A seal is felt round and turned through in a move of its own; in a hurry only where it is the whole job. */
export const asksForSealProof = ({ job, walk }: { job: Pick<JobView, 'kind'>; walk: WalkStyle }) =>
  walk !== 'quick' || job.kind === 'seal_only';

/** Two across at one depth and the part once: enough in a hurry. In the longer walks two depths tell a taper too. */
export function isMeasuredFor({ seat, readings, fit, isMeasured }: SeatView, walk: WalkStyle): boolean {
  if (isMeasured || walk !== 'quick' || fit?.doubted) return isMeasured;
  const taken = new Set(counting(readings).map(({ slot }) => slot));
  const isAcross = ['1', '2'].some((plane) => taken.has(`bore.${plane}.0`) && taken.has(`bore.${plane}.90`));
  return isAcross && (isSizedByBore(seat) || taken.has('outside.0'));
}

/** Usual classes of seats that carry a crank or the like. Common practice, no source. */
const TIGHT_CLASSES: readonly string[] = ['P7', 'R7'];

/** What keeps a seat from going on until somebody deals with it; null: nothing. */
export type Trouble = 'wait_for_part' | 'part_is_wrong' | 'check_remedy' | 'repair_seat';

export function troubleOf(view: SeatView, job: JobView): Trouble | null {
  const { history, partCheck, fit, isMeasured } = view;
  if (history.homeMs !== null || history.accepted) return null;
  if (awaitedPart(view, job)) return 'wait_for_part';
  if ((partCheck.verdict === 'wrong' || partCheck.verdict === 'doubtful') && !history.overruled)
    return 'part_is_wrong';
  if (history.remedy && history.remedy.isGood === null) return 'check_remedy';
  const verdict = fit?.judgement.verdict;
  if (isMeasured && (verdict === 'slack' || verdict === 'too_tight') && !history.remedy?.isGood)
    return 'repair_seat';
  return null;
}

/** Something rolls in it: it can be turned and listened to. */
export const isHeard = ({ seat: { spec } }: SeatView) =>
  spec.part.type === 'deep_groove' ||
  spec.part.type === 'cylindrical_roller' ||
  spec.part.type === 'needle_rings';
