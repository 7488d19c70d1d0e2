import { expect, it } from 'vitest';
import { demo, event, seatOf, viewJob, withEvents, NOW } from '../../../tests/support/records';
import { planSeat, surroundingsOf } from './planSeat';
import { notesAt } from './specialNotes';
import { usualHeatOf } from './workpiece';

/** A small magnesium case: hot air into its pocket, as its trade does it. Common practice, no source. */
const saw = () => {
  const record = demo('Fenwold 7');
  return {
    record: { ...record, entries: { readings: [], events: [] } },
    seat: seatOf(record, 'Main bearing'),
  };
};
const saidOn = (way: 'heat' | 'drive' | null, heatedBy?: 'oven' | 'gun') => {
  const { record, seat } = saw();
  const body = { housingC: way === 'heat' ? 90 : 20, ringC: 20, formulaVersion: 't' };
  const chosen = way
    ? [event('way_in_chosen', { way, ...body, ...(heatedBy && { heatedBy }) }, { seatId: seat.id })]
    : [];
  const job = viewJob(withEvents(record, ...chosen), NOW);
  const view = job.seats.find((each) => each.seat.id === seat.id)!;
  return notesAt(job, view).flatMap(({ step, text }) => (step === 'heat_run' ? [text] : []));
};

it.each([
  ['nothing is chosen yet', saidOn(null), /^Hot air straight into the pocket/],
  ['hot air', saidOn('heat', 'gun'), /^Hot air straight into the pocket/],
  ['cold, by force', saidOn('drive'), /^Rod centred in the bore/],
])('where the way is %s, what is said is of that way alone', (_, said, words) => {
  expect(said).toEqual([expect.stringMatching(words)]);
});
it('says nothing of hot air to who has it in an oven', () => {
  expect(saidOn('heat', 'oven')).toEqual([]);
});
it('what may go into an oven is said until the door opens, and no longer', () => {
  const { record, seat } = saw();
  const special = [{ step: 'heat_run' as const, text: 'Clean and degreased.', by: 'oven' as const }];
  const at = { castingId: record.castings[0]!.id };
  const chosen = event(
    'way_in_chosen',
    { way: 'heat', housingC: 90, ringC: 20, formulaVersion: 't', heatedBy: 'oven' },
    { seatId: seat.id },
  );
  const heat = { source: 'oven', sourceC: 95, castingC: 20, place: null } as const;
  const saidAfter = (...events: Parameters<typeof withEvents>[1][]) => {
    const job = viewJob(withEvents(record, chosen, ...events), NOW + 3000_000);
    const view = job.seats.find((each) => each.seat.id === seat.id)!;
    return notesAt({ kind: job.kind, plan: { ...job.plan, special } }, view).length;
  };
  const into = event('casting_into_heat', heat, at, 0);
  expect([saidAfter(), saidAfter(into), saidAfter(into, event('casting_out', {}, at, 1200))]).toEqual([
    1, 1, 0,
  ]);
});
it('plans with the heat that the kind is done with, if the plan says one', () => {
  const { record } = saw();
  const job = viewJob(record, NOW);
  expect(usualHeatOf(job)).toBe('gun');
  const { heatedBy, ...plan } = job.plan;
  expect(heatedBy).toBe('gun');
  expect(usualHeatOf({ ...job, plan })).toBe('oven');
  expect(usualHeatOf({ ...job, plan: { ...plan, workpiece: 'engine_in_frame' } })).toBe('gun');
  const view = job.seats[0]!;
  const needsOf = (usualHeat: 'oven' | 'gun') =>
    planSeat(view, { ...surroundingsOf(view, job), usualHeat })?.ways.find(({ way }) => way === 'heat');
  expect(needsOf('gun')?.boreC).not.toBe(needsOf('oven')?.boreC);
});
