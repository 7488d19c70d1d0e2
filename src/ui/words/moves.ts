import type { Move, MoveCode } from '@/core/job/nextMove';
import { CHECK_WORDS, TOOL_NEED_WORDS } from './work';
import { slotOf, type Slot, type SlotFamily } from '@/core/record/slots';
import { clockWords } from '@/core/seating/squareness';

/** Where across a bore: `12–6`, `3–9`, `2–8`. */
export const acrossWords = (angleDeg: number) =>
  ({ 0: '12–6', 60: '2–8', 90: '3–9' })[angleDeg] ?? `${angleDeg}°`;

const turnWords = (angleDeg: number) => (angleDeg === 0 ? 'once across' : 'a quarter turn on');

const SLOT_WORDS: Record<SlotFamily, (slot: Slot) => string> = {
  bore: ({ plane, angleDeg }) =>
    `${acrossWords(angleDeg)}, ${plane === 1 ? 'near the mouth' : 'near the shoulder'}`,
  outside: ({ angleDeg }) => `bearing, ${turnWords(angleDeg)}`,
  inside: ({ angleDeg }) => `bearing’s bore, ${turnWords(angleDeg)}`,
  journal: ({ angleDeg }) => `shaft, ${turnWords(angleDeg)}`,
  width: () => 'bearing’s width',
  old_outside: () => 'old part’s outside',
  old_inside: () => 'old part’s bore',
  old_width: () => 'old part’s width',
  depth: ({ angleDeg }) => `at ${clockWords(angleDeg)}`,
  temperature: () => 'casting temperature',
};

/** A slot in words: `12–6, near the mouth`. */
export const slotWords = (slot: Slot): string => SLOT_WORDS[slot.family](slot);

export type MoveWords = { headline: string; reason: string };

type Facts = { move: Move; name: string; thing: string };

