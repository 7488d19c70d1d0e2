import type { Entries } from '@/core/record/entries';
import type { HeatSource, Rest } from '@/core/record/vocabulary';
import { eventsInOrder, currentReadings } from './currentReadings';

/** What heat a casting is in, from its events. All times in ms since the epoch. */
export type CastingHeat =
  | { phase: 'cold' }
  | {
      phase: 'in_heat';
      sinceMs: number;
      source: HeatSource;
      sourceC: number;
      startC: number;
      /** What it lies on when it comes out. */
      rest: Rest;
      personId: string;
    }
  | {
      phase: 'out';
      sinceMs: number;
      outMs: number;
      heatedForS: number;
      source: HeatSource;
      sourceC: number;
      startC: number;
      /** What it lies on when it comes out. */
      rest: Rest;
      personId: string;
    };

export type ProbeReading = { atMs: number; celsius: number };

/** After this long out of the oven a casting is taken for cool; the clock stops being a hazard. Common practice, no source. */
export const COOL_AFTER_S = 3600;

/** The heat of a casting at `nowMs`. */
export function findCastingHeat(entries: Entries, castingId: string, nowMs: number): CastingHeat {
  let heat: CastingHeat = { phase: 'cold' };
  for (const event of eventsInOrder(entries.events)) {
    if (event.castingId !== castingId) continue;
    const atMs = Date.parse(event.at);
    if (event.kind === 'casting_into_heat')
      heat = {
        phase: 'in_heat',
        sinceMs: atMs,
        source: event.body.source,
        sourceC: event.body.sourceC,
        startC: event.body.castingC,
        rest: 'wood',
        personId: event.personId,
      };
    if (event.kind === 'casting_rest_noted' && heat.phase !== 'cold') heat = { ...heat, rest: event.body.on };
    if (event.kind === 'casting_out' && heat.phase === 'in_heat')
      heat = {
        ...heat,
        phase: 'out',
        outMs: atMs,
        heatedForS: (atMs - heat.sinceMs) / 1000,
        personId: event.personId,
      };
  }
  return heat.phase === 'out' && nowMs - heat.outMs > COOL_AFTER_S * 1000 ? { phase: 'cold' } : heat;
}

/** Probe readings on the casting that still count, oldest first. Every one counts: a later one does not replace an earlier. */
export function probeReadings(entries: Entries, castingId: string, sinceMs: number): ProbeReading[] {
  return currentReadings(entries, { castingId })
    .filter(({ slot, status }) => slot === 'temperature.casting' && status !== 'struck')
    .map(({ takenAt, value }) => ({ atMs: Date.parse(takenAt), celsius: value }))
    .filter(({ atMs }) => atMs >= sinceMs);
}
