import type { HeatPlace } from '@/core/record/events/heat';
import type { HeatRunView } from '@/core/job/heatRun';
import type { SeatHistory } from '@/core/project/jobState';
import type { SeatView } from '@/core/job/seatView';
import type { ReachNeed } from '@/core/job/withinReach';
import type { Units } from '@/core/quantity/format';
import type { Draft } from '@/core/walk/offer';
import type { useJob } from '@/bench/record/JobProvider';
import type { CautionCode } from '@/ui/words/verdicts';

/** One act at the heat run: its words, what it stands for, and whether key G means it. */
export type Action = {
  words: string;
  note: string;
  does: () => void;
  isBlocked?: boolean;
  /** Only “it grabbed” listens to G, as the list of keys says. */
  isOnG?: boolean;
};
/** The black button, and one beside it. */
export type Actions = [main: Action | null, second: Action | null];

export type ActionInput = {
  view: SeatView;
  /** All that go into this casting at one heat, this one among them. */
  parts: readonly SeatView[];
  run: HeatRunView;
  ovenC: number;
  /** Where it goes in; null where the shop has none on its wall. */
  oven: HeatPlace | null;
  freezer: HeatPlace | null;
  units: Units;
  caution: CautionCode | null;
  /** What is still to be laid out before the door opens. */
  missing: readonly ReachNeed[];
  addEvent: ReturnType<typeof useJob>['addEvent'];
  /** Several entries as one act. */
  takeDrafts: (drafts: readonly Draft[]) => void;
  /** This walk asks for no readings here: a push that ended well is square by the eye. */
  isEyeEnough: boolean;
  /** The job goes on at this seat; else something else comes first: a needle that wants the same warmth. */
  isNextHere: boolean;
  /** What frees a part that hangs: fetched before it is needed; null: not here yet. */
  rescue: ((input: ActionInput, stuck: NonNullable<SeatHistory['stuck']>) => Actions) | null;
  /** Null where there is none, or it is on. */
  putProbeOn: (() => void) | null;
  goTo: (step: 'square' | 'way-in' | 'next') => void;
  askDepth: () => void;
};

export const isByAir = ({ history }: SeatView) => history.wayIn?.heatedBy === 'gun';

export const heatUp = ({ view, ovenC, oven, addEvent }: ActionInput, castingC: number, dialC = ovenC) =>
  addEvent(
    'casting_into_heat',
    {
      ...(isByAir(view)
        ? { source: 'gun', sourceC: view.history.wayIn!.housingC, place: null }
        : { source: 'oven', sourceC: dialC, place: oven }),
      castingC: Math.round(castingC),
    },
    { castingId: view.casting.id },
  );
