import { asId } from '../../tests/support/ids';
import { describe, expect, it } from 'vitest';
import { demo, NOW } from '../../tests/support/records';
import { project } from '@/core/project/project';
import { parseSlot, readSlot } from '@/core/record/slots';
import { journalMm, journalOf } from '@/core/record/journals';
import type { JobRecord } from '@/core/record/job';
import { normal, seededRandom, show } from './instrument';
import { chanceOf } from './chance';
import { trueCastingC } from './trueHeat';
import { trueValue } from './workpiece';

describe('the simulated workpiece', () => {
  const twin = project(demo('Merrow twin'));
  const casting = twin.castings[0]!;
  const seat = casting.seats[1]!;
  const at = (slot: string) =>
    trueValue(twin, { seatId: seat.id, castingId: casting.id, slot: readSlot(slot) }, NOW)!;
  it('has the same true sizes each time, near the nominal, slightly oval', () => {
    expect(at('bore.1.0')).toBe(at('bore.1.0'));
    expect(Math.abs(at('bore.1.0') - 47)).toBeLessThan(0.05);
    expect(at('bore.1.0')).not.toBe(at('bore.1.90'));
    expect(at('outside.0')).toBeLessThanOrEqual(47);
  });
  it('knows part and shaft too, each near its own size, the old part apart from the new one', () => {
    const hub = project(demo('Ostrel 250, rear hub'));
    const { id: castingId, seats } = hub.castings[0]!;
    const { id: seatId, spec } = seats.find(({ id }) => journalOf(hub.shafts, id))!;
    const read = (slot: string) => trueValue(hub, { seatId, castingId, slot: readSlot(slot) }, NOW)!;
    const nominals = { outside: spec.part.outsideMm, inside: spec.part.boreMm, width: spec.part.widthMm };
    for (const [size, nominalMm] of Object.entries(nominals)) {
      expect(Math.abs(read(`${size}.0`) - nominalMm), size).toBeLessThan(0.07);
      expect(Math.abs(read(`old_${size}.0`) - nominalMm), `old ${size}`).toBeLessThan(0.07);
      expect(read(`old_${size}.0`)).not.toBe(read(`${size}.0`));
    }
    expect(Math.abs(read('journal.0') - journalMm(journalOf(hub.shafts, seatId))!)).toBeLessThan(0.01);
    expect(parseSlot('no_such_size.0')).toBeNull();
  });
  it('a micrometer reads nothing on a seat that no shaft goes through', () => {
    const found = { ...twin, shafts: [] };
    expect(
      trueValue(found, { seatId: seat.id, castingId: casting.id, slot: readSlot('journal.0') }, NOW),
    ).toBeNull();
  });
  it('knows nothing of what is not there', () =>
    expect(
      trueValue(
        twin,
        { seatId: seat.id, castingId: asId('no such casting'), slot: readSlot('bore.1.0') },
        NOW,
      ),
    ).toBeNull());
  it('warms in the oven toward its temperature, and its bore grows with it', () => {
    const saw = project(demo('Fenwold 7'));
    const [early, late] = [
      trueCastingC(saw, saw.castings[0]!, NOW),
      trueCastingC(saw, saw.castings[0]!, NOW + 3_600_000),
    ];
    expect(early).toBeGreaterThan(30);
    // The dial says 90 °C, and lies by some degrees.
    expect(Math.abs(late - 90)).toBeLessThan(8);
    expect(late).not.toBeCloseTo(90, 0);
    const boreAt = (ms: number) =>
      trueValue(
        saw,
        { seatId: saw.castings[0]!.seats[0]!.id, castingId: saw.castings[0]!.id, slot: readSlot('bore.1.0') },
        ms,
      )!;
    expect(boreAt(NOW + 3_600_000) / boreAt(NOW)).toBeCloseTo(
      (1 + 26e-6 * (late - 20)) / (1 + 26e-6 * (early - 20)),
      9,
    );
  });
  it('under hot air its boss warms to what is wanted, and cools faster than a casting out of the oven', () => {
    const saw = demo('Fenwold 7');
    const [castingId, seatId] = [saw.castings[0]!.id, saw.castings[0]!.seats[0]!.id];
    const happen = (kind: string, body: object, atS: number) =>
      ({
        id: `00000000-0000-4000-8000-0000000000${10 + (atS % 80)}`,
        kind,
        body,
        seatId: kind === 'way_in_chosen' ? seatId : null,
        castingId,
        personId: saw.people[0]!.id,
        at: new Date(NOW + atS * 1000).toISOString(),
      }) as JobRecord['entries']['events'][number];
    const heated = (source: 'oven' | 'gun') => ({
      ...saw,
      entries: {
        readings: [],
        events: [
          happen(
            'way_in_chosen',
            { way: 'heat', housingC: 110, ringC: 20, formulaVersion: '1', heatedBy: source },
            1,
          ),
          happen('casting_into_heat', { source, sourceC: 110, castingC: 20, place: null }, 2),
          happen('casting_out', {}, source === 'gun' ? 242 : 7202),
        ],
      },
    });
    const at = (source: 'oven' | 'gun', s: number) => {
      const record = heated(source);
      const events = record.entries.events.filter((event) => Date.parse(event.at) <= NOW + s * 1000);
      return trueCastingC(
        project({ ...record, entries: { readings: [], events } }),
        saw.castings[0]!,
        NOW + s * 1000,
      );
    };
    expect(at('gun', 100)).toBeLessThan(at('gun', 241));
    expect(at('gun', 241)).toBeGreaterThan(108);
    expect(at('gun', 241)).toBeLessThan(121);
    expect(at('gun', 242 + 60) - 20).toBeLessThan(0.75 * (at('gun', 242) - 20));
    expect(at('oven', 7202 + 60) - 20).toBeGreaterThan(0.8 * (at('oven', 7202) - 20));
  });
  it('chances are spread between 0 and 1', () => {
    const chances = Array.from({ length: 400 }, (_, i) => chanceOf(`seat ${i}`));
    expect(Math.min(...chances)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...chances)).toBeLessThan(1);
    expect(Math.abs(chances.reduce((a, b) => a + b) / 400 - 0.5)).toBeLessThan(0.06);
  });
});

