import { z } from 'zod';
import { momentSchema } from '@/core/quantity/moment';
import { canMean } from '@/core/quantity/typedValue';
import { closingBodies } from './events/closing';
import { correctionBodies, slotSchema } from './events/corrections';
import { finite } from './events/fields';
import { floatBodies } from './events/float';
import { handOverBodies } from './events/handOver';
import { heatBodies } from './events/heat';
import { lookBodies } from './events/look';
import { partBodies } from './events/parts';
import { seatBodies } from './events/seat';
import { sealBodies } from './events/seal';
import { shaftBodies } from './events/shaft';
import { squareBodies } from './events/square';
import { stackBodies } from './events/stacks';
import { stripBodies } from './events/strip';
import { versionOf, type LiftedKind } from './events/versions';
import { walkBodies } from './events/walk';
import {
  anySeatIdSchema,
  castingIdSchema,
  entryIdSchema,
  instrumentIdSchema,
  personIdSchema,
  type AnySeatId,
  type CastingId,
  type EntryId,
  type PersonId,
} from './ids';
import { familyOf, parseSlot } from './slots';
import { METAL_C } from './vocabulary';

/**
 * What a job's record is made of: readings and events, each made once, in the browser, with its own id, and never changed.
 * A correction is a new entry. Everything that the screens show is derived from these (`src/core/project`).
 */
const common = {
  id: entryIdSchema,
  seatId: anySeatIdSchema.nullable(),
  castingId: castingIdSchema.nullable(),
  personId: personIdSchema,
};

/** A reading as it is stored: its shape alone, for what was taken before there were more rules. */
export const storedReadingSchema = z.strictObject({
  ...common,
  slot: slotSchema,
  /** As it was typed or sent by the gauge. */
  typed: z.string().min(1).max(40),
  /** mm for sizes (depths as entered, before the sense is applied), °C for temperatures. */
  value: finite.min(-1000).max(2000),
  instrumentId: instrumentIdSchema,
  /** Temperature of the metal when it was read, °C. */
  metalC: finite.min(METAL_C.min).max(METAL_C.max),
  /** Temperature of the gauge, °C. Left out: 20 °C, as all was reckoned before it was asked. */
  gaugeC: finite.min(METAL_C.min).max(METAL_C.max).optional(),
  takenAt: momentSchema,
});
export type Reading = z.infer<typeof storedReadingSchema>;

export const readingSchema = storedReadingSchema.superRefine((reading, context) => {
  const slot = parseSlot(reading.slot);
  // Said by its own check already.
  if (!slot) return;
  const { owner, quantity } = familyOf(slot);
  // What was typed is the record; a value that it can't mean was made up on the way.
  if (!canMean(reading.typed, reading.value, quantity))
    context.addIssue({ code: 'custom', path: ['value'], message: 'not_what_was_typed' });
  const field = owner === 'casting' ? 'castingId' : owner === 'seat' ? 'seatId' : null;
  if (field && reading[field] === null)
    context.addIssue({ code: 'custom', path: [field], message: 'missing' });
});

/** Kinds of event, and what each carries: one file per area of the work. */
export const eventBodies = {
  ...walkBodies,
  ...lookBodies,
  ...stripBodies,
  ...stackBodies,
  ...partBodies,
  ...seatBodies,
  ...sealBodies,
  ...floatBodies,
  ...heatBodies,
  ...squareBodies,
  ...shaftBodies,
  ...closingBodies,
  ...handOverBodies,
  ...correctionBodies,
} as const;

export type EventKind = keyof typeof eventBodies;
export type EventBody<K extends EventKind> = z.infer<(typeof eventBodies)[K]>;

const eventOf = <K extends EventKind>(kind: K) =>
  z.strictObject({
    ...common,
    kind: z.literal(kind),
    ...(versionOf(kind) > 1 && { version: z.literal(versionOf(kind)) }),
    body: eventBodies[kind],
    at: momentSchema,
  });
const EVENT_KINDS = Object.keys(eventBodies) as EventKind[];
type EventOf<K extends EventKind> = {
  id: EntryId;
  seatId: AnySeatId | null;
  castingId: CastingId | null;
  personId: PersonId;
  kind: K;
  body: EventBody<K>;
  at: string;
} & (K extends LiftedKind ? { version: number } : { version?: undefined });

export type JobEvent = { [K in EventKind]: EventOf<K> }[EventKind];
/** One schema per kind, told apart by `kind`. */
export const eventSchema: z.ZodType<JobEvent> = z.discriminatedUnion(
  'kind',
  EVENT_KINDS.map(eventOf) as unknown as [ReturnType<typeof eventOf<'home'>>],
) as unknown as z.ZodType<JobEvent>;

export type Entries = { readings: Reading[]; events: JobEvent[] };
