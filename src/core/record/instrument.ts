import { z } from 'zod';
import { INSTRUMENT_SORTS } from './instrumentSorts';
import { daySchema } from '@/core/quantity/moment';
import { slotSchema } from './events/corrections';
import { instrumentIdSchema } from './ids';

/** Usual speeds of a serial line, baud. */
export const BAUDS = [1200, 2400, 4800, 9600, 19200, 38400, 57600, 115200] as const;

/** How a figure comes from an instrument to the bench. */
export const speaksSchema = z.discriminatedUnion('by', [
  /** Read off it and typed. */
  z.strictObject({ by: z.literal('typed') }),
  /** It types like a keyboard, in its own unit. */
  z.strictObject({ by: z.literal('keyboard') }),
  /** A local process sends what it shows to `/api/v1/gauges/…/reading`. */
  z.strictObject({ by: z.literal('process') }),
  /** Lines of text on a serial port, which the gauges' process of this shop reads. */
  z.strictObject({
    by: z.literal('serial'),
    path: z
      .string()
      .trim()
      .regex(/^(?:\/dev\/[\w./-]{1,80}|COM\d{1,3})$/),
    baud: z.union(BAUDS.map((baud) => z.literal(baud))),
    /** One line for one press of its button: it is taken at once. Else it shows all the time, and Enter takes. */
    isSentByPress: z.boolean(),
  }),
]);
export type Speaks = z.infer<typeof speaksSchema>;

export const INSTRUMENT_UNITS = ['mm', 'in', 'C', 'F', 'N', 'lbf', 'bar', 'psi'] as const;
export type InstrumentUnit = (typeof INSTRUMENT_UNITS)[number];

export const instrumentSchema = z.strictObject({
  id: instrumentIdSchema,
  name: z.string().trim().min(1).max(80),
  /** `by_hand`: whatever was at hand, of records made before a shop had instruments of its own. */
  kind: z.enum([...INSTRUMENT_SORTS, 'by_hand']),
  /** mm, or K for a thermometer. */
  resolution: z.number().positive().max(5),
  /** Standard uncertainty with its setting, mm, or K for a thermometer. */
  u: z.number().positive().max(20),
  isSimulated: z.boolean(),
  /** What it spans, mm or °C. Left out: not said. */
  range: z
    .strictObject({ low: z.number().min(-200).max(3000), high: z.number().min(-200).max(3000) })
    .refine(({ low, high }) => low < high, { path: ['high'] })
    .optional(),
  /** The unit of a bare number that comes from it. Left out: mm or °C. */
  unit: z.enum(INSTRUMENT_UNITS).optional(),
  /** Left out: read off it and typed. */
  speaks: speaksSchema.optional(),
  /** Last day on which its calibration holds; null: not watched. */
  calibrationDue: daySchema.nullable().optional(),
  /** Here no more: it stands with what was read with it, and is offered for nothing new. */
  isOff: z.boolean().optional(),
  /** Of the demo: it serves no job of the shop's own unless asked. */
  isDemo: z.boolean().optional(),
});
export type Instrument = z.infer<typeof instrumentSchema>;

/** As it goes along with a job into another shop: whether it is here, and whose, is this shop's matter. */
export const instrumentAbroad = ({ isOff: _off, isDemo: _demo, ...instrument }: Instrument): Instrument =>
  instrument;

/** What an instrument shows, as its process sends it. */
export const gaugeShownSchema = z.strictObject({
  text: z.string().min(1).max(40),
  unit: z.enum(INSTRUMENT_UNITS),
  isSteady: z.boolean(),
  /** Temperature of the metal that it touches, °C; null where it does not know. */
  metalC: z.number().min(-60).max(300).nullable(),
  /** It came by a press of its own button: taken at once. */
  isPressed: z.boolean().default(false),
  /** What it was held against, where its process knows: a screen that has moved on drops the figure. */
  slot: slotSchema.nullable(),
});
export type GaugeShown = z.infer<typeof gaugeShownSchema>;