/** What each move says: the seat's name and the thing's stand inside of a sentence. */
const MOVE_WORDS: Record<MoveCode, (facts: Facts) => MoveWords> = {
  look_over: ({ move }) => ({
    headline: `Look first: ${CHECK_WORDS[move.check!].name.toLowerCase()}.`,
    reason: CHECK_WORDS[move.check!].how,
  }),
  do_access: ({ thing }) => ({
    headline: `Get at it: ${thing}.`,
    reason: 'One tap each; what was taken off goes back on in reverse.',
  }),
  note_as_found: ({ name }) => ({
    headline: `Write down how the ${name} stands.`,
    reason: 'Depth, marks, lips: before it moves. The new one goes to the same place.',
  }),
  find_hidden: ({ thing }) => ({
    headline: `Find it: ${thing}.`,
    reason: 'It lies under a pressed part and is forgotten easily.',
  }),
  take_out: ({ name }) => ({
    headline: `Take the ${name} out.`,
    reason: 'The kindest way that this seat allows stands first.',
  }),
  note_stack: ({ thing }) => ({
    headline: `Bag the ${thing}, piece by piece.`,
    reason: 'Thickness, notches, which way round: the same pieces go back.',
  }),
  put_stack_back: ({ thing }) => ({
    headline: `Put back the ${thing}, piece by piece.`,
    reason: 'It is complete when each piece is in its place, the right way round.',
  }),
  count_kit: ({ thing }) => ({ headline: `Count the kit: ${thing}.`, reason: 'Before anything is pressed.' }),
  wait_for_part: ({ name }) => ({
    headline: `Waiting for the ${name}.`,
    reason: 'Nothing else of this job can go on meanwhile.',
  }),
  compare_part: ({ name }) => ({
    headline: `Compare the ${name} with both its mates.`,
    reason: 'A kit of another year fits one of them and not the other.',
  }),
  part_is_wrong: ({ name }) => ({
    headline: `Stop: the ${name} part is wrong.`,
    reason: 'It does not fit its mates. Send it back, or say why it is right.',
  }),
  clean_seat: ({ name }) => ({
    headline: `Clean the ${name} seat, then measure it.`,
    reason: 'Also the oilways, threads, and the pocket behind.',
  }),
  check_remedy: ({ name }) => ({
    headline: `Prove the repair of the ${name} seat.`,
    reason: 'Measured again, it either holds or it does not.',
  }),
  first_the_other: ({ name, move }) => ({
    headline: `First the ${(move.seatName ?? '').toLowerCase()}, then the ${name}.`,
    reason: 'Afterwards there is no room for it.',
  }),
  find_tool: ({ name, move }) => ({
    headline: `Find ${TOOL_NEED_WORDS[move.name as keyof typeof TOOL_NEED_WORDS] ?? 'the tool'} for the ${name}.`,
    reason: 'Before the metal is hot: buy, rent, borrow or turn one.',
  }),
  read_bore: ({ name, move }) => ({
    headline: `Read the ${name} bore across ${slotWords(move.slot!)}.`,
    reason: 'Two across at two depths tell round from oval and straight from tapered.',
  }),
  read_outside: ({ name, move }) => ({
    headline: `Read the ${name}: ${slotWords(move.slot!)}.`,
    reason: 'A kit of another year can be a millimetre out; its hole alone does not tell.',
  }),
  repair_seat: ({ name }) => ({
    headline: `Stop at the ${name}: the fit is wrong.`,
    reason: 'Compare part and seat before any force.',
  }),
  choose_way_in: ({ name }) => ({
    headline: `Choose the way in for the ${name}.`,
    reason: 'The mildest way that is sure stands first.',
  }),
  take_seal_out: ({ move }) => ({
    headline: `Take the old seal out at the ${(move.seatName ?? '').toLowerCase()}.`,
    reason: 'It sits in the casting that is about to be heated.',
  }),
  part_into_freezer: ({ name }) => ({
    headline: `Put the ${name} into the freezer.`,
    reason: 'Wrapped; frost is wiped off just before entry.',
  }),
  casting_into_heat: ({ name, move }) =>
    move.heatedBy === 'gun'
      ? {
          headline: `Hot air on the boss for the ${name}.`,
          reason:
            'Round and round, the probe beside it; the rest of the casting stays cool and holds it back.',
        }
      : {
          headline: `Put the casting into the heat for the ${name}.`,
          reason: 'Clean and degreased, on wood when it comes out.',
        },
  take_out_and_drop: ({ name, move }) =>
    move.heatedBy === 'gun'
      ? {
          headline: `Watch the probe; drop the ${name}.`,
          reason: 'Everything within reach before the air is off: a boss cools fast.',
        }
      : {
          headline: `Watch the heat; drop the ${name}.`,
          reason: 'Everything within reach before the door opens.',
        },
  drop_now: ({ name }) => ({ headline: `Drop the ${name} now.`, reason: 'The casting is cooling.' }),
  say_home_or_stuck: ({ name }) => ({
    headline: `Is the ${name} home?`,
    reason: 'Only a change of note, and an even gap, are evidence.',
  }),
  reheat: ({ name }) => ({
    headline: `Back to the heat with the ${name}.`,
    reason: 'It stopped half way: no hammer on hot and cocked.',
  }),
  drive_it_in: ({ name }) => ({
    headline: `Drive the ${name} in, square.`,
    reason: 'Outer race only; read round it before force.',
  }),
  start_square_pass: ({ name }) => ({
    headline: `Read round the ${name}: sunk, or standing out?`,
    reason: 'The two point opposite ways, so say which first.',
  }),
  read_depths: ({ name, move }) => ({
    headline: `Read the ${name} ${slotWords(slotOf('depth', { angleDeg: move.angleDeg ?? 0 }))}.`,
    reason: 'Four readings round the outer race make a plane.',
  }),
  tap_high_side: ({ name, move }) => ({
    headline:
      move.angleDeg === undefined
        ? `Read round the ${name} again.`
        : `Tap the ${name} at ${clockWords(move.angleDeg)}.`,
    reason: 'It stands highest there. Light taps, then read all round again.',
  }),
  read_again: ({ name }) => ({
    headline: `Read round the ${name} again.`,
    reason: 'The readings do not lie in one plane: one of them is wrong.',
  }),
  read_eight: ({ name }) => ({
    headline: `Read the ${name} at eight places.`,
    reason: 'Four scatter as much as the lean that counts; eight would tell.',
  }),
  judge_by_eye: ({ name }) => ({
    headline: `Look round the ${name}: an even gap?`,
    reason: 'This gauge can not see a lean as small as the limit; the eye decides, or a finer gauge.',
  }),
  accept_square: ({ name }) => ({
    headline: `The ${name} is square. Keep it so.`,
    reason: 'One tap puts the proof on record.',
  }),
  all_proven: () => ({ headline: 'Every seat here is proven.', reason: 'Hand over with the record.' }),
};

const inSentence = (words: string) => words.charAt(0).toLowerCase() + words.slice(1);

/** The next move as a sentence in the imperative, and the reason for it. */
export const sayMove = (move: Move, seatName: string): MoveWords =>
  MOVE_WORDS[move.code]({ move, name: inSentence(seatName), thing: inSentence(move.name ?? '') });

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
