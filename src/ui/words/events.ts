import type { HeatPlace } from '@/core/record/events/heat';
import type { EventBody, EventKind, JobEvent } from '@/core/record/entries';
import { asText, showSize, showTemperature, type Units } from '@/core/quantity/format';
import { readSlot } from '@/core/record/slots';
import { clock } from './clock';
import { PIECE_WORDS } from './pieces';
import { RACE_HEAT_WORDS, SHAFT_OFF_WORDS, SHAFT_ON_WORDS } from './shafts';
import { slotWords } from './slots';
import { STEP_WORDS } from './steps';
import { CASTING_STUFF_WORDS } from './castingStuff';
import { DEPTH_SOURCE_WORDS } from './depths';
import { CONTACT_WORDS } from './floats';
import { BY_SIGN_WORDS, FASTENER_WORDS, SEAT_FINDING_WORDS } from './walk';
import { HOME_HOW_WORDS, RESCUE_WORDS, REST_WORDS } from './hotWork';
import { WAY_WORDS } from './verdicts';
import {
  AGAINST_WORDS,
  CHECK_WORDS,
  CLEANING_WORDS,
  CONVERSION_WORDS,
  DRY_FIT_WORDS,
  ORDER_WORDS,
  OVERRULE_WORDS,
  REMEDY_WORDS,
  REMOVAL_WORDS,
  TOOL_WAY_WORDS,
} from './work';
import { CLOSING_EVENT_WORDS } from './closing';
import { sayHeard } from './heard';
import { HAND_OVER_EVENT_WORDS } from './handOver';
import { SEAL_EVENT_WORDS } from './sealEvents';
import { SKIP_WORDS, WAIT_WORDS } from './setUp';

type Say = { degrees: (celsius: number) => string; length: (mm: number) => string };

/** The oven or freezer by the name on the tool wall, where it was said. */
const placeWords = (place: HeatPlace | null, otherwise: string) => (place ? `“${place.name}”` : otherwise);

