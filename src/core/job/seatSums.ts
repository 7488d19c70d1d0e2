import { passesOf, U_PLACING_MM } from './squarePasses';
import { MATERIALS } from '@/core/catalogue/materials';
import { bearingBody, bearingInside } from '@/core/catalogue/bearings/inside';
import { leastClearanceMm } from '@/core/heat/expansion';
import { FREEZER_C } from '@/core/heat/soak';
import { partMetal } from '@/core/record/seatFacts';
import type { FittedSpec } from '@/core/record/seatSpec';
import { deliveredClearances, markedClearance } from './clearanceWanted';
import { innerFitOf } from './journalView';
import type { SeatFit } from './seatFit';
import type { JobView, SeatView } from './seatView';

/** A sum by its address, with what the seat already knows of its inputs, in the sum's own names and units. */
export type SeatSum = { path: string; asks: string; inputs: Readonly<Record<string, SeatInput>> };
type SeatInput = number | string | readonly number[];

type Known = { view: SeatView; spec: FittedSpec; fit: SeatFit; job: Pick<JobView, 'roomC' | 'journals'> };

/** Micrometres and their tenth are enough; a longer tail makes a link that nobody can read out. */
const short = (value: number) => Number(value.toPrecision(8));

function thermal({ view, spec, fit }: Known): SeatSum[] {
  const pair = {
    interface_diameter_mm: spec.part.outsideMm,
    interference_at_20C_mm: fit.interference.forDropMm.value,
    housing_alpha_per_K: MATERIALS[view.casting.material].alphaPerK,
    ring_alpha_per_K: partMetal(spec.part).alphaPerK,
  };
  const wanted = { wanted_clearance_mm: leastClearanceMm(spec.part.outsideMm) };
  const planned = view.history.wayIn;
  return [
    {
      path: 'thermal_fit/housing_temperature',
      asks: 'How hot must the casting be?',
      inputs: { ...pair, ...wanted, ring_temperature_C: planned?.ringC ?? FREEZER_C },
    },
    {
      path: 'drop_chance',
      asks: 'What are the chances that it drops?',
      inputs: {
        ...pair,
        u_interference_mm: fit.interference.forDropMm.u,
        ...(planned && {
          ring_temperature_C: planned.ringC,
          housing_temperature_C: planned.boreC ?? planned.housingC,
        }),
      },
    },
    {
      path: 'thermal_fit/fit_at_temperature',
      asks: 'How tight is it when hot?',
      inputs: {
        ...pair,
        // What holds is smoothed.
        interference_at_20C_mm: fit.benchMm.value,
        housing_temperature_C: spec.running.housingC,
        ring_temperature_C: spec.running.ringC,
      },
    },
  ];
}

function pressing({ view, spec, fit }: Known): SeatSum[] {
  const { part, housing } = spec;
  const [race, casting] = [partMetal(part), MATERIALS[view.casting.material]];
  return [
    {
      path: 'lame',
      asks: 'How hard does it push, and what does it do to the boss?',
      inputs: {
        interference_diametral_mm: Math.max(0, fit.benchMm.value),
        interface_diameter_mm: part.outsideMm,
        ring_bore_diameter_mm: bearingInside(part).outerTrackMm,
        housing_outer_diameter_mm: housing.bossOutsideMm,
        ring_E_MPa: race.youngsModulusMPa,
        ring_nu: race.poisson,
        housing_E_MPa: casting.youngsModulusMPa,
        housing_nu: casting.poisson,
        length_mm: part.widthMm - 2 * part.chamferMm,
      },
    },
    ...(part.type === 'bush'
      ? []
      : [
          {
            path: 'driver',
            asks: 'Which driver, which receiver?',
            inputs: {
              bore_mm: part.boreMm,
              outside_mm: part.outsideMm,
              width_mm: part.widthMm,
              type: part.type,
              depth_to_shoulder_mm: housing.depthToShoulderMm,
            },
          },
        ]),
  ];
}

