import { limitOf, type WarmOutView } from '@/core/job/warmOutView';
import type { HeatPlace } from '@/core/record/events/heat';
import type { SeatView } from '@/core/job/seatView';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import type { HeatSource } from '@/core/record/vocabulary';
import type { useJob } from '@/bench/record/JobProvider';
import { sayLimit } from '@/ui/words/warmOut';
import type { CautionCode } from '@/ui/words/verdicts';
import type { Action, Actions } from '../runAct';

export type WarmInput = {
  view: SeatView;
  run: WarmOutView;
  source: HeatSource;
  dialC: number;
  oven: HeatPlace | null;
  units: Units;
  caution: CautionCode | null;
  addEvent: ReturnType<typeof useJob>['addEvent'];
  goTo: (where: 'next' | 'strip') => void;
};

/** Read once per job, before metal is hot. */
export function warmCaution({ casting, heat }: SeatView, read: readonly string[]): CautionCode | null {
  if (heat.phase !== 'cold') return null;
  if (casting.material === 'az91' && !read.includes('magnesium')) return 'magnesium';
  return read.includes('hot_metal') ? null : 'hot_metal';
}

function heatUp({ view, run, source, dialC, oven, addEvent }: WarmInput, note: string): Action {
  const isAir = source === 'gun';
  return {
    words: isAir ? 'Hot air on the boss' : 'Casting into the heat',
    note,
    does: () =>
      addEvent(
        'casting_into_heat',
        {
          source,
          sourceC: isAir ? Math.round(run.targetC ?? dialC) : dialC,
          castingC: Math.round(run.celsius?.value ?? 20),
          place: isAir ? null : oven,
        },
        { castingId: view.casting.id },
      ),
  };
}

const heatOff = ({ view, addEvent }: WarmInput, note: string): Action => ({
  words: view.heat.phase === 'in_heat' && view.heat.source === 'gun' ? 'The air is off' : 'Out of the heat',
  note,
  does: () => addEvent('casting_out', {}, { castingId: view.casting.id }),
});

/** The part is out, by itself or pulled while it was warm. */
const itIsOut = ({ run, addEvent }: WarmInput, way: 'fall_out_hot' | 'warm_and_pull'): Action => ({
  words: way === 'fall_out_hot' ? 'It fell out' : 'It is pulled',
  note: run.next!.name,
  does: () => addEvent('taken_out', { way, isSpoilt: way === 'warm_and_pull' }, { seatId: run.next!.seatId }),
});

function coldActions(input: WarmInput): Actions {
  const { run, units } = input;
  const [first] = run.limits;
  if (run.reason === 'limit_in_the_way' && first)
    return [
      {
        words: 'Out with that first',
        note: `${sayLimit(first)}, ${asText(showTemperature(limitOf(first), units))}`,
        does: () => input.goTo('strip'),
      },
      { ...heatUp(input, ''), words: 'Warm it all the same', note: 'with an eye on the limit' },
    ];
  return [heatUp(input, 'clean and degreased; gloves, wood, what catches it'), null];
}

/** What can be done now: the one black button, and a small one. */
export function warmActions(input: WarmInput): Actions {
  const { view, run, caution, addEvent, goTo } = input;
  const { heat, seat } = view;
  if (run.call === 'all_out')
    return heat.phase === 'in_heat'
      ? [heatOff(input, 'nothing old is left in it'), null]
      : [
          { words: 'On with the job', note: 'everything that heat frees is out', does: () => goTo('next') },
          null,
        ];
  if (run.reason === 'nothing_by_heat')
    return [
      { words: 'The other ways', note: 'on its strip sheet', does: () => goTo('strip') },
      heat.phase === 'in_heat' ? heatOff(input, 'it does not help here') : null,
    ];
  if (caution)
    return [
      {
        words: 'Understood',
        note: 'once for this job',
        does: () => addEvent('caution_acknowledged', { caution }, { seatId: seat.id }),
      },
      null,
    ];
  if (heat.phase === 'cold') return coldActions(input);
  const fell = itIsOut(input, 'fall_out_hot');
  const pulled = itIsOut(input, 'warm_and_pull');
  if (run.call === 'too_late')
    return [heatUp(input, 'it holds again'), { ...fell, words: 'It is out', note: 'all the same' }];
  if (heat.phase === 'out') return run.call === 'pull' ? [pulled, fell] : [fell, pulled];
  if (run.call === 'falls') return [fell, heatOff(input, 'while it is free')];
  if (run.call === 'pull') return [pulled, fell];
  if (run.call === 'stop') return [heatOff(input, 'before something suffers'), fell];
  return [heatOff(input, run.reason === 'hot_enough_out' ? 'face down over wood' : 'it holds yet'), fell];
}
