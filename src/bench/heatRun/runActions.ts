import { FREEZER_C } from '@/core/heat/soak';
import { isChilled, isHeated } from '@/core/heat/waySorts';
import { isColdPush, isPushed } from '@/core/job/pushNow';
import type { SeatView } from '@/core/job/seatView';
import { asHeadline } from '@/ui/words/sentence';
import type { HomeHow, Way } from '@/core/record/vocabulary';
import type { CautionCode } from '@/ui/words/verdicts';
import { sayNeed } from '@/ui/words/hotWork';
import { heatUp, isByAir, type Action, type ActionInput, type Actions } from './runAct';

/** Cautions are read once per job, where the step can hurt. */
export function findDueCaution(
  { casting, heat, history }: SeatView,
  read: readonly string[],
): CautionCode | null {
  if (history.homeMs !== null || history.letGoMs !== null) return null;
  const way = history.wayIn?.way;
  if (!way) return null;
  if (isColdPush({ history })) return read.includes('press') ? null : 'press';
  if (heat.phase !== 'cold' || way === 'chill') return null;
  if (casting.material === 'az91' && !read.includes('magnesium')) return 'magnesium';
  return read.includes('hot_metal') ? null : 'hot_metal';
}

const letGo = ({ view, addEvent }: ActionInput): Action => ({
  words: 'Let go',
  note: 'space bar or pedal, as it falls',
  does: () => addEvent('let_go', {}, { seatId: view.seat.id }),
});

const outcomeActions = ({ view, addEvent }: ActionInput): Actions => [
  {
    words: 'It is home',
    note: 'the note changed, even gap all round',
    does: () => addEvent('home', { how: 'by_itself' }, { seatId: view.seat.id }),
  },
  {
    words: 'It grabbed',
    note: 'key G',
    isOnG: true,
    does: () => addEvent('stuck', { depthMm: null }, { seatId: view.seat.id }),
  },
];

function coldActions(input: ActionInput): Actions {
  const { view, ovenC, goTo } = input;
  const [left] = view.leftIn;
  return [
    {
      words: isByAir(view) ? 'Hot air on the boss' : 'Casting into the heat',
      note: left ? `the old seal at ${left.seatName} is still in` : 'clean and degreased',
      isBlocked: left !== undefined && ovenC > 100,
      does: () => heatUp(input, 20),
    },
    left ? { words: 'Seal out first', note: 'on the way-in screen', does: () => goTo('way-in') } : null,
  ];
}

function outOfHeatAction({ view: { heat, casting }, run, addEvent }: ActionInput): Action {
  const isAir = heat.phase === 'in_heat' && heat.source === 'gun';
  return {
    words: isAir ? 'The air is off' : 'It is out',
    note:
      run.reason === 'hot_enough_take_it_out'
        ? 'the clock starts at the door'
        : run.reason === 'hot_enough_air_off'
          ? 'the web draws its heat: be quick'
          : 'not hot enough yet: the clock starts all the same',
    does: () => addEvent('casting_out', {}, { castingId: casting.id }),
  };
}

/** One thing after the other, each by its own press: so that a pedal does it too. */
function layOutActions(input: ActionInput): Actions {
  const { missing, addEvent } = input;
  const [need, ...others] = missing;
  return [
    {
      words: asHeadline(sayNeed(need!)),
      note: others.length > 0 ? `within reach; then ${others.length} more` : 'within reach: the last',
      does: () => addEvent('laid_out', { item: need!.item }, { seatId: need!.seatId }),
    },
    null,
  ];
}

function tooLateActions(input: ActionInput): Actions {
  const { view, run } = input;
  const dialC = view.heat.phase === 'cold' ? undefined : view.heat.sourceC;
  return [
    {
      words: 'Back to the heat',
      note: isPushed(view) ? 'with the part out of the bore' : 'do not try your luck',
      does: () => heatUp(input, run.now?.housingC ?? 20, dialC),
    },
    isPushed(view)
      ? { words: 'It is home', note: 'it went in all the same', does: pushedHome(input).does }
      : { words: 'Let go all the same', note: 'it may grab', does: letGo(input).does },
  ];
}