function cold({ spec, job }: Known): SeatSum[] {
  const { massKg, areaM2 } = bearingBody(spec.part);
  return [
    {
      path: 'soak/within',
      asks: 'How long in the freezer?',
      inputs: { mass_kg: massKg, area_m2: areaM2, start_C: job.roomC, surroundings_C: FREEZER_C },
    },
  ];
}

function running({ view, spec, fit, job }: Known): SeatSum[] {
  const { part } = spec;
  const inner = innerFitOf(view.seat.id, job.journals);
  return deliveredClearances(part)
    ? [
        {
          path: 'running_clearance',
          asks: 'Running clearance',
          inputs: {
            bore_mm: part.boreMm,
            outside_mm: part.outsideMm,
            group: markedClearance(part),
            type: part.type ?? 'deep_groove',
            outer_interference_mm: fit.benchMm.value,
            ...(inner && { inner_interference_mm: inner.value }),
            u_interference_mm: Math.max(fit.benchMm.u, inner?.u ?? 0),
            boss_outer_diameter_mm: spec.housing.bossOutsideMm,
            housing: view.casting.material,
          },
        },
      ]
    : [];
}

function condition({ view, spec, fit }: Known): SeatSum[] {
  const { part, housing } = spec;
  const sums: SeatSum[] = [];
  if (fit.bore?.outOfRoundMm != null)
    sums.push({
      path: 'out_of_round',
      asks: 'Is the bore round enough?',
      inputs: { interface_diameter_mm: part.outsideMm, out_of_round_um: 1000 * fit.bore.outOfRoundMm },
    });
  if (fit.benchMm.value < 0)
    sums.push({
      path: 'bonded_hold',
      asks: 'Will retaining compound hold it?',
      inputs: {
        interface_diameter_mm: part.outsideMm,
        width_mm: part.widthMm - 2 * part.chamferMm,
        gap_mm: -fit.benchMm.value,
      },
    });
  if (part.type === 'bush')
    sums.push({
      path: 'bush_bore',
      asks: 'What bore will the pressed bush have?',
      inputs: {
        interface_diameter_mm: part.outsideMm,
        free_bore_mm: part.boreMm,
        interference_mm: Math.max(0, fit.benchMm.value),
        boss_outside_mm: housing.bossOutsideMm,
        bush: part.material === 'tin_bronze' ? 'tin_bronze' : 'mild_steel',
        housing: view.casting.material,
        wanted_bore_mm: part.boreMm,
      },
    });
  return sums;
}

/** How square it stands, from the last pass round it. */
function square({ view }: Pick<Known, 'view'>): SeatSum[] {
  const pass = passesOf(view).at(-1);
  return pass && pass.readings.length >= 3
    ? [
        {
          path: 'tilt',
          asks: 'Is it square?',
          inputs: {
            angles_deg: pass.readings.map(({ angleDeg }) => angleDeg),
            depths_mm: pass.readings.map(({ depthMm }) => depthMm),
            sigma_reading_mm: Math.hypot(0.01, U_PLACING_MM),
            reading_circle_diameter_mm: pass.circleMm,
          },
        },
      ]
    : [];
}

/** The sums that a seat can fill in by itself, what it knows of each already in place. */
export function sumsOfSeat(view: SeatView, job: Pick<JobView, 'roomC' | 'journals'>): SeatSum[] {
  const { spec } = view.seat;
  if (spec.kind === 'seal_in_bore' || !view.fit) return square({ view });
  const known: Known = { view, spec, fit: view.fit, job };
  return [
    ...thermal(known),
    ...cold(known),
    ...pressing(known),
    ...running(known),
    ...condition(known),
    ...square(known),
  ];
}

/** Where the sum is opened: its inputs, and the seat that it was opened from and can be kept with. */
export function addressFromSeat({ path, inputs }: SeatSum, from: { jobId: string; seatId: string }): string {
  const say = (value: SeatInput) =>
    typeof value === 'string'
      ? value
      : typeof value === 'number'
        ? String(short(value))
        : value.map(short).join(' ');
  const query = new URLSearchParams({ job: from.jobId, seat: from.seatId });
  for (const [name, value] of Object.entries(inputs)) query.set(name, say(value));
  return `/sums/${path}?${query.toString()}`;
}
