import type { ClearanceState } from '@/core/fit/states';
import { asText, showFit, type Units } from '@/core/quantity/format';
import type { Measured } from '@/core/quantity/measured';
import type { FittedSpec } from '@/core/record/seatSpec';

/** The states of a machine that a fit is judged in. */
export const STATE_WORDS: Record<ClearanceState, string> = {
  bench: 'Bench',
  cold_start: 'Cold start',
  warm_up: 'Warming up',
  running: 'Running',
  hottest: 'Hottest',
};

export const LOAD_WORDS: Record<FittedSpec['load'], string> = {
  standing: 'stands still',
  rotating: 'goes round',
};

/** One fit has three figures; wherever one of them is shown, this says which. */
export const FIT_FIGURE_WORDS = {
  mean: 'by the means',
  hold: 'smoothed, for holding',
  drop: 'for the drop',
} as const;

/** A fit with its sign as a word. */
export const sayTight = (mm: number, units: Units) =>
  `${asText(showFit(Math.abs(mm), units))} ${mm >= 0 ? 'tight' : 'clear'}`;

/** A fit with what it is known to (2u), its sign as a word. */
export const sayFit = ({ value, u }: Measured, units: Units) =>
  `${asText(showFit(Math.abs(value), units))} ± ${showFit(2 * u, units).figure} ${value >= 0 ? 'tight' : 'clear'}`;
