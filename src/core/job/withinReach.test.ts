import { describe, expect, it } from 'vitest';
import { demo, event, NOW, seatOf, viewJob, withEntries } from '../../../tests/support/records';
import { itemsWithinReach, missingInHeat } from './withinReach';

const record = demo('Fenwold 7');
const [main, pump] = ['Main bearing', 'Oil pump shaft'].map((name) => seatOf(record, name));
const wayIn = { housingC: 90, ringC: -18, formulaVersion: 't' };
const jobWith = (...events: Parameters<typeof withEntries>[2]) =>
  viewJob(withEntries(record, [], events), NOW);
const chosen = (seat = main!, more: object = {}) =>
  event('way_in_chosen', { way: 'heat_chill', ...wayIn, ...more } as never, { seatId: seat.id }, 0);
const viewOf = (job: ReturnType<typeof jobWith>, seat = main!) =>
  job.seats.find((view) => view.seat.id === seat.id)!;

describe('within reach', () => {
  it('a saw of magnesium asks for dry sand, not for an extinguisher that feeds it', () => {
    const items = itemsWithinReach(viewOf(jobWith(chosen())));
    expect(items).toEqual(expect.arrayContaining(['gloves', 'sand', 'bearing', 'driver']));
    expect(items).not.toContain('extinguisher');
  });
  it('hot air has no dial: a probe, and no wood under what is not lifted', () => {
    const items = itemsWithinReach(viewOf(jobWith(chosen(main!, { heatedBy: 'gun' }))));
    expect(items).toContain('probe');
    expect(items).not.toContain('wood');
  });
  it('cold there is nothing to lay out before a door', () =>
    expect(itemsWithinReach(viewOf(jobWith(chosen(main!, { way: 'press' }))))).toEqual([]));
  it('a bearing stands on its socket where it drops; a needle cup, and what is tapped in, lies there wiped', () => {
    const heldBy = (seat = main!, way = 'heat_chill') =>
      itemsWithinReach(viewOf(jobWith(chosen(seat, { way })), seat)).filter((item) =>
        /^(bearing|part)$/.test(item),
      );
    expect(heldBy()).toEqual(['bearing']);
    expect(heldBy(main!, 'warm_tap')).toEqual(['part']);
    const pulley = demo('Sallow 125');
    const needle = pulley.castings
      .flatMap(({ seats }) => seats)
      .find(({ spec }) => spec.part.type === 'drawn_cup')!;
    const hot = viewJob(withEntries(pulley, [], [chosen(needle)]), NOW);
    expect(itemsWithinReach(viewOf(hot, needle))).toContain('part');
  });
  it('gloves are laid out once for the casting; each bearing is looked for by itself', () => {
    const job = jobWith(
      chosen(),
      chosen(pump!),
      event('laid_out', { item: 'gloves' }, { seatId: main!.id }, 1),
      event('laid_out', { item: 'bearing' }, { seatId: main!.id }, 2),
    );
    const alone = missingInHeat([viewOf(job, pump!)], job.seats).map(({ item }) => item);
    expect(alone).not.toContain('gloves');
    expect(alone).toContain('bearing');
    // Both in one heat: the bearing of the one lies there, that of the other does not, and its name says which.
    const both = missingInHeat([viewOf(job), viewOf(job, pump!)], job.seats);
    expect(both.filter(({ item }) => item === 'bearing').map(({ name }) => name)).toEqual(['Oil pump shaft']);
    expect(both.filter(({ item }) => item === 'wood')).toHaveLength(1);
  });
});