/** What each event says of itself. */
const EVENT_WORDS: { [K in EventKind]: (body: EventBody<K>, say: Say) => string } = {
  reading_struck: () => 'A reading struck out',
  reading_moved: (body) => `A reading moved to ${slotWords(readSlot(body.slot))}`,
  usual_fit_accepted: () => 'Not measured: usual fit taken',
  way_in_chosen: (body, { degrees }) =>
    `Way in: ${WAY_WORDS[body.way].name.toLowerCase()}, ${body.heatedBy === 'gun' ? 'boss' : 'casting'} ${degrees(body.housingC)}, bearing ${degrees(body.ringC)} (formulas ${body.formulaVersion})${body.because ? `: ${body.because}` : ''}`,
  caution_acknowledged: (body) => `Caution read: ${body.caution.replaceAll('_', ' ')}`,
  seal_taken_out: () => 'Old seal taken out',
  laid_out: (body) => `Laid out: ${body.item}`,
  part_into_freezer: (body, { degrees }) =>
    `Bearing into ${placeWords(body.place, 'the freezer')} at ${degrees(body.freezerC)}`,
  part_cold_read: ({ celsius }, { degrees }) => `Bearing in the cold at ${degrees(celsius)}`,
  casting_into_heat: (body, { degrees }) =>
    body.source === 'gun'
      ? `Hot air on the boss, to ${degrees(body.sourceC)}`
      : `Casting into ${placeWords(body.place, 'the oven')} at ${degrees(body.sourceC)}`,
  casting_heat_felt: ({ by, celsius, isAtLeast }, { degrees }) =>
    by === 'water_drop'
      ? `A drop of water ${isAtLeast ? 'boils on it' : 'lies still on it'}`
      : `The stick for ${degrees(celsius)} ${isAtLeast ? 'melts' : 'does not melt'} on it`,
  casting_rest_noted: (body) => `It lies on ${REST_WORDS[body.on]} when it is out`,
  casting_stuff_noted: (body, { length }) =>
    body.isThere
      ? `${CASTING_STUFF_WORDS[body.what]} ${body.apartMm > 0 ? `${length(body.apartMm)} from the boss` : 'at the boss'}`
      : `No ${CASTING_STUFF_WORDS[body.what].toLowerCase()} on it`,
  casting_out: () => 'Casting out of the heat',
  let_go: () => 'Let go',
  home: ({ how }) => (how && how !== 'by_itself' ? `Home, ${HOME_HOW_WORDS[how]}` : 'Home'),
  race_into_heat: ({ source, sourceC }, { degrees }) =>
    `Bearing warmed: ${RACE_HEAT_WORDS[source]}, ${degrees(sourceC)}`,
  race_heat_read: ({ celsius }, { degrees }) => `Inner race at ${degrees(celsius)}`,
  race_out_of_heat: () => 'Bearing out of its heat',
  shaft_into_freezer: ({ freezerC }, { degrees }) => `Shaft into the freezer at ${degrees(freezerC)}`,
  race_grabbed: () => 'It grabbed half way along its seat',
  rescue_noted: ({ step }) => RESCUE_WORDS[step],
  stuck: (body, { length }) => (body.depthMm === null ? 'Stuck' : `Stuck at ${length(body.depthMm)}`),
  square_pass_started: (body, { length }) =>
    `Pass ${body.pass} begun, ${body.sense === 'sunk' ? 'sunk' : 'standing out'}, read on a circle of ${length(body.circleMm)}`,
  square_accepted: (body) =>
    body.overruled ? `Pass ${body.pass} kept on the person’s word` : `Pass ${body.pass} proven square`,
  step_skipped: (body) => `${STEP_WORDS[body.step]} left out: ${SKIP_WORDS[body.reason].toLowerCase()}`,
  waiting_noted: (body) => `Waiting for ${WAIT_WORDS[body.reason]}${body.note ? `: ${body.note}` : ''}`,
  waiting_over: () => 'Waiting is over',
  task_done: ({ key, choice }) =>
    choice === 'not_here'
      ? `Not on this job: ${key.replaceAll('_', ' ')}`
      : `Done: ${key.replaceAll('_', ' ')}${choice ? ` (${choice.replaceAll('_', ' ')})` : ''}`,
  task_ticked: ({ item }) => `Ticked: ${item.replaceAll('_', ' ')}`,
  seat_first: ({ isOn }) => (isOn ? 'This seat first' : 'Seats in their order'),
  sum_kept: ({ title, answer, given }) =>
    `${title} ${answer} (${given.map(({ label, shown }) => `${label} ${shown}`).join('; ')})`,
  note_written: ({ about, text }) => `Note, ${about.replaceAll('_', ' ')}: ${text}`,
  fastener_noted: ({ key, state }) => `${key.replaceAll('_', ' ')}: ${FASTENER_WORDS[state]}`,
  looked_over: ({ decision }) =>
    `Looked over: ${{ renew: 'renew what is worn', keep: 'keep it', look_again: 'look again' }[decision]}`,
  retaining_ring_out: () => 'Retaining ring out',
  retaining_ring_in: ({ isAllRound, isClearOfPassage }) =>
    `Retaining ring in its groove${isAllRound === false ? ', not all round' : ', all round'}${isClearOfPassage ? ', clear of the oil passage' : ''}`,
  retaining_ring_refused: () => 'Retaining ring would not enter its groove: not home',
  depth_target_set: ({ from, depthMm }, { length }) =>
    depthMm === undefined
      ? `How deep it goes: ${DEPTH_SOURCE_WORDS[from]}`
      : `It goes to ${length(Math.abs(depthMm))} ${depthMm < 0 ? 'standing out' : 'deep'}`,
  seat_finding: ({ what }) => `Found: ${SEAT_FINDING_WORDS[what].name.toLowerCase()}`,
  stack_bagged: ({ stackKey }) => `Bagged: ${stackKey.replaceAll('_', ' ')}`,
  stack_put_back: ({ stackKey }) => `Put back whole: ${stackKey.replaceAll('_', ' ')}`,
  new_part_felt: ({ isGood }) => (isGood ? 'New part turned: runs true' : 'New part turned: rough'),
  ...SEAL_EVENT_WORDS,
  ...CLOSING_EVENT_WORDS,
  ...HAND_OVER_EVENT_WORDS,
  shims_chosen: ({ floatKey, leftMm, rightMm }, { length }) =>
    `Shims, ${floatKey.replaceAll('_', ' ')}: left ${leftMm.map(length).join(' + ') || 'none'}, right ${rightMm.map(length).join(' + ') || 'none'}`,
  float_accepted: ({ floatKey, by, because }) =>
    `Right ${by === 'figures' ? 'by its figures' : 'by hand'}: ${floatKey.replaceAll('_', ' ')}${because ? ` (${because})` : ''}`,
  contact_noted: ({ floatKey, where }) =>
    `Contact pattern, ${floatKey.replaceAll('_', ' ')}: ${CONTACT_WORDS[where].name}`,
  note_heard: sayHeard,
  squared_by_eye: ({ signs }) => `Square by ${signs.map((sign) => BY_SIGN_WORDS[sign]).join(', ')}`,
  job_put_away: () => 'Job put away',
  seat_removed: () => 'Seat taken off the map',
  machine_noted: (body) =>
    `Machine: ${[body.make, body.model, body.year].filter(Boolean).join(' ') || 'noted'}`,
  look_noted: (body) =>
    `${CHECK_WORDS[body.check].name}: ${body.finding}${body.note ? `, ${body.note}` : ''}`,
  rock_test_noted: (body, { length }) => `Rock test: ${length(body.rimPlayMm)} at the rim`,
  weighed: (body) => `${body.decision === 'renew' ? 'Renew' : 'Keep'}: feels ${body.feel}`,
  price_noted: (body) => `Price noted: ${body.each}`,
  labour_noted: (body) => `Labour: ${body.minutes} min`,
  access_done: (body) => `Off: ${body.key.replaceAll('_', ' ')}`,
  as_found_noted: (body, { length }) =>
    `As found${body.depthMm === undefined ? '' : body.depthMm < 0 ? `: ${length(-body.depthMm)} proud` : `: ${length(body.depthMm)} deep`}${body.marks ? `, marks ${body.marks}` : ''}`,
  hidden_found: (body) => `${body.isThere ? 'Found' : 'Not there'}: ${body.key.replaceAll('_', ' ')}`,
  taken_out: (body) =>
    `Out: ${body.how || REMOVAL_WORDS[body.way].name.toLowerCase()}${body.because ? ` (${AGAINST_WORDS[body.because].toLowerCase()})` : ''}`,
  off_shaft: (body) =>
    `Off its shaft: ${body.how || SHAFT_OFF_WORDS[body.way].name.toLowerCase()}${body.because ? ` (${AGAINST_WORDS[body.because].toLowerCase()})` : ''}`,
  onto_shaft: (body) =>
    `On its shaft: ${body.how || SHAFT_ON_WORDS[body.way].name.toLowerCase()}${body.because ? ` (${AGAINST_WORDS[body.because].toLowerCase()})` : ''}`,
  photograph_withdrawn: () => 'A photograph taken away',
  stack_piece_noted: (body, { length }) =>
    `Piece ${body.position} of ${body.stackKey.replaceAll('_', ' ')}: ${PIECE_WORDS[body.what]}${body.thicknessMm === null ? '' : ` ${length(body.thicknessMm)}`}`,
  stack_piece_put_back: (body) => `Piece ${body.position} of ${body.stackKey.replaceAll('_', ' ')} put back`,
  part_inspected: (body) => `Inspected ${body.key.replaceAll('_', ' ')}: ${body.finding}`,
  kit_counted: (body) => `Counted ${body.count} of ${body.partKey.replaceAll('_', ' ')}`,
  part_origin_noted: (body) =>
    `${body.origin === 'original' ? 'Original' : 'Pattern'} part: ${body.partKey.replaceAll('_', ' ')}`,
  conversion_noted: (body) => `Conversion: ${CONVERSION_WORDS[body.what].name.toLowerCase()}`,
  dry_fit_noted: (body) => `Dry fit: ${DRY_FIT_WORDS[body.result]}`,
  old_number_noted: (body) => `On the old part stands ${body.designation}`,
  compare_overruled: (body) => `Compared: ${OVERRULE_WORDS[body.reason].toLowerCase()}`,
  order_noted: (body) =>
    `${body.partKey.replaceAll('_', ' ')}: ${ORDER_WORDS[body.state]}${body.kitNumber ? ` (${body.kitNumber})` : ''}`,
  cleaned: (body) => `Clean: ${CLEANING_WORDS[body.what]}`,
  remedy_chosen: (body) => `Repair: ${REMEDY_WORDS[body.remedy].name.toLowerCase()}`,
  remedy_checked: (body) => (body.isGood ? 'Repair proven' : 'Repair does not hold'),
  tool_sorted: (body) => `Tool: ${TOOL_WAY_WORDS[body.how].toLowerCase()}`,
  event_withdrawn: () => 'An event taken back',
  event_retimed: (body) => `An event’s time set to ${clock(body.at)}`,
};

/** What happened, in words. */
export function sayEvent(event: JobEvent, units: Units): string {
  const words = EVENT_WORDS[event.kind] as (body: JobEvent['body'], say: Say) => string;
  return words(event.body, {
    degrees: (celsius) => asText(showTemperature(celsius, units)),
    length: (mm) => asText(showSize(mm, units, 2)),
  });
}
