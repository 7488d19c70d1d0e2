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
