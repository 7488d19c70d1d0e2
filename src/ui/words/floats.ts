import type { FloatView } from '@/core/job/floatView';
import { asText, showFit, type Units } from '@/core/quantity/format';
import { showQuantity } from '@/core/quantity/quantities';
import type { Measured } from '@/core/quantity/measured';
import type { FloatSort } from '@/core/record/floats';
import type { FloatDone } from '@/core/project/floats';
import type { Decision } from '@/core/stack/endFloat';
import type { RunOut } from '@/core/stack/hubSpacer';
import type { RoomState, RoomStateName } from '@/core/stack/room';

/** Words of what is measured between parts. */
export const SORT_WORDS: Record<FloatSort, string> = {
  room: 'a chain of sizes',
  push_pull: 'pushed and pulled under a dial',
  run_out: 'turned under a dial, left and right',
  side_load: 'feelers on both sides',
  backlash: 'rocked under a dial',
  preload: 'pulled at a lever, turning',
};

export const STATE_WORDS: Record<RoomStateName, string> = {
  cold_start: 'cold start',
  bench: 'on the bench',
  warm_up: 'warm-up, shaft hot',
  running: 'running',
};

export const CONTACT_WORDS: Record<NonNullable<FloatDone['contact']>, { name: string; then: string }> = {
  middle: { name: 'in the middle of the tooth', then: 'Right: backlash as it is.' },
  toe: {
    name: 'at the toe',
    then: 'Ring gear away from the pinion: a thicker shim behind the pinion’s side.',
  },
  heel: { name: 'at the heel', then: 'Ring gear toward the pinion.' },
  tip: { name: 'at the tip', then: 'Pinion further in: a thicker shim behind it.' },
  root: { name: 'at the root', then: 'Pinion further out: a thinner shim behind it.' },
};

const BOW_WORDS: Record<RunOut['kind'], string> = {
  same_bow: 'Both are high on one side: the crank is bowed.',
  opposed: 'High on opposite sides: the webs stand out of line.',
  twisted: 'High a part of a turn apart: the webs are twisted.',
};

export const DECISION_WORDS: Record<Decision, string> = {
  pass: 'Inside',
  fail: 'Outside',
  'cannot decide': 'Cannot tell',
};

const isTorque = ({ float }: Pick<FloatView, 'float'>) => float.sort === 'preload';

/** A figure of it in the person’s unit: lengths as fits, a preload as torque. */
export const sayFigure = (view: Pick<FloatView, 'float'>, value: number, units: Units): string =>
  isTorque(view) ? asText(showQuantity(value, 'newton_metre', units)) : asText(showFit(value, units));

export const sayMeasured = (view: Pick<FloatView, 'float'>, { value, u }: Measured, units: Units): string =>
  `${sayFigure(view, value, units)} ± ${
    isTorque(view)
      ? Number(Number(showQuantity(2 * u, 'newton_metre', units).figure).toPrecision(2))
      : showFit(2 * u, units).figure
  }`;

export const sayWanted = (view: Pick<FloatView, 'float' | 'low' | 'high'>, units: Units): string =>
  view.low === 0
    ? `no more than ${sayFigure(view, view.high, units)}`
    : `${sayFigure(view, view.low, units)} to ${sayFigure(view, view.high, units)}`;

/** Which of its states speaks against it, or is the nearest to its limits. */
export const sayState = ({ state }: RoomState) => STATE_WORDS[state];

/** What it comes to, as a headline and what follows from it. */
export function sayFloat(view: FloatView, units: Units): { headline: string; reason: string } {
  const { result, decision } = view;
  const wanted = `Wanted ${sayWanted(view, units)}.`;
  if (decision === null)
    return { headline: 'Not read yet', reason: `${wanted} By ${SORT_WORDS[result.sort]}.` };
  const verdict = DECISION_WORDS[decision];
  switch (result.sort) {
    case 'room': {
      const outside = result.room.states.filter((each) => each.decision === decision);
      const where = outside[0] ?? result.room.tightest;
      return {
        headline:
          decision === 'pass'
            ? `${verdict}, cold and hot`
            : `${verdict}: ${sayState(where)} ${sayMeasured(view, where.roomMm, units)}`,
        reason: `${wanted} Least at ${sayState(result.room.tightest)}: ${sayMeasured(view, result.room.tightest.roomMm, units)}.`,
      };
    }
    case 'push_pull':
    case 'backlash':
      return {
        headline: `${verdict}: ${result.playMm ? sayMeasured(view, result.playMm, units) : ''}`,
        reason: wanted,
      };
    case 'run_out':
      return {
        headline: `${verdict}: ${[result.left, result.right]
          .flatMap((side, i) =>
            side ? [`${i === 0 ? 'left' : 'right'} ${sayMeasured(view, side.tirMm, units)}`] : [],
          )
          .join(', ')}`,
        reason:
          decision === 'pass' || !result.both
            ? wanted
            : `${wanted} ${BOW_WORDS[result.both.kind]} Truing belongs to somebody with the jig.`,
      };
    case 'side_load': {
      const { move } = result;
      if (!move) return { headline: verdict, reason: wanted };
      return {
        headline:
          decision === 'pass'
            ? 'Even on both sides'
            : `Move it ${sayMeasured(view, move.mm, units)} to the ${move.toward}`,
        reason: `Half the difference of the feelers; off the middle ${sayWanted(view, units)}. One light tap with a soft face on the shaft’s end, never on its thread; read again.`,
      };
    }
    case 'preload':
      return {
        headline: `${verdict}: ${result.torqueNm ? sayMeasured(view, result.torqueNm, units) : ''}`,
        reason: `${wanted} Moving pull times lever, the drag of the cables taken off. Turn it through, let it settle, read again.`,
      };
  }
}
