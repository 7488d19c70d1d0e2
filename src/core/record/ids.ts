import { z } from 'zod';

// A page may not make code from text (the content policy), and zod would try: it goes without there.
if ('document' in globalThis) z.config({ jitless: true });

/**
 * Ids, each of its own kind, so that a seat's can't be given where a casting's is meant. They are UUIDs (RFC 9562), made where the thing
 * is made; an entry's is made in the browser that it was entered in.
 */
export const jobIdSchema = z.uuid().brand<'job'>();
export type JobId = z.infer<typeof jobIdSchema>;
export const castingIdSchema = z.uuid().brand<'casting'>();
export type CastingId = z.infer<typeof castingIdSchema>;
/** Of a seat in a casting. */
export const seatIdSchema = z.uuid().brand<'seat'>();
export type SeatId = z.infer<typeof seatIdSchema>;
export const shaftIdSchema = z.uuid().brand<'shaft'>();
export type ShaftId = z.infer<typeof shaftIdSchema>;
/** Of a seat on a shaft. */
export const journalIdSchema = z.uuid().brand<'journal'>();
export type JournalId = z.infer<typeof journalIdSchema>;
/** Of a seat, wherever it is: what an entry can be made at. */
export const anySeatIdSchema = z.union([seatIdSchema, journalIdSchema]);
export type AnySeatId = z.infer<typeof anySeatIdSchema>;
export const personIdSchema = z.uuid().brand<'person'>();
export type PersonId = z.infer<typeof personIdSchema>;
export const instrumentIdSchema = z.uuid().brand<'instrument'>();
export type InstrumentId = z.infer<typeof instrumentIdSchema>;
export const toolIdSchema = z.uuid().brand<'tool'>();
export type ToolId = z.infer<typeof toolIdSchema>;
export const stockIdSchema = z.uuid().brand<'stock'>();
export type StockId = z.infer<typeof stockIdSchema>;
export const photographIdSchema = z.uuid().brand<'photograph'>();
export type PhotographId = z.infer<typeof photographIdSchema>;
export const roundIdSchema = z.uuid().brand<'round'>();
export type RoundId = z.infer<typeof roundIdSchema>;
/** Of one piece of a stack, as it came off. */
export const pieceIdSchema = z.uuid().brand<'piece'>();
export type PieceId = z.infer<typeof pieceIdSchema>;
/** Of a reading or an event. */
export const entryIdSchema = z.uuid().brand<'entry'>();
export type EntryId = z.infer<typeof entryIdSchema>;

/** An id that serves for anything: for what makes ids without knowing of what. */
export type AnyId = JobId &
  CastingId &
  SeatId &
  ShaftId &
  JournalId &
  PersonId &
  InstrumentId &
  ToolId &
  StockId &
  RoundId &
  PhotographId &
  PieceId &
  EntryId;
