import type { FloatResult } from '@/core/job/floatResult';
import type { FloatView } from '@/core/job/floatView';
import { asText, showFit, type Units } from '@/core/quantity/format';
import { showQuantity } from '@/core/quantity/quantities';
import type { Measured } from '@/core/quantity/measured';
import type { FloatSort } from '@/core/record/floats';
import type { FloatDone } from '@/core/project/floats';
import type { Decision } from '@/core/stack/endFloat';
import type { ORingState } from '@/core/seal/seals';
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
  even_faces: 'feelers or a depth gauge, both sides',
  o_ring: 'its section, a new one’s, and its groove',
  case_pressure: 'pumped up, shut, and read again',
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

const O_RING_WORDS: Record<ORingState['verdict'], string> = {
  good: 'Too near to tell',
  worn: 'Worn: renew it',
  replace: 'It has taken a set: renew it',
  too_tight: 'Too thick for its groove',
  no_squeeze: 'It is not squeezed at all: renew it',
};

export const DECISION_WORDS: Record<Decision, string> = {
  pass: 'Inside',
  fail: 'Outside',
  'cannot decide': 'Cannot tell',
};

/** What it is measured in, where that is no length. */
const UNIT_OF: Partial<Record<FloatSort, { quantity: 'newton_metre' | 'bar'; per: string }>> = {
  preload: { quantity: 'newton_metre', per: '' },
  case_pressure: { quantity: 'bar', per: '\u00a0/ min' },
};

/** A figure of it in the person’s unit: lengths as fits, a preload as torque, a loss as pressure a minute. */
export function sayFigure({ float }: Pick<FloatView, 'float'>, value: number, units: Units): string {
  const unit = UNIT_OF[float.sort];
  return unit
    ? `${asText(showQuantity(value, unit.quantity, units))}${unit.per}`
    : asText(showFit(value, units));
}

export function sayMeasured(view: Pick<FloatView, 'float'>, { value, u }: Measured, units: Units): string {
  const unit = UNIT_OF[view.float.sort];
  const spread = unit
    ? Number(Number(showQuantity(2 * u, unit.quantity, units).figure).toPrecision(2))
    : showFit(2 * u, units).figure;
  return `${sayFigure(view, value, units)} ± ${spread}`;
}

export const sayWanted = (view: Pick<FloatView, 'float' | 'low' | 'high'>, units: Units): string =>
  view.low === 0
    ? `no more than ${sayFigure(view, view.high, units)}`
    : `${sayFigure(view, view.low, units)} to ${sayFigure(view, view.high, units)}`;

/** Which of its states speaks against it, or is the nearest to its limits. */
export const sayState = ({ state }: RoomState) => STATE_WORDS[state];

function sayORing(
  view: FloatView,
  { squeezeMm, newSqueezeMm, state }: Extract<FloatResult, { sort: 'o_ring' }>,
  units: Units,
): { headline: string; reason: string } {
  const set = state.set === null ? '' : `: ${Math.round(100 * state.set)} % has set`;
  return {
    headline: view.decision === 'pass' ? 'It still has its squeeze' : O_RING_WORDS[state.verdict],
    reason: `${sayMeasured(view, squeezeMm, units)} of squeeze left, of ${sayFigure(view, newSqueezeMm, units)} when new${set}. Less than half is no spring any more.`,
  };
}

/** What it comes to, as a headline and what follows from it. */
export function sayFloat(view: FloatView, units: Units): { headline: string; reason: string } {
  const { result, decision } = view;
  const wanted = `Wanted ${sayWanted(view, units)}.`;
  if (decision === null)
    return { headline: 'Not read yet', reason: `${wanted} How: ${SORT_WORDS[result.sort]}.` };
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
        reason: `Half the difference of the feelers; off the middle ${sayWanted(view, units)}. ${
          view.float.stackKey
            ? `Shims of that much from the ${move.toward} to the other side; read again.`
            : 'One light tap with a soft face on the shaft’s end, never on its thread; read again.'
        }`,
      };
    }
    case 'preload':
      return {
        headline: `${verdict}: ${result.torqueNm ? sayMeasured(view, result.torqueNm, units) : ''}`,
        reason: `${wanted} Moving pull times lever, the drag of the cables taken off. Turn it through, let it settle, read again.`,
      };
    case 'even_faces':
      return {
        headline:
          decision === 'pass'
            ? 'Even on both sides'
            : `${verdict}: ${result.proudMm ? `left ${sayMeasured(view, result.proudMm.left, units)}, right ${sayMeasured(view, result.proudMm.right, units)}` : ''}`,
        reason: `${wanted} Both sides alike: a housing that leans wipes its thrust washer on one side.`,
      };
    case 'o_ring':
      return sayORing(view, result, units);
    case 'case_pressure':
      return {
        headline: `${decision === 'pass' ? 'It holds' : decision === 'fail' ? 'It leaks' : verdict}: ${
          result.lossBarMin ? sayMeasured(view, result.lossBarMin, units) : ''
        }`,
        reason: `${wanted} ${
          result.leak ? `A leak of ${Math.max(0, result.leak.leakCm3Min).toFixed(0)} cm³ a minute. ` : ''
        }${decision === 'pass' ? '' : 'Soap on seals, joint and plugs shows where; the rig first.'}`,
      };
  }
}
