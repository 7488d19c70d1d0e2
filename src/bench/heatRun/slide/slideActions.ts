import { FREEZER_C } from '@/core/heat/soak';
import type { JournalView } from '@/core/job/journalView';
import type { ShaftRunView } from '@/core/job/shaftRun';
import type { RaceHeat, ShaftOnWay } from '@/core/record/vocabulary';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import type { useJob } from '@/bench/record/JobProvider';
import type { CautionCode } from '@/ui/words/verdicts';
import { RACE_HEAT_WORDS } from '@/ui/words/shafts';
import type { Action, Actions } from '../runAct';

export type SlideInput = {
  view: JournalView;
  run: ShaftRunView;
  source: RaceHeat;
  sourceC: number;
  units: Units;
  caution: CautionCode | null;
  addEvent: ReturnType<typeof useJob>['addEvent'];
  tellHeat: () => void;
  goTo: (where: 'next') => void;
};

/** A bearing at a shaft: warmed, slid over or off, each by one press. */
const at = ({ view }: SlideInput) => ({ seatId: view.seat.id });

const warm = (input: SlideInput, note: string): Action => {
  const { run, source, sourceC, addEvent } = input;
  return {
    words:
      source === 'gun'
        ? 'Hot air on the race'
        : `Onto the ${RACE_HEAT_WORDS[source]}`.replace('Onto the o', 'Into the o'),
    note,
    does: () =>
      addEvent('race_into_heat', { source, sourceC: Math.round(sourceC), does: run.does }, at(input)),
  };
};

const freeze = (input: SlideInput): Action => ({
  words: 'Shaft into the freezer',
  note: 'or the gear; wrapped',
  does: () => input.addEvent('shaft_into_freezer', { freezerC: FREEZER_C }, at(input)),
});

const outOfHeat = (input: SlideInput, note: string): Action => ({
  words: input.source === 'gun' ? 'The air is off' : 'It is out',
  note,
  does: () => input.addEvent('race_out_of_heat', {}, at(input)),
});

const wayOf = ({ history: { raceHeat, shaftCold } }: JournalView): ShaftOnWay =>
  !shaftCold ? 'warm' : raceHeat ? 'warm_and_chill' : 'chill';

const isOn = (input: SlideInput): Action => ({
  words: 'It is on',
  note: 'against its shoulder, held until it grips',
  does: () => input.addEvent('onto_shaft', { way: wayOf(input.view) }, at(input)),
});

const isOff = (input: SlideInput): Action => ({
  words: 'It is off',
  note: 'pulled by its inner race, quickly',
  does: () => input.addEvent('off_shaft', { way: 'warm_off', isSpoilt: false }, at(input)),
});

const grabbed = (input: SlideInput): Action => ({
  words: 'It grabbed',
  note: 'key G',
  isOnG: true,
  does: () => input.addEvent('race_grabbed', {}, at(input)),
});

function coldActions(input: SlideInput): Actions {
  const { run, view, units } = input;
  if (run.does === 'off') return [warm(input, 'on the inner race, not on the shaft'), null];
  const isColdToo = view.history.shaftCold !== null;
  if (run.reason === 'cannot_be_that_hot' && !isColdToo) return [freeze(input), null];
  if (run.reason === 'shaft_not_cold_yet')
    return [
      { words: 'Not cold yet', note: 'it stays in the freezer', isBlocked: true, does: () => undefined },
      warm(input, 'the bearing too, and sooner'),
    ];
  const wanted = run.neededC === null ? '' : `to ${asText(showTemperature(run.neededC, units))}`;
  return [warm(input, wanted), isColdToo ? null : freeze(input)];
}

export function slideActions(input: SlideInput): Actions {
  const { view, run, caution, addEvent, goTo } = input;
  const { raceHeat } = view.history;
  const second = run.does === 'on' ? grabbed(input) : null;
  const done = run.does === 'on' ? isOn(input) : isOff(input);
  if (run.call === 'done')
    return [
      { words: 'On with the job', note: 'turned by hand when it is cold', does: () => goTo('next') },
      null,
    ];
  if (run.reason === 'fit_not_known')
    return [{ words: 'Back to the job', note: 'read shaft and bore first', does: () => goTo('next') }, null];
  if (caution)
    return [
      {
        words: 'Understood',
        note: 'once for this job',
        does: () => addEvent('caution_acknowledged', { caution }, at(input)),
      },
      null,
    ];
  if (run.call === 'grabbed')
    return [
      {
        words: 'Pressed home',
        note: 'by its inner race, while it is warm',
        does: () => addEvent('onto_shaft', { way: 'press' }, at(input)),
      },
      warm(input, 'off again, and warmer'),
    ];
  if (run.call === 'go') return [done, run.does === 'on' ? second : outOfHeat(input, 'not yet')];
  if (!raceHeat) return coldActions(input);
  if (run.call === 'too_late') return [warm(input, 'it has cooled'), { ...done, note: 'all the same' }];
  const tell: Action = {
    words: 'How hot is it?',
    note: 'read on the inner race',
    does: input.tellHeat,
  };
  if (run.reason === 'read_the_race') return [tell, outOfHeat(input, 'left for now')];
  return [
    outOfHeat(input, run.reason === 'hot_enough' ? 'and over the shaft at once' : 'not hot enough yet'),
    tell,
  ];
}
