import { asText, showSize, showTemperature, type Units } from '@/core/quantity/format';
import type { SeatHistory } from '@/core/project/jobState';
import { boreDrafts } from '@/core/walk/boreDrafts';
import { heatUp, isByAir, type ActionInput, type Actions } from './runAct';

/** A part that hangs half way: what frees it, step by step, each by one press; hot it comes free in the heat, cold it is backed out. */

const stuckWords = (depthMm: number | null, units: Units) =>
  depthMm === null ? 'Stuck at?' : `At ${asText(showSize(depthMm, units, 1))}`;

const backedOut = ({ view, addEvent }: ActionInput, note: string): Actions[0] => ({
  words: 'It is out again',
  note,
  does: () => addEvent('rescue_noted', { step: 'backed_out' }, { seatId: view.seat.id }),
});

/** The bore and the part are looked at before the next try. */
function boreActions({ view, takeDrafts }: ActionInput): Actions {
  return [
    {
      words: 'The bore is clean',
      note: 'no ridge under a nail; the part unhurt',
      does: () => takeDrafts(boreDrafts(view, 'bore_clean')),
    },
    {
      words: 'It is scored',
      note: 'dress the ridge, measure again',
      does: () => takeDrafts(boreDrafts(view, 'bore_scored')),
    },
  ];
}

/** Both into the heat together, as hot as frees them. */
function warmBoth(input: ActionInput): Actions[0] {
  const { view, run, units } = input;
  return {
    words: isByAir(view) ? 'Hot air on it again' : 'Casting into the heat',
    note: `with the part in it; free above ${asText(showTemperature(run.freeC!, units))}`,
    does: () => heatUp(input, run.now?.housingC ?? 20),
  };
}

export function rescueActions(
  input: ActionInput,
  { depthMm, outMs }: NonNullable<SeatHistory['stuck']>,
): Actions {
  const { view, run, units, askDepth, addEvent } = input;
  if (outMs !== null) return boreActions(input);
  const depth = { words: stuckWords(depthMm, units), note: 'how deep it stopped', does: askDepth };
  switch (run.reason) {
    case 'it_grabbed':
      return [warmBoth(input), depth];
    case 'free_again':
      return [
        backedOut(input, 'by hand, straight up; else it goes home'),
        {
          words: 'It went home',
          note: 'straightened by hand',
          does: () => addEvent('home', { how: 'with_taps' }, { seatId: view.seat.id }),
        },
      ];
    case 'both_warming':
    case 'probe_the_boss':
      return [backedOut(input, 'it came free sooner'), depth];
    case 'heat_frees_not':
      return [backedOut(input, 'pulled or pressed back, straight'), depth];
    default:
      return [backedOut(input, 'backed out straight, not knocked'), depth];
  }
}