describe('a simulated instrument', () => {
  it('shows its resolution, no more digits', () =>
    expect(show({ trueValue: 71.95, resolution: 0.01, heldForS: 5, random: seededRandom(1) }).text).toMatch(
      /^\d\d\.\d\d$/,
    ));
  it('is unsteady while it is being put on', () =>
    expect(
      [0.2, 2].map(
        (heldForS) => show({ trueValue: 10, resolution: 0.001, heldForS, random: seededRandom(2) }).isSteady,
      ),
    ).toEqual([false, true]));
  it('its noise has the spread of its resolution and no bias', () => {
    const random = seededRandom(3);
    const shown = Array.from(
      { length: 2000 },
      () => Number(show({ trueValue: 50, resolution: 0.001, heldForS: 5, random }).text) - 50,
    );
    const mean = shown.reduce((a, b) => a + b) / shown.length;
    const sd = Math.sqrt(shown.reduce((a, b) => a + (b - mean) ** 2, 0) / shown.length);
    expect(Math.abs(mean)).toBeLessThan(0.00005);
    // 0.6 steps of noise and the rounding to a step (1/√12): about 0.67 steps together.
    expect(sd).toBeCloseTo(0.001 * Math.hypot(0.6, 1 / Math.sqrt(12)), 4);
  });
  it('normal deviates have mean 0 and spread 1', () => {
    const random = seededRandom(4);
    const values = Array.from({ length: 5000 }, () => normal(random));
    expect(Math.abs(values.reduce((a, b) => a + b) / 5000)).toBeLessThan(0.05);
    expect(values.reduce((a, b) => a + b * b, 0) / 5000).toBeCloseTo(1, 1);
  });
});
