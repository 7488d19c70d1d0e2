import { bearingBody } from '@/core/catalogue/bearings/inside';
import { MATERIALS } from '@/core/catalogue/materials';
import { CONVECTION, timeUntil, timeUntilWithin } from '@/core/heat/soak';
import { findCastingHeat } from '@/core/job/castingHeat';
import { raceMetal } from '@/core/job/seatFit';
import { replaySeat } from '@/core/job/seatHistory';
import type { Casting, JobRecord, Seat } from '@/core/record/job';

/** One thing that is hot or cold now, with its clock and its owner. Times in ms since the epoch. */
export type HeatItem = {
  key: string;
  /** `under_air`: hot air is on its boss; only a probe tells how hot it is. */
  kind: 'in_heat' | 'under_air' | 'out_hot' | 'cold';
  jobId: string;
  seatId: string | null;
  machine: string;
  name: string;
  celsius: number;
  sinceMs: number;
  /** When it is as hot or as cold as planned; null: it never will be in there, or it is out and cooling. */
  readyMs: number | null;
  personId: string;
};

/** A bearing counts as cold when it is this near to the freezer's temperature. Common practice, no source. */
const COLD_WITHIN_K = 2;

function castingItem(record: JobRecord, casting: Casting, nowMs: number): HeatItem[] {
  const heat = findCastingHeat(record.entries, casting.id, nowMs);
  if (heat.phase === 'cold') return [];
  const wanted = casting.seats
    .flatMap((seat) => {
      const { wayIn, homeMs } = replaySeat(record.entries, seat.id, casting.id);
      return wayIn && homeMs === null ? [{ seatId: seat.id, housingC: wayIn.housingC }] : [];
    })
    .sort((a, b) => b.housingC - a.housingC)[0];
  const neededS =
    heat.source === 'gun'
      ? null
      : timeUntil(
          {
            massKg: casting.massKg,
            areaM2: casting.areaM2,
            specificHeatJKgK: MATERIALS[casting.material].specificHeatJKgK,
            hWM2K: CONVECTION.oven,
            startC: heat.startC,
            surroundingsC: heat.sourceC,
          },
          wanted?.housingC ?? heat.sourceC - COLD_WITHIN_K,
        );
  const isOut = heat.phase === 'out';
  return [
    {
      key: casting.id,
      kind: isOut ? 'out_hot' : heat.source === 'gun' ? 'under_air' : 'in_heat',
      jobId: record.id,
      seatId: wanted?.seatId ?? null,
      machine: record.machine,
      name: casting.name,
      celsius: heat.sourceC,
      sinceMs: isOut ? heat.outMs : heat.sinceMs,
      personId: heat.personId,
      readyMs: isOut || neededS === null ? null : heat.sinceMs + neededS * 1000,
    },
  ];
}

function seatItem(record: JobRecord, casting: Casting, seat: Seat): HeatItem[] {
  const { freezer, homeMs } = replaySeat(record.entries, seat.id, casting.id);
  if (!freezer || homeMs !== null) return [];
  const neededS = timeUntilWithin(
    {
      ...bearingBody(seat.spec.part),
      specificHeatJKgK: raceMetal(seat).specificHeatJKgK,
      hWM2K: CONVECTION.freezer,
      startC: record.roomC,
      surroundingsC: freezer.freezerC,
    },
    COLD_WITHIN_K,
  );
  return [
    {
      key: seat.id,
      kind: 'cold',
      jobId: record.id,
      seatId: seat.id,
      machine: record.machine,
      name: seat.name,
      celsius: freezer.freezerC,
      sinceMs: freezer.sinceMs,
      readyMs: freezer.sinceMs + neededS * 1000,
      personId: freezer.personId,
    },
  ];
}

const ORDER: Record<HeatItem['kind'], number> = { out_hot: 0, under_air: 1, in_heat: 2, cold: 3 };

/** Hot things first, and what has been so longest. */
export const inHeatOrder = (items: readonly HeatItem[]): HeatItem[] =>
  [...items].sort((a, b) => ORDER[a.kind] - ORDER[b.kind] || a.sinceMs - b.sinceMs);

/** Everything hot or cold over the given jobs, in that order. */
export const findHeatItems = (records: readonly JobRecord[], nowMs: number): HeatItem[] =>
  inHeatOrder(
    records.flatMap((record) =>
      record.castings.flatMap((casting) => [
        ...castingItem(record, casting, nowMs),
        ...casting.seats.flatMap((seat) => seatItem(record, casting, seat)),
      ]),
    ),
  );
