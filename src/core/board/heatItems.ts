import type { AnySeatId, JobId, PersonId } from '@/core/record/ids';
import { bearingBody } from '@/core/catalogue/bearings/inside';
import { soakInFreezer, soakInOven, timeUntil, timeUntilWithin } from '@/core/heat/soak';
import { castingBody } from '@/core/job/castingBody';
import { coolsAtMs } from '@/core/job/castingHeat';
import { partMetal } from '@/core/record/seatFacts';
import type { LastHeat } from '@/core/project/heat';
import type { ProjectedJob } from '@/core/project/project';
import type { Casting, Seat } from '@/core/record/job';
import type { Shaft, ShaftSeat } from '@/core/record/shafts';

/** One thing that is hot or cold now, with its clock and its owner. Times in ms since the epoch. */
export type HeatItem = {
  key: string;
  /** `under_air`: hot air is on its boss; only a probe tells how hot it is. */
  kind: 'in_heat' | 'under_air' | 'out_hot' | 'cold';
  jobId: JobId;
  seatId: AnySeatId | null;
  /** Where one goes on with it: new parts in, old ones out, a bearing onto its shaft or off it. */
  at: 'run' | 'out' | 'slide-on' | 'slide-off';
  machine: string;
  name: string;
  celsius: number;
  sinceMs: number;
  /** When it is as hot or as cold as planned; null: it never will be in there, or it is out and cooling. */
  readyMs: number | null;
  /** When it is spoken of no more: cool again, or forgotten. */
  untilMs: number;
  personId: PersonId;
  /** Which oven or freezer it is in; null where it was not said, or it is out. */
  place: string | null;
};

/** What was forgotten in heat or cold for longer than this is left to the log. */
const FORGOTTEN_MS = 30 * 24 * 3600 * 1000;

/** A bearing is cool after so long in air. Common practice, no source. */
const RACE_COOLS_MS = 1800 * 1000;

/** A bearing counts as cold when it is this near to the freezer's temperature. Common practice, no source. */
const COLD_WITHIN_K = 2;

/** Seconds in the oven until the casting is as hot; null under hot air, where only a probe tells. */
const ovenTimeS = (casting: Casting, heat: LastHeat, wantedC: number): number | null =>
  heat.source === 'gun'
    ? null
    : timeUntil(
        soakInOven(castingBody(casting), { startC: heat.startC, surroundingsC: heat.sourceC }),
        wantedC,
      );

function castingItem(job: ProjectedJob, casting: Casting): HeatItem[] {
  const heat = job.state.castings[casting.id]?.heat;
  if (!heat) return [];
  const wanted = casting.seats
    .flatMap((seat) => {
      const { wayIn = null, homeMs = null } = job.state.seats[seat.id]?.history ?? {};
      return wayIn && homeMs === null ? [{ seatId: seat.id, housingC: wayIn.housingC }] : [];
    })
    .sort((a, b) => b.housingC - a.housingC)[0];
  const neededS = ovenTimeS(casting, heat, wanted?.housingC ?? heat.sourceC - COLD_WITHIN_K);
  const old = casting.seats.find((seat) => {
    const { takenOut = null, homeMs = null } = job.state.seats[seat.id]?.history ?? {};
    return seat.spec.kind !== 'seal_in_bore' && takenOut === null && homeMs === null;
  });
  const { outMs } = heat;
  return [
    {
      key: casting.id,
      kind: outMs !== null ? 'out_hot' : heat.source === 'gun' ? 'under_air' : 'in_heat',
      jobId: job.id,
      seatId: wanted?.seatId ?? old?.id ?? null,
      at: !wanted && old !== undefined ? 'out' : 'run',
      machine: job.machine,
      name: casting.name,
      celsius: heat.sourceC,
      sinceMs: outMs ?? heat.sinceMs,
      personId: heat.personId,
      place: outMs === null ? (heat.place?.name ?? null) : null,
      untilMs: Math.min(coolsAtMs(heat), heat.sinceMs + FORGOTTEN_MS),
      readyMs: outMs !== null || neededS === null ? null : heat.sinceMs + neededS * 1000,
    },
  ];
}

function seatItem(job: ProjectedJob, seat: Seat): HeatItem[] {
  const { freezer = null, homeMs = null } = job.state.seats[seat.id]?.history ?? {};
  if (!freezer || homeMs !== null) return [];
  const neededS = timeUntilWithin(
    soakInFreezer(
      {
        ...bearingBody(seat.spec.part),
        specificHeatJKgK: partMetal(seat.spec.part).specificHeatJKgK,
      },
      { startC: job.roomC, surroundingsC: freezer.freezerC },
    ),
    COLD_WITHIN_K,
  );
  return [
    {
      key: seat.id,
      kind: 'cold',
      jobId: job.id,
      seatId: seat.id,
      at: 'run',
      machine: job.machine,
      name: seat.name,
      celsius: freezer.freezerC,
      sinceMs: freezer.sinceMs,
      readyMs: freezer.sinceMs + neededS * 1000,
      personId: freezer.personId,
      place: freezer.place?.name ?? null,
      untilMs: freezer.sinceMs + FORGOTTEN_MS,
    },
  ];
}

/** A bearing that is warmed for its shaft. */
function raceItem(job: ProjectedJob, shaft: Shaft, { id, name }: ShaftSeat): HeatItem[] {
  const heat = job.state.seats[id]?.history.raceHeat;
  if (!heat) return [];
  const { outMs, source, sourceC, sinceMs, does, personId } = heat;
  return [
    {
      key: id,
      kind: outMs !== null ? 'out_hot' : source === 'gun' ? 'under_air' : 'in_heat',
      jobId: job.id,
      seatId: id,
      at: `slide-${does}`,
      machine: job.machine,
      name: name === shaft.name ? name : `${shaft.name}, ${name}`,
      celsius: sourceC,
      sinceMs: outMs ?? sinceMs,
      readyMs: null,
      untilMs: outMs !== null ? outMs + RACE_COOLS_MS : sinceMs + FORGOTTEN_MS,
      personId,
      place: null,
    },
  ];
}

const ORDER: Record<HeatItem['kind'], number> = { out_hot: 0, under_air: 1, in_heat: 2, cold: 3 };

/** Hot things first, and what has been so longest. */
const inHeatOrder = (items: readonly HeatItem[]): HeatItem[] =>
  [...items].sort((a, b) => ORDER[a.kind] - ORDER[b.kind] || a.sinceMs - b.sinceMs);

/** What is still spoken of at `nowMs`, in that order. */
export const stillWarm = (items: readonly HeatItem[], nowMs: number): HeatItem[] =>
  inHeatOrder(items.filter(({ untilMs }) => nowMs <= untilMs));

/** Everything that is hot or cold on a job, with how long it is to be spoken of: holds until the next entry. */
export const findHeatItems = (job: ProjectedJob): HeatItem[] => [
  ...job.castings.flatMap((casting) => [
    ...castingItem(job, casting),
    ...casting.seats.flatMap((seat) => seatItem(job, seat)),
  ]),
  ...job.shafts.flatMap((shaft) => shaft.seats.flatMap((seat) => raceItem(job, shaft, seat))),
];
