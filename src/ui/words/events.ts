import type { JobEvent } from '@/core/record/entries';
import { asText, showSize, showTemperature, type Units } from '@/core/quantity/format';
import { slotWords, STEP_WORDS } from './moves';
import { WAY_WORDS } from './verdicts';
import {
  CHECK_WORDS,
  CLEANING_WORDS,
  CONVERSION_WORDS,
  DRY_FIT_WORDS,
  ORDER_WORDS,
  OVERRULE_WORDS,
  REST_WORDS,
  PIECE_WORDS,
  REMEDY_WORDS,
  REMOVAL_WORDS,
  SKIP_WORDS,
  TOOL_WAY_WORDS,
  WAIT_WORDS,
} from './work';

/** A moment as people read it on a sheet, in the browser's own time. */
export const clock = (iso: string) =>
  new Date(iso).toLocaleString('en-GB', {
    day: '2-digit',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    second: '2-digit',
  });

/** What happened, in words. */
export function sayEvent(event: JobEvent, units: Units): string {
  const degrees = (c: number) => asText(showTemperature(c, units));
  const length = (mm: number) => asText(showSize(mm, units, 2));
  switch (event.kind) {
    case 'reading_struck':
      return 'A reading struck out';
    case 'reading_moved':
      return `A reading moved to ${slotWords(event.body.slot)}`;
    case 'usual_fit_accepted':
      return 'Not measured: usual fit taken';
    case 'way_in_chosen':
      return `Way in: ${WAY_WORDS[event.body.way].name.toLowerCase()}, ${event.body.heatedBy === 'gun' ? 'boss' : 'casting'} ${degrees(event.body.housingC)}, bearing ${degrees(event.body.ringC)} (formulas ${event.body.formulaVersion})`;
    case 'caution_acknowledged':
      return `Caution read: ${event.body.caution.replaceAll('_', ' ')}`;
    case 'seal_taken_out':
      return 'Old seal taken out';
    case 'laid_out':
      return `Laid out: ${event.body.item}`;
    case 'part_into_freezer':
      return `Bearing into the freezer at ${degrees(event.body.freezerC)}`;
    case 'casting_into_heat':
      return event.body.source === 'gun'
        ? `Hot air on the boss, to ${degrees(event.body.sourceC)}`
        : `Casting into the oven at ${degrees(event.body.sourceC)}`;
    case 'casting_rest_noted':
      return `It lies on ${REST_WORDS[event.body.on]} when it is out`;
    case 'casting_out':
      return 'Casting out of the heat';
    case 'let_go':
      return 'Let go';
    case 'home':
      return 'Home';
    case 'stuck':
      return event.body.depthMm === null ? 'Stuck' : `Stuck at ${event.body.depthMm.toFixed(1)} mm`;
    case 'square_pass_started':
      return `Pass ${event.body.pass} begun, ${event.body.sense === 'sunk' ? 'sunk' : 'standing out'}, read on a circle of ${event.body.circleMm} mm`;
    case 'square_accepted':
      return event.body.overruled
        ? `Pass ${event.body.pass} kept on the person’s word`
        : `Pass ${event.body.pass} proven square`;
    case 'step_skipped':
      return `${STEP_WORDS[event.body.step]} left out: ${SKIP_WORDS[event.body.reason].toLowerCase()}`;
    case 'waiting_noted':
      return `Waiting for ${WAIT_WORDS[event.body.reason]}${event.body.note ? `: ${event.body.note}` : ''}`;
    case 'waiting_over':
      return 'Waiting is over';
    case 'job_put_away':
      return 'Job put away';
    case 'seat_removed':
      return 'Seat taken off the map';
    case 'machine_noted':
      return `Machine: ${[event.body.make, event.body.model, event.body.year].filter(Boolean).join(' ') || 'noted'}`;
    case 'look_noted':
      return `${CHECK_WORDS[event.body.check].name}: ${event.body.finding}${event.body.note ? `, ${event.body.note}` : ''}`;
    case 'rock_test_noted':
      return `Rock test: ${length(event.body.rimPlayMm)} at the rim`;
    case 'weighed':
      return `${event.body.decision === 'renew' ? 'Renew' : 'Keep'}: feels ${event.body.feel}`;
    case 'price_noted':
      return `Price noted: ${event.body.each}`;
    case 'labour_noted':
      return `Labour: ${event.body.minutes} min`;
    case 'access_done':
      return `Off: ${event.body.key.replaceAll('_', ' ')}`;
    case 'as_found_noted':
      return `As found${event.body.depthMm === undefined ? '' : event.body.depthMm < 0 ? `: ${length(-event.body.depthMm)} proud` : `: ${length(event.body.depthMm)} deep`}${event.body.marks ? `, marks ${event.body.marks}` : ''}`;
    case 'hidden_found':
      return `${event.body.isThere ? 'Found' : 'Not there'}: ${event.body.key.replaceAll('_', ' ')}`;
    case 'taken_out':
      return `Out: ${REMOVAL_WORDS[event.body.way].name.toLowerCase()}`;
    case 'photograph_withdrawn':
      return 'A photograph taken away';
    case 'stack_piece_noted':
      return `Piece ${event.body.position} of ${event.body.stackKey.replaceAll('_', ' ')}: ${PIECE_WORDS[event.body.what]}${event.body.thicknessMm === null ? '' : ` ${length(event.body.thicknessMm)}`}`;
    case 'stack_piece_put_back':
      return `Piece ${event.body.position} of ${event.body.stackKey.replaceAll('_', ' ')} put back`;
    case 'part_inspected':
      return `Inspected ${event.body.key.replaceAll('_', ' ')}: ${event.body.finding}`;
    case 'kit_counted':
      return `Counted ${event.body.count} of ${event.body.partKey.replaceAll('_', ' ')}`;
    case 'part_origin_noted':
      return `${event.body.origin === 'original' ? 'Original' : 'Pattern'} part: ${event.body.partKey.replaceAll('_', ' ')}`;
    case 'conversion_noted':
      return `Conversion: ${CONVERSION_WORDS[event.body.what].name.toLowerCase()}`;
    case 'dry_fit_noted':
      return `Dry fit: ${DRY_FIT_WORDS[event.body.result]}`;
    case 'old_number_noted':
      return `On the old part stands ${event.body.designation}`;
    case 'compare_overruled':
      return `Compared: ${OVERRULE_WORDS[event.body.reason].toLowerCase()}`;
    case 'order_noted':
      return `${event.body.partKey.replaceAll('_', ' ')}: ${ORDER_WORDS[event.body.state]}${event.body.kitNumber ? ` (${event.body.kitNumber})` : ''}`;
    case 'cleaned':
      return `Clean: ${CLEANING_WORDS[event.body.what]}`;
    case 'remedy_chosen':
      return `Repair: ${REMEDY_WORDS[event.body.remedy].name.toLowerCase()}`;
    case 'remedy_checked':
      return event.body.isGood ? 'Repair proven' : 'Repair does not hold';
    case 'tool_sorted':
      return `Tool: ${TOOL_WAY_WORDS[event.body.how].toLowerCase()}`;
    case 'event_withdrawn':
      return 'An event taken back';
    case 'event_retimed':
      return `An event’s time set to ${clock(event.body.at)}`;
  }
}
