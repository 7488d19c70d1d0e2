import type { Move } from '@/core/job/nextMove';
import { CHECK_WORDS, TOOL_NEED_WORDS } from './work';
import { slotNumbers } from '@/core/job/currentReadings';
import { clockWords } from '@/core/seating/squareness';

/** Where across a bore: `12–6`, `3–9`, `2–8`. */
export const acrossWords = (angleDeg: number) =>
  ({ 0: '12–6', 60: '2–8', 90: '3–9' })[angleDeg] ?? `${angleDeg}°`;

/** A slot in words: `12–6, first depth`. */
export function slotWords(slot: string): string {
  const [first = 0, second = 0] = slotNumbers(slot);
  if (slot.startsWith('bore.'))
    return `${acrossWords(second)}, ${first === 1 ? 'near the mouth' : 'near the shoulder'}`;
  if (slot.startsWith('inside.'))
    return `bearing’s bore, ${first === 0 ? 'once across' : 'a quarter turn on'}`;
  if (slot.startsWith('journal.')) return `shaft, ${first === 0 ? 'once across' : 'a quarter turn on'}`;
  if (slot.startsWith('width.')) return 'bearing’s width';
  if (slot.startsWith('old_'))
    return `old part’s ${slot.slice(4).split('.')[0] === 'inside' ? 'bore' : slot.slice(4).split('.')[0]}`;
  if (slot.startsWith('outside.')) return `bearing, ${first === 0 ? 'once across' : 'a quarter turn on'}`;
  if (slot.startsWith('depth.')) return `at ${clockWords(second)}`;
  return 'casting temperature';
}

export type MoveWords = { headline: string; reason: string };

