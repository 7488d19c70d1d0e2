import { z } from 'zod';
import { daySchema } from '@/core/quantity/moment';
import { keySchema, stepSchema } from './plan';
import { CHECKS } from './vocabulary';

/**
 * Events of the first half of the work: looking, stripping, bagging, checking parts, cleaning. What is left out of a body was not said;
 * a later event of the same kind adds to the earlier or takes its place field by field (`src/core/job/work`).
 */
const id = z.uuid();
const mm = (min: number, max: number) => z.number().min(min).max(max);
const text = (max: number) => z.string().trim().max(max);
const empty = z.strictObject({});

export const SKIP_REASONS = [
  'not_on_this_machine',
  'done_before',
  'not_worth_it',
  'manual_says_otherwise',
] as const;
export const WAIT_REASONS = ['parts', 'customer', 'tool', 'machinist', 'cooling', 'other'] as const;
export const FINDINGS = ['good', 'doubtful', 'bad'] as const;
export const FEELS = ['perfect', 'fair', 'doubtful', 'notched'] as const;
export const REMOVAL_WAYS = [
  'fall_out_hot',
  'push_from_behind',
  'push_through',
  'slide_hammer',
  'bridge_puller',
  'drift_by_quarters',
  'hook_or_lever',
  'screw_and_slide_hammer',
] as const;
export const PIECES = [
  'shim',
  'washer',
  'thrust_washer',
  'spacer',
  'collar',
  'circlip',
  'gear',
  'other',
] as const;
/** Which side of a piece faces outward, toward the shaft’s end. */
export const SIDES = ['either', 'chamfer_out', 'flat_out', 'mark_out', 'notch_out'] as const;
export const CONVERSIONS = [
  'ball_to_roller',
  'ball_to_taper',
  'plain_to_roller_big_end',
  'pin_with_o_ring_groove',
  'other',
] as const;
export const ORDER_STATES = ['ordered', 'promised', 'arrived', 'wrong', 'sent_back', 'cancelled'] as const;
export const OVERRULE_REASONS = [
  'same_number_as_old',
  'compared_by_eye',
  'mate_not_here',
  'known_from_last_time',
] as const;
export const CLEANINGS = ['bore', 'oilways', 'threads', 'grit', 'pocket'] as const;
export const REMEDIES = [
  'sleeve',
  'retaining_compound',
  'solder_tinning',
  'new_casting',
  'ream_bore',
  'hold_axially',
  'other_part',
] as const;
export const TOOL_WAYS = ['own', 'buy', 'rent', 'borrow', 'make'] as const;

export const workBodies = {
  step_skipped: z.strictObject({ step: stepSchema, reason: z.enum(SKIP_REASONS) }),
  waiting_noted: z.strictObject({ reason: z.enum(WAIT_REASONS), note: text(160) }),
  waiting_over: empty,
  /** Off the bench, with its record; undone by withdrawing this. */
  job_put_away: empty,
  seat_removed: empty,
  machine_noted: z.strictObject({
    make: text(60).optional(),
    model: text(60).optional(),
    year: z.int().min(1900).max(2100).optional(),
    hours: z.number().min(0).max(100_000).optional(),
    mileageKm: z.number().min(0).max(2_000_000).optional(),
    frameNumber: text(40).optional(),
    engineNumber: text(40).optional(),
    repairOrder: text(40).optional(),
    complaint: text(400).optional(),
  }),
  look_noted: z.strictObject({
    check: z.enum(CHECKS),
    finding: z.enum(FINDINGS),
    decision: z.enum(['renew', 'keep', 'look_again']).nullable(),
    note: text(200),
  }),
  /** To-and-fro at the rim, the radius there, and how far the two bearings stand apart. */
  rock_test_noted: z.strictObject({ rimPlayMm: mm(0, 50), rimRadiusMm: mm(10, 600), spanMm: mm(5, 600) }),
  weighed: z.strictObject({ partKey: keySchema, feel: z.enum(FEELS), decision: z.enum(['renew', 'keep']) }),
  price_noted: z.strictObject({ partKey: keySchema, each: z.number().min(0).max(100_000) }),
  labour_noted: z.strictObject({
    minutes: z.number().min(0).max(100_000),
    ratePerHour: z.number().min(0).max(10_000),
  }),
  access_done: z.strictObject({ key: keySchema }),
  as_found_noted: z.strictObject({
    /** From the face down to the part; below zero: standing out. */
    depthMm: mm(-100, 200).optional(),
    marks: z.enum(['out', 'in', 'none']).optional(),
    lips: z.enum(['toward_bearing', 'away', 'none']).optional(),
    retainingRing: z.boolean().optional(),
    threadHand: z.enum(['left', 'right']).optional(),
    spacerLeftMm: mm(0, 300).optional(),
    spacerRightMm: mm(0, 300).optional(),
    note: text(200).optional(),
  }),
  hidden_found: z.strictObject({ key: keySchema, isThere: z.boolean() }),
  taken_out: z.strictObject({ way: z.enum(REMOVAL_WAYS), isSpoilt: z.boolean() }),
  photograph_withdrawn: z.strictObject({ photographId: id }),
  stack_piece_noted: z.strictObject({
    stackKey: keySchema,
    pieceId: id,
    position: z.int().min(1).max(40),
    what: z.enum(PIECES),
    thicknessMm: mm(0.01, 200).nullable(),
    notches: z.int().min(0).max(12),
    side: z.enum(SIDES),
    mark: text(40),
    place: text(60),
  }),
  stack_piece_put_back: z.strictObject({
    stackKey: keySchema,
    pieceId: id,
    thicknessMm: mm(0.01, 200).nullable(),
    side: z.enum(SIDES),
    position: z.int().min(1).max(40),
  }),
  part_inspected: z.strictObject({
    key: keySchema,
    finding: z.enum(FINDINGS),
    valueMm: mm(0, 500).nullable(),
  }),
  kit_counted: z.strictObject({ partKey: keySchema, count: z.int().min(0).max(99) }),
  part_origin_noted: z.strictObject({ partKey: keySchema, origin: z.enum(['original', 'pattern']) }),
  conversion_noted: z.strictObject({ partKey: keySchema, what: z.enum(CONVERSIONS), note: text(160) }),
  dry_fit_noted: z.strictObject({ result: z.enum(['good', 'tight', 'loose', 'will_not_go']) }),
  /** Number read on the old part, with the sizes that the tables have for it. */
  old_number_noted: z.strictObject({
    designation: text(40),
    outsideMm: mm(1, 400).optional(),
    boreMm: mm(1, 400).optional(),
    widthMm: mm(0.5, 200).optional(),
  }),
  compare_overruled: z.strictObject({ reason: z.enum(OVERRULE_REASONS) }),
  order_noted: z.strictObject({
    partKey: keySchema,
    state: z.enum(ORDER_STATES),
    kitNumber: text(40),
    promisedFor: daySchema.nullable(),
  }),
  cleaned: z.strictObject({ what: z.enum(CLEANINGS) }),
  remedy_chosen: z.strictObject({ remedy: z.enum(REMEDIES) }),
  remedy_checked: z.strictObject({ isGood: z.boolean() }),
  tool_sorted: z.strictObject({ need: z.string().max(40), how: z.enum(TOOL_WAYS) }),
} as const;
