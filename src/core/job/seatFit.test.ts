import { asId } from '../../../tests/support/ids';
import { describe, expect, it } from 'vitest';
import { idOf } from '../../../database/demo/demo';
import { demo, NOW } from '../../../tests/support/records';
import type { CurrentReading } from '@/core/project/readings';
import type { FittedSpec } from '@/core/record/seatSpec';
import { readSlot } from '@/core/record/slots';
import { findSeatFit } from './seatFit';

const record = demo('Merrow twin');
const casting = record.castings[0]!;
const seat = casting.seats.find(({ name }) => name === 'Camshaft')!;
const { outsideMm } = seat.spec.part;
const reading = (slot: string, value: number): CurrentReading => ({
  id: asId(slot),
  seatId: seat.id,
  castingId: null,
  personId: idOf('person iq'),
  instrumentId: idOf('by hand'),
  slot,
  typed: String(value),
  value,
  metalC: 20,
  takenAt: new Date(NOW).toISOString(),
  place: readSlot(slot),
  status: 'counts',
});
const fit = (u: number) =>
  findSeatFit({
    seat,
    casting,
    readings: [
      ...['bore.1.0', 'bore.1.90'].map((slot) => reading(slot, outsideMm - 0.03)),
      reading('outside.0', outsideMm),
    ],
    instruments: [{ ...record.instruments.find(({ id }) => id === idOf('by hand'))!, u }],
  })!;

describe('doubts of a measured fit', () => {
  it('the metal’s temperature is known to 1 K (common practice, no source): 47 mm of AlSi9Cu3 is doubtful by 1.0 µm for it', () => {
    expect(casting.material).toBe('alsi9cu3');
    // A gauge without a doubt of its own, readings without scatter: what is left is α·D·1 K.
    expect(fit(1e-9).bore!.meanMm.u).toBeCloseTo(outsideMm * 21.8e-6, 8);
  });

  it('running temperatures are known to 8 K (common practice, no source)', () => {
    const { ringC, housingC } = (seat.spec as FittedSpec).running;
    const { runningMm, benchMm } = fit(1e-9);
    const fromTemperatures = Math.hypot(outsideMm * 12e-6 * 8, outsideMm * 21.8e-6 * 8);
    // The expansions' own doubts: 0.5e-6 for bearing steel, 4 % for a casting.
    const fromExpansion = Math.hypot(
      outsideMm * (ringC - 20) * 0.5e-6,
      outsideMm * (housingC - 20) * 0.04 * 21.8e-6,
    );
    expect(runningMm.u).toBeCloseTo(Math.hypot(benchMm.u, fromTemperatures, fromExpansion), 3);
    expect(runningMm.u).toBeGreaterThan(fromTemperatures);
  });
});