/** How a warm part that does not fall comes home. */
const HOME_BY: Partial<Record<Way, { how: HomeHow }>> = {
  warm_tap: { how: 'with_taps' },
  warm_draw: { how: 'drawn_in' },
};

const pushedHome = ({ view, isEyeEnough, addEvent }: ActionInput): Action => {
  const seatId = view.seat.id;
  return {
    words: 'It is home',
    note: 'stiff, and the note changed; even gap',
    does: () => {
      addEvent('let_go', {}, { seatId });
      addEvent('home', HOME_BY[view.history.wayIn!.way] ?? {}, { seatId });
      if (isEyeEnough)
        addEvent('squared_by_eye', { signs: ['went_stiff', 'note_changed', 'even_gap'] }, { seatId });
    },
  };
};

/** A push ends in one of two ways, and either is one act. */
function pushActions(input: ActionInput): Actions {
  const { view, addEvent } = input;
  const seatId = view.seat.id;
  return [
    pushedHome(input),
    {
      words: 'It cocked',
      note: 'stop; key G',
      isOnG: true,
      does: () => {
        addEvent('let_go', {}, { seatId });
        addEvent('stuck', { depthMm: null }, { seatId });
      },
    },
  ];
}

const isToBeCold = ({ history: { wayIn, freezer, homeMs } }: SeatView) =>
  wayIn !== null && isChilled(wayIn.way) && !freezer && homeMs === null;

/** Acts once a way is chosen and every caution is read, as long as the part is not let go of. */
function actionsOfWay(input: ActionInput): Actions {
  const { view, run, freezer, addEvent } = input;
  const { heat, history } = view;
  const way = history.wayIn?.way;
  // All that go in at this heat are to be cold by then: each is asked for before the casting is.
  const warm = heat.phase === 'out' ? [view].find(isToBeCold) : input.parts.find(isToBeCold);
  if (warm)
    return [
      {
        words: input.parts.length > 1 ? `${warm.seat.name} into the freezer` : 'Bearing into the freezer',
        note: 'wrapped',
        does: () =>
          addEvent('part_into_freezer', { freezerC: FREEZER_C, place: freezer }, { seatId: warm.seat.id }),
      },
      null,
    ];
  const last: Actions = isPushed(view) ? pushActions(input) : [letGo(input), null];
  if (way && !isHeated(way)) return last;
  if (heat.phase === 'cold') return coldActions(input);
  if (input.missing.length > 0 && run.call !== 'too_late') return layOutActions(input);
  if (heat.phase === 'in_heat' && run.reason === 'probe_the_boss' && input.putProbeOn)
    return [
      { words: 'Put the probe on', note: 'held on the boss', does: input.putProbeOn },
      outOfHeatAction(input),
    ];
  if (heat.phase === 'in_heat') return [outOfHeatAction(input), null];
  return run.call === 'too_late' ? tooLateActions(input) : last;
}

/** What can be done now: one big act, the outcome asked only after the part was let go. */
export function actionsFor(input: ActionInput): Actions {
  const { view, caution, addEvent, goTo } = input;
  const { history } = view;
  if (history.homeMs !== null && (history.accepted || !input.isNextHere))
    return [
      {
        words: 'On with the job',
        note: history.accepted ? 'home, and square' : 'square is read later, when it is cold',
        does: () => goTo('next'),
      },
      null,
    ];
  if (history.homeMs !== null)
    return [
      { words: 'Square it up', note: 'read round it while it is cold', does: () => goTo('square') },
      null,
    ];
  if (!history.wayIn)
    return [
      { words: 'Choose the way in', note: 'nothing is planned for this seat', does: () => goTo('way-in') },
      null,
    ];
  if (history.stuck) return input.rescue?.(input, history.stuck) ?? [null, null];
  if (caution)
    return [
      {
        words: 'Understood',
        note: 'once for this job',
        does: () => addEvent('caution_acknowledged', { caution }, { seatId: view.seat.id }),
      },
      null,
    ];
  return history.letGoMs !== null ? outcomeActions(input) : actionsOfWay(input);
}