/** The next move as a sentence in the imperative, and the reason for it. */
export function sayMove(move: Move, seatName: string): MoveWords {
  const name = seatName.charAt(0).toLowerCase() + seatName.slice(1);
  const thing = move.name ? move.name.charAt(0).toLowerCase() + move.name.slice(1) : '';
  switch (move.code) {
    case 'look_over':
      return {
        headline: `Look first: ${CHECK_WORDS[move.check!].name.toLowerCase()}.`,
        reason: CHECK_WORDS[move.check!].how,
      };
    case 'do_access':
      return {
        headline: `Get at it: ${thing}.`,
        reason: 'One tap each; what was taken off goes back on in reverse.',
      };
    case 'note_as_found':
      return {
        headline: `Write down how the ${name} stands.`,
        reason: 'Depth, marks, lips: before it moves. The new one goes to the same place.',
      };
    case 'find_hidden':
      return {
        headline: `Find it: ${thing}.`,
        reason: 'It lies under a pressed part and is forgotten easily.',
      };
    case 'take_out':
      return {
        headline: `Take the ${name} out.`,
        reason: 'The kindest way that this seat allows stands first.',
      };
    case 'note_stack':
      return {
        headline: `Bag the ${thing}, piece by piece.`,
        reason: 'Thickness, notches, which way round: the same pieces go back.',
      };
    case 'put_stack_back':
      return {
        headline: `Put back the ${thing}, piece by piece.`,
        reason: 'It is complete when each piece is in its place, the right way round.',
      };
    case 'count_kit':
      return { headline: `Count the kit: ${thing}.`, reason: 'Before anything is pressed.' };
    case 'wait_for_part':
      return {
        headline: `Waiting for the ${name}.`,
        reason: 'Nothing else of this job can go on meanwhile.',
      };
    case 'compare_part':
      return {
        headline: `Compare the ${name} with both its mates.`,
        reason: 'A kit of another year fits one of them and not the other.',
      };
    case 'part_is_wrong':
      return {
        headline: `Stop: the ${name} part is wrong.`,
        reason: 'It does not fit its mates. Send it back, or say why it is right.',
      };
    case 'clean_seat':
      return {
        headline: `Clean the ${name} seat, then measure it.`,
        reason: 'Also the oilways, threads, and the pocket behind.',
      };
    case 'check_remedy':
      return {
        headline: `Prove the repair of the ${name} seat.`,
        reason: 'Measured again, it either holds or it does not.',
      };
    case 'first_the_other':
      return {
        headline: `First the ${(move.seatName ?? '').toLowerCase()}, then the ${name}.`,
        reason: 'Afterwards there is no room for it.',
      };
    case 'find_tool':
      return {
        headline: `Find ${TOOL_NEED_WORDS[move.name as keyof typeof TOOL_NEED_WORDS] ?? 'the tool'} for the ${name}.`,
        reason: 'Before the metal is hot: buy, rent, borrow or turn one.',
      };
    case 'read_bore':
      return {
        headline: `Read the ${name} bore across ${slotWords(move.slot!)}.`,
        reason: 'Two across at two depths tell round from oval and straight from tapered.',
      };
    case 'read_outside':
      return {
        headline: `Read the ${name}: ${slotWords(move.slot!)}.`,
        reason: 'A kit of another year can be a millimetre out; its hole alone does not tell.',
      };
    case 'repair_seat':
      return {
        headline: `Stop at the ${name}: the fit is wrong.`,
        reason: 'Compare part and seat before any force.',
      };
    case 'choose_way_in':
      return {
        headline: `Choose the way in for the ${name}.`,
        reason: 'The mildest way that is sure stands first.',
      };
    case 'take_seal_out':
      return {
        headline: `Take the old seal out at the ${(move.seatName ?? '').toLowerCase()}.`,
        reason: 'It sits in the casting that is about to be heated.',
      };
    case 'part_into_freezer':
      return {
        headline: `Put the ${name} into the freezer.`,
        reason: 'Wrapped; frost is wiped off just before entry.',
      };
    case 'casting_into_heat':
      return move.heatedBy === 'gun'
        ? {
            headline: `Hot air on the boss for the ${name}.`,
            reason:
              'Round and round, the probe beside it; the rest of the casting stays cool and holds it back.',
          }
        : {
            headline: `Put the casting into the heat for the ${name}.`,
            reason: 'Clean and degreased, on wood when it comes out.',
          };
    case 'take_out_and_drop':
      return move.heatedBy === 'gun'
        ? {
            headline: `Watch the probe; drop the ${name}.`,
            reason: 'Everything within reach before the air is off: a boss cools fast.',
          }
        : {
            headline: `Watch the heat; drop the ${name}.`,
            reason: 'Everything within reach before the door opens.',
          };
    case 'drop_now':
      return { headline: `Drop the ${name} now.`, reason: 'The casting is cooling.' };
    case 'say_home_or_stuck':
      return {
        headline: `Is the ${name} home?`,
        reason: 'Only a change of note, and an even gap, are evidence.',
      };
    case 'reheat':
      return {
        headline: `Back to the heat with the ${name}.`,
        reason: 'It stopped half way: no hammer on hot and cocked.',
      };
    case 'drive_it_in':
      return {
        headline: `Drive the ${name} in, square.`,
        reason: 'Outer race only; read round it before force.',
      };
    case 'start_square_pass':
      return {
        headline: `Read round the ${name}: sunk, or standing out?`,
        reason: 'The two point opposite ways, so say which first.',
      };
    case 'read_depths':
      return {
        headline: `Read the ${name} ${slotWords(`depth.1.${move.angleDeg}`)}.`,
        reason: 'Four readings round the outer race make a plane.',
      };
    case 'tap_high_side':
      return {
        headline:
          move.angleDeg === undefined
            ? `Read round the ${name} again.`
            : `Tap the ${name} at ${clockWords(move.angleDeg)}.`,
        reason: 'It stands highest there. Light taps, then read all round again.',
      };
    case 'read_again':
      return {
        headline: `Read round the ${name} again.`,
        reason: 'The readings do not lie in one plane: one of them is wrong.',
      };
    case 'accept_square':
      return { headline: `The ${name} is square. Keep it so.`, reason: 'One tap puts the proof on record.' };
    case 'all_proven':
      return { headline: 'Every seat here is proven.', reason: 'Hand over with the record.' };
  }
}

export const STEP_WORDS = {
  look: 'Look',
  strip: 'Strip',
  stacks: 'Stacks',
  parts: 'Parts',
  measure: 'Measure',
  way_in: 'Way in',
  heat_run: 'Heat run',
  square: 'Square-up',
  record: 'Record',
} as const;
export const STEP_PATHS = {
  look: 'look',
  strip: 'strip',
  stacks: 'stacks',
  parts: 'parts',
  measure: 'measure',
  way_in: 'way-in',
  heat_run: 'run',
  square: 'square',
  record: 'record',
} as const;
