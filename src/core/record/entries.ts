import { z } from 'zod';
import { canMean } from '@/core/quantity/typedValue';
import { momentSchema } from '@/core/quantity/moment';
import { HEAT_SOURCES, METAL_C, RESTS } from './vocabulary';
import { workBodies } from './workEvents';

/**
 * What a job's record is made of: readings and events, each made once, in the browser, with its own id, and never changed.
 * A correction is a new entry. Everything that the screens show is derived from these (`src/core/job`).
 */

const id = z.uuid();
const finite = z.number().refine(Number.isFinite);

/**
 * Where a reading belongs: `bore.<plane>.<angle°>`, `outside.<angle°>` and `inside.<angle°>` of the new part, `journal.<angle°>` of its
 * shaft,
 * `width.0`, the same of the old part (`old_outside.0` …), `depth.<pass>.<angle°>`, `temperature.casting`.
 * Planes and passes count from 1; angles are clock angles (12 o’clock = 0).
 */
export const slotSchema = z
  .string()
  .regex(
    /^(bore\.[12]\.(0|60|90)|(outside|inside|journal)\.(0|90)|(width|old_outside|old_inside|old_width)\.0|depth\.\d{1,2}\.\d{1,3}|temperature\.casting)$/,
  );

const common = {
  id,
  seatId: id.nullable(),
  castingId: id.nullable(),
  personId: id,
};

export const readingSchema = z
  .strictObject({
    ...common,
    slot: slotSchema,
    /** As it was typed or sent by the gauge. */
    typed: z.string().min(1).max(40),
    /** mm for sizes (depths as entered, before the sense is applied), °C for temperatures. */
    value: finite.min(-1000).max(2000),
    instrumentId: id,
    /** Temperature of the metal when it was read, °C. */
    metalC: finite.min(METAL_C.min).max(METAL_C.max),
    takenAt: momentSchema,
  })
  .superRefine((reading, context) => {
    const isTemperature = reading.slot.startsWith('temperature.');
    // What was typed is the record; a value that it can't mean was made up on the way.
    if (!canMean(reading.typed, reading.value, isTemperature ? 'temperature' : 'length'))
      context.addIssue({ code: 'custom', path: ['value'], message: 'not_what_was_typed' });
    if ((isTemperature ? reading.castingId : reading.seatId) === null)
      context.addIssue({
        code: 'custom',
        path: [isTemperature ? 'castingId' : 'seatId'],
        message: 'missing',
      });
  });
export type Reading = z.infer<typeof readingSchema>;

const empty = z.strictObject({});

/** Kinds of event, and what each carries. */
export const eventBodies = {
  reading_struck: z.strictObject({ readingId: id, reason: z.string().max(80) }),
  reading_moved: z.strictObject({ readingId: id, slot: slotSchema }),
  usual_fit_accepted: empty,
  way_in_chosen: z.strictObject({
    way: z.enum(['drive', 'chill', 'heat', 'heat_chill']),
    housingC: finite.min(-60).max(300),
    ringC: finite.min(-60).max(200),
    /** Left out: in an oven, the whole casting. */
    heatedBy: z.enum(HEAT_SOURCES).optional(),
    /** As wide as a bore of this temperature that grows freely; left out: `housingC`. */
    boreC: finite.min(-60).max(300).optional(),
    /** Version of the formulas that gave it. */
    formulaVersion: z.string().max(20),
  }),
  caution_acknowledged: z.strictObject({ caution: z.string().max(40) }),
  seal_taken_out: empty,
  laid_out: z.strictObject({ item: z.string().max(40) }),
  part_into_freezer: z.strictObject({ freezerC: finite.min(-90).max(10) }),
  casting_into_heat: z.strictObject({
    /** `gun`: hot air or a torch on the boss alone; `sourceC` is then what the boss is to reach. */ source:
      z.enum(HEAT_SOURCES),
    sourceC: finite.min(20).max(300),
    castingC: finite.min(-30).max(300),
  }),
  /** Said once per heat, before the door opens; unsaid: wood. */
  casting_rest_noted: z.strictObject({ on: z.enum(RESTS) }),
  casting_out: empty,
  let_go: empty,
  home: empty,
  stuck: z.strictObject({ depthMm: finite.min(0).max(200).nullable() }),
  square_pass_started: z.strictObject({
    pass: z.int().min(1).max(99),
    sense: z.enum(['sunk', 'standing_out']),
    circleMm: finite.min(1).max(400),
  }),
  square_accepted: z.strictObject({ pass: z.int().min(1).max(99), overruled: z.boolean() }),
  event_retimed: z.strictObject({ eventId: id, at: momentSchema }),
  /** Undo: the event no longer counts; it stays on record, struck through. */
  event_withdrawn: z.strictObject({ eventId: id }),
  ...workBodies,
} as const;

export type EventKind = keyof typeof eventBodies;
export type EventBody<K extends EventKind> = z.infer<(typeof eventBodies)[K]>;

const eventOf = <K extends EventKind>(kind: K) =>
  z.strictObject({ ...common, kind: z.literal(kind), body: eventBodies[kind], at: momentSchema });
const EVENT_KINDS = Object.keys(eventBodies) as EventKind[];
type EventOf<K extends EventKind> = {
  id: string;
  seatId: string | null;
  castingId: string | null;
  personId: string;
  kind: K;
  body: EventBody<K>;
  at: string;
};

export type JobEvent = { [K in EventKind]: EventOf<K> }[EventKind];
/** One schema per kind, told apart by `kind`. */
export const eventSchema: z.ZodType<JobEvent> = z.discriminatedUnion(
  'kind',
  EVENT_KINDS.map(eventOf) as unknown as [ReturnType<typeof eventOf<'home'>>],
) as unknown as z.ZodType<JobEvent>;

export type Entries = { readings: Reading[]; events: JobEvent[] };
