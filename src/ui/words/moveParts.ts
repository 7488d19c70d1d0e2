import type { ItemAct } from '@/core/walk/item';
import type { Move } from '@/core/walk/move';
import { CHECKS, type OrderReason, type Way } from '@/core/record/vocabulary';
import { asHeadline, inSentence } from './sentence';
import { slotWords } from './slots';
import { sayWhy } from './walk';
import { CHECK_WORDS, REMOVAL_WORDS } from './work';

export type MoveWords = { headline: string; reason: string };

export const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];
/** A name that has a comma in it is parted from the next by more than a comma. */
export const listed = (names: readonly string[]) =>
  names.length < 2
    ? (names[0] ?? '')
    : names.some((name) => name.includes(','))
      ? names.join('; ')
      : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`;

/** Items of a move by what is done to them. */
export const namesOf = ({ items }: Move, ...acts: readonly ItemAct[]) => [
  ...new Set(items.filter(({ act }) => acts.length === 0 || acts.includes(act)).map(({ name }) => name)),
];

/** `left half: main bearing, clutch shaft and output shaft`, or how many they are where the names would not be read. */
export function theSeats(move: Move, ...acts: readonly ItemAct[]): string {
  const names = namesOf(move, ...acts).map(inSentence);
  if (names.length <= 3) return listed(names);
  const where = move.castingName ? ` of the ${inSentence(move.castingName)}` : '';
  return `${NUMBERS[names.length] ?? names.length} seats${where}`;
}

export type Say = (move: Move) => MoveWords;

/** The seat that is at hand, of several. */
export const first = (move: Move): Move => ({ ...move, items: move.items.slice(0, 1) });

/** How each cold way is said while it is done; the ways that drop have their own moves. */
const PUSH_WORDS: Record<Way, { headline: (name: string) => string; reason: string }> = {
  by_hand: { headline: (name) => `In by hand, square: ${name}.`, reason: 'Marks outward; home all round.' },
  drive: {
    headline: (name) => `Drive in by the outer race, until the note changes: ${name}.`,
    reason: 'Marks outward. Start square or stop; heavy force means cocked, wrong part or wrong race.',
  },
  press: {
    headline: (name) => `Press in by the outer race, until it stops: ${name}.`,
    reason: 'Square under the ram, supported close to the bore; stop and look three times on the way.',
  },
  draw_in: {
    headline: (name) => `Draw in, square before force: ${name}.`,
    reason: 'Greased thread, thrust bearing under the nut; even drag, then a definite stop.',
  },
  clamp: {
    headline: (name) => `Squeeze in with the clamp, square: ${name}.`,
    reason: 'Flat plates on both sides; look often.',
  },
  chill_press: {
    headline: (name) => `From the freezer, wipe, then press: ${name}.`,
    reason: 'Frost off, a film of oil; it warms within a minute.',
  },
  warm_tap: {
    headline: (name) => `While it is warm, light blows to depth: ${name}.`,
    reason: 'Wood first, then the near-size driver; creep up to it, measure, and stop.',
  },
  warm_draw: {
    headline: (name) => `While it is warm, draw in, square: ${name}.`,
    reason: 'Greased thread, thrust bearing under the nut; warm it needs little force.',
  },
  chill: { headline: (name) => `Drop the ${name}.`, reason: 'Frost wiped off.' },
  heat: { headline: (name) => `Drop the ${name}.`, reason: 'The casting is cooling.' },
  heat_chill: { headline: (name) => `Drop the ${name}.`, reason: 'The casting is cooling.' },
};

const WHY_FIRST: Record<OrderReason, (first: string) => string> = {
  inner_first: (first) => `The ${first} lies behind it, and is in.`,
  seal_behind: (first) => `The ${first} lies behind it, and is in: it caps the heat.`,
  no_room_later: (first) => `The ${first} first: later there is no room for it.`,
  shaft_between: (first) => `The shaft stands in the ${first} already.`,
  spacer_between: (first) => `The spacer rests on the ${first}.`,
  needs_the_heat: (first) => `The ${first} needed the heat; this one is walked in after it.`,
  guided_by_open_end: (first) => `The ${first} went in while this end was open and guided the rod.`,
};

/** Why a part waits for another one. */
export const sayOrderReason = (reason: OrderReason, first: string): string =>
  ({
    inner_first: `The ${first} lies behind it: afterwards nothing reaches it.`,
    seal_behind: `The ${first} lies behind it, and can’t be fitted any more.`,
    no_room_later: 'Afterwards there is no room for it.',
    shaft_between: `The shaft stands in the ${first} first.`,
    spacer_between: `The spacer rests on the ${first}.`,
    needs_the_heat: `The ${first} needs the heat; the other is walked in after it.`,
    guided_by_open_end: 'The open end guides the rod; this one is drawn in after it.',
  })[reason];

export const orElse = ({ why }: Move, reason: string) =>
  why ? `${WHY_FIRST[why.reason](inSentence(why.seat))} ${reason}` : reason;

export const readWords = (move: Move) =>
  move.slot && move.seatIds.length === 1
    ? `Read the ${theSeats(first(move))}: ${slotWords(move.slot)}.`
    : `Measure: ${theSeats(move)}.`;

export const sayLook: Say = (move) => {
  const checks = move.items.flatMap(({ key }) => CHECKS.filter((check) => check === key));
  return checks.length === 1
    ? {
        headline: `Look first: ${inSentence(CHECK_WORDS[checks[0]!].name)}.`,
        reason: CHECK_WORDS[checks[0]!].how,
      }
    : {
        headline: asHeadline(
          `${listed(checks.map((check) => inSentence(CHECK_WORDS[check].name)))}: decide what is renewed.`,
        ),
        reason: 'Any notch felt means renew; a part that needs a full strip is renewed when in doubt.',
      };
};

export const sayTask: Say = (move) => {
  const name = move.items[0]?.name ?? '';
  return {
    headline: /[.?!]$/.test(name) ? name : `${name}.`,
    reason: sayWhy(move.reason ?? '', move.locks ?? []),
  };
};

/** One way for all, or each with its own. */
function sayRemovals(removals: NonNullable<Move['removals']>): string {
  const [way, ...others] = new Set(removals.map((each) => each.way));
  if (!way) return 'From several spots, little by little; the seat stays unmarked.';
  if (others.length === 0) return `${REMOVAL_WORDS[way].name}. ${REMOVAL_WORDS[way].how}`;
  return [way, ...others]
    .map((each) => {
      const names = removals.filter((removal) => removal.way === each).map(({ name }) => inSentence(name));
      return `${REMOVAL_WORDS[each].name}: ${listed(names)}`;
    })
    .join('. ')
    .concat('.');
}

export const sayOut: Say = (move) => {
  const seals = namesOf(move, 'seal_out');
  return {
    headline: `${seals.length === move.items.length ? 'Seals out' : 'Out'}: ${theSeats(move, 'part_out', 'seal_out')}.`,
    reason: sayRemovals(move.removals ?? []),
  };
};

export const sayNewParts: Say = (move) => {
  const isCounted = move.items.some(({ act }) => act === 'count');
  const isHeard = move.items.some(({ act }) => act === 'feel');
  const tried = 'beside the old ones and on their shafts';
  return {
    headline: `${isCounted ? 'Count the new parts, hold them' : 'Hold the new parts'} ${tried}${isHeard ? '; turn and listen' : ''}.`,
    reason: 'A kit of another year fits one mate and not the other: found now, or at the press.',
  };
};

/** The second bearing of a hub has no stop but the spacer: pushed on, it loads both. */
const NIP_WORDS: Partial<Record<Way, string>> = {
  drive: 'Drive in by the outer race',
  press: 'Press in by the outer race',
  draw_in: 'Draw in by the outer race, square',
  clamp: 'Squeeze in with the clamp, square',
  chill_press: 'From the freezer, wipe, then press',
};

export const sayPush: Say = (move) => {
  const name = theSeats(move);
  const way = move.way ?? 'drive';
  const nip = move.why?.reason === 'spacer_between' ? NIP_WORDS[way] : undefined;
  if (nip)
    return {
      headline: `${nip}, only until the spacer is nipped: ${name}.`,
      reason: orElse(
        move,
        'Marks outward. Then stop: it still slides sideways by finger, and both bearings turn.',
      ),
    };
  const say = PUSH_WORDS[way];
  return { headline: say.headline(name), reason: orElse(move, say.reason) };
};

export const sayHeat: Say = (move) =>
  move.heatedBy === 'gun'
    ? {
        headline: `Hot air on the boss for the ${theSeats(move)}.`,
        reason: 'Round and round, the probe beside it; the rest of the casting stays cool and holds it back.',
      }
    : {
        headline: `${asHeadline(move.castingName ? inSentence(move.castingName) : 'casting')} into the heat for the ${theSeats(move)}.`,
        reason:
          'Clean and degreased, on wood when it comes out. Everything within reach before the door opens.',
      };
