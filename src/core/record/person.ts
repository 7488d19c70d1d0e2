import { z } from 'zod';
import { instrumentIdSchema, personIdSchema } from './ids';
import { SLOT_FAMILIES, type SlotFamily } from './slots';
import { REMEMBERED_MAX, WALKS } from './vocabulary';

/** Ways to read lengths and temperatures. */
export const UNITS = ['metric', 'metric_um', 'imperial'] as const;

const families = Object.keys(SLOT_FAMILIES) as [SlotFamily, ...SlotFamily[]];

/** What a person reads each family of slots with. */
export const usedInstrumentsSchema = z.partialRecord(
  z.enum(families),
  z.array(instrumentIdSchema).max(REMEMBERED_MAX),
);
export type UsedInstruments = z.infer<typeof usedInstrumentsSchema>;

export const personSchema = z.strictObject({
  id: personIdSchema,
  initials: z.string().trim().min(1).max(4),
  name: z.string().trim().min(1).max(80),
  units: z.enum(UNITS),
  walk: z.enum(WALKS).optional(),
  instruments: usedInstrumentsSchema.optional(),
  /** Here no more: stands with what they did, and is not asked for at the bench. */
  isOff: z.boolean().optional(),
});
export type Person = z.infer<typeof personSchema>;

/** As they go along with a job into another shop: what they use here, and whether they are here, is this shop's matter. */
export const personAbroad = ({ isOff: _off, instruments: _used, ...person }: Person): Person => person;
