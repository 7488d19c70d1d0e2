import type { MoveCode, Move } from '@/core/walk/move';
import { slotOf } from '@/core/record/slots';
import { clockWords } from '@/core/seating/clockWords';
import {
  listed,
  namesOf,
  theSeats,
  first,
  sayLook,
  sayTask,
  sayOut,
  sayNewParts,
  sayPush,
  sayHeat,
  orElse,
  readWords,
  type MoveWords,
  type Say,
} from './moveParts';
import { asHeadline, inSentence } from './sentence';
import { slotWords } from './slots';
import { TOOL_NEED_WORDS } from './work';

/** Rubber, and a ring that must find its groove, wait for a warm casting. */
const whenCool = ({ isWarm }: Move) => (isWarm ? 'When cool. ' : '');

/** What each move says: seats and things stand inside of a sentence. */
const MOVE_WORDS: Record<MoveCode, Say> = {
  look_over: sayLook,
  do_access: (move) => ({
    headline: `Get at it: ${listed(namesOf(move).map(inSentence))}.`,
    reason: 'What was taken off goes back on in reverse.',
  }),
  do_task: sayTask,
  note_stack: (move) => ({
    headline: `Off in order: ${listed(namesOf(move).map(inSentence))}; bagged.`,
    reason: 'Which side, which way, how thick, how many notches: the same pieces go back. A picture of each.',
  }),
  note_as_found: (move) => ({
    headline: move.isOfSeals
      ? `How deep, and which way do the lips look: ${theSeats(move)}?`
      : `How deep do they stand: ${theSeats(move)}?`,
    reason: 'Before it moves: the new one goes to the same place when no manual is at hand.',
  }),
  take_out: sayOut,
  ring_out: (move) => ({
    headline: `Retaining ring out: ${theSeats(move)}.`,
    reason: 'Glasses on; note which side faces out.',
  }),
  find_hidden: (move) => ({
    headline: `Find it: ${listed(namesOf(move).map(inSentence))}.`,
    reason: 'It lies under a pressed part and is forgotten easily.',
  }),
  clean: (move) => ({
    headline: asHeadline(
      [
        ...namesOf(move, 'task').map(inSentence),
        ...(move.items.some(({ act }) => act === 'clean')
          ? [
              move.castingName
                ? `${inSentence(move.castingName)}: bores and shoulders clean`
                : 'bores and shoulders clean',
            ]
          : []),
      ].join('; ') + '.',
    ),
    reason:
      'Rag, solvent, a small brass brush; no power tool in a bore that holds. Also oilways and threads.',
  }),
  count_kit: () => ({ headline: 'Count the kit against the list.', reason: 'Before anything is pressed.' }),
  inspect: (move) => ({
    headline: asHeadline(`${listed(namesOf(move).map(inSentence))}: still good?`),
    reason: 'A note and a picture of what is inspected.',
  }),
  check_new_parts: sayNewParts,
  compare_part: (move) => ({
    headline: `Compare with both mates: ${theSeats(move)}.`,
    reason:
      'With the old part, the bore and the shaft: a kit of another year fits one of them and not the other.',
  }),
  feel_new: () => ({
    headline: 'Turn the new bearings, and listen.',
    reason: 'A rough new one is sent back now, not after closing.',
  }),
  wait_for_part: (move) => ({
    headline: `Waiting for the ${theSeats(move)}.`,
    reason: 'Nothing else of this job can go on meanwhile.',
  }),
  part_is_wrong: (move) => ({
    headline: `Stop: the ${theSeats(move)} part is wrong.`,
    reason: 'It does not fit its mates, or the hand says so. Send it back, or say why it is right.',
  }),
  check_remedy: (move) => ({
    headline: `Prove the repair of the ${theSeats(move)} seat.`,
    reason: 'Measured again, it either holds or it does not.',
  }),
  repair_seat: (move) => ({
    headline: `Stop at the ${theSeats(move)}: the fit is wrong.`,
    reason: 'Compare part and seat before any force.',
  }),
  measure: (move) => ({
    headline: readWords(move),
    reason:
      'Two across at two depths tell round from oval and straight from tapered. Or the usual fit, not measured.',
  }),
  part_into_freezer: (move) => ({
    headline: `Into the freezer: ${theSeats(move)}.`,
    reason: `${move.minutes ? `About ${move.minutes} min. ` : ''}Wrapped; frost is wiped off just before entry.`,
  }),
  choose_way_in: (move) => ({
    headline: `Choose the way in for the ${theSeats(move)}.`,
    reason: 'The least risk to bore and bearing stands first.',
  }),
  find_tool: (move) => ({
    headline: `Find ${TOOL_NEED_WORDS[move.tool as keyof typeof TOOL_NEED_WORDS] ?? 'the tool'} for the ${theSeats(move)}.`,
    reason: 'Before the metal is hot: buy, rent, borrow or turn one.',
  }),
  set_depth: (move) => ({
    headline: `Say how deep they go: ${theSeats(move)}.`,
    reason: 'Nothing stops them: a number, what was found, or the part that goes with it does.',
  }),
  casting_into_heat: sayHeat,
  take_out_and_drop: (move) => ({
    headline:
      move.way === 'warm_tap'
        ? `Out of the heat, then light blows to depth: ${theSeats(first(move))}.`
        : move.way === 'warm_draw'
          ? `Out of the heat, then draw in: ${theSeats(first(move))}.`
          : move.heatedBy === 'gun'
            ? `Watch the probe; drop the ${theSeats(move)}.`
            : `Watch the heat; drop the ${theSeats(move)}.`,
    reason: 'Everything within reach first: a boss cools fast, a door opens once.',
  }),
  drop_now: (move) => ({
    headline: `Drop the ${theSeats(first(move))} now.`,
    reason: orElse(move, 'Square, marks outward; hold it down until it grips.'),
  }),
  say_home_or_stuck: (move) => ({
    headline: `Is the ${theSeats(first(move))} home?`,
    reason: 'Only a change of note, and an even gap, are evidence.',
  }),
  reheat: (move) => ({
    headline: `Back to the heat with the ${theSeats(first(move))}.`,
    reason: 'It stopped half way: no hammer on hot and cocked.',
  }),
  free_it: (move) => ({
    headline: `Warm both until the ${theSeats(first(move))} comes free.`,
    reason: 'It is as hot as its casting now: free, it is straightened by hand, never hammered.',
  }),
  look_at_bore: (move) => ({
    headline: `Look at the bore of the ${theSeats(first(move))}.`,
    reason: 'A ridge that stopped it once stops the next try too.',
  }),
  back_it_out: (move) => ({
    headline: `Back out with the ${theSeats(first(move))}; look at the bore.`,
    reason: 'Cocked, it is not forced: start again square, and draw it in.',
  }),
  push_it_in: sayPush,
  start_square_pass: (move) => ({
    headline: `Read round the ${theSeats(move)}: sunk, or standing out?`,
    reason: 'The two point opposite ways, so say which first.',
  }),
  read_depths: (move) => ({
    headline: `Read the ${theSeats(first(move))} ${slotWords(slotOf('depth', { angleDeg: move.angleDeg ?? 0 }))}.`,
    reason: 'Four readings round the outer race make a plane.',
  }),
  tap_high_side: (move) => ({
    headline:
      move.angleDeg === undefined
        ? `Read round the ${theSeats(first(move))} again.`
        : `Tap the ${theSeats(first(move))} at ${clockWords(move.angleDeg)}.`,
    reason: 'It stands highest there. Light taps, then read all round again.',
  }),
  read_again: (move) => ({
    headline: `Read round the ${theSeats(first(move))} again.`,
    reason: 'The readings do not lie in one plane: one of them is wrong.',
  }),
  read_eight: (move) => ({
    headline: `Read the ${theSeats(first(move))} at eight places.`,
    reason: 'Four scatter as much as the lean that counts; eight would tell.',
  }),
  judge_by_eye: (move) => ({
    headline: `Look round the ${theSeats(first(move))}: an even gap?`,
    reason: 'This gauge can not see a lean as small as the limit; the eye decides, or a finer gauge.',
  }),
  bring_to_depth: (move) => ({
    headline: `The ${theSeats(first(move))} is square, but ${move.isTooDeep ? 'too deep' : 'not deep enough'}.`,
    reason: 'Surely not where the old one stood. Bring it there square, then read round again.',
  }),
  accept_square: (move) => ({
    headline: `The ${theSeats(first(move))} is square. Keep it so.`,
    reason: 'One tap puts the proof on record.',
  }),
  ring_in: (move) => ({
    headline: `Retaining ring into its groove, all round: ${theSeats(move)}.`,
    reason: `${whenCool(move)}One that will not enter all round: the bearing is not home. Clear of an oil passage.`,
  }),
  bring_home: (move) => ({
    headline: `The ${theSeats(first(move))} is not home: its ring will not enter.`,
    reason:
      'Warm it and press on by the outer race, square, until the note changes. The ring is never forced.',
  }),
  seal_in: (move) => ({
    headline: `Seals in, flush and square: ${theSeats(move)}.`,
    reason: orElse(
      move,
      `${whenCool(move)}Spring toward what is held, lips greased; driver bigger than the seal, felt all round.`,
    ),
  }),
  seal_proof: (move) => ({
    headline: `Feel round the rim, turn it through the lip: ${theSeats(move)}.`,
    reason:
      'Cocked, it leaks on one side and wears on the other; a lip folded inward leaks at once: back off, turn, try again.',
  }),
  put_stack_back: (move) => ({
    headline: `Back to the piece: ${listed(namesOf(move).map(inSentence))}.`,
    reason: 'It is complete when each piece is in its place, the right way round.',
  }),
  all_proven: () => ({ headline: 'Every seat here is proven.', reason: 'Hand over with the record.' }),
  handed_over: () => ({ headline: 'Handed over.', reason: 'Opened again, it goes on from here.' }),
};

/** The next move as a sentence in the imperative, and the reason for it. */
export const sayMove = (move: Move): MoveWords => MOVE_WORDS[move.code](move);
