import { describe, expect, it } from 'vitest';
import { demo, event, seatOf, viewJob, withEvents, NOW } from '../../../tests/support/records';
import { asProposed, judgeWayIn } from './seatJudgement';

describe('a seat whose way nobody chose', () => {
  const shown = (machine: string, name: string) => {
    const record = demo(machine);
    const seat = seatOf(record, name);
    const bare = { ...record, entries: { readings: [], events: [] } };
    const job = viewJob(bare, NOW);
    return { bare, seat, job, view: job.seats.find((each) => each.seat.id === seat.id)! };
  };
  it('is shown by its own judgement where that is cold', () => {
    const { job, view } = shown('Ostrel 250, rear hub', 'Sprocket side');
    const { wayIn } = asProposed(view, job).history;
    expect(wayIn).toMatchObject({ ringC: job.roomC, housingC: job.roomC });
    expect(['drive', 'press', 'by_hand']).toContain(wayIn!.way);
  });
  it('stays as it is where heat or cold has to be planned, and where a way was chosen', () => {
    const hot = shown('Ostrel 250', 'Main bearing');
    expect(asProposed(hot.view, hot.job)).toBe(hot.view);
    const { bare, seat } = shown('Ostrel 250, rear hub', 'Sprocket side');
    const chosen = viewJob(
      withEvents(
        bare,
        event(
          'way_in_chosen',
          { way: 'clamp', housingC: 20, ringC: 20, formulaVersion: 't' },
          { seatId: seat.id },
        ),
      ),
      NOW,
    );
    const view = chosen.seats.find((each) => each.seat.id === seat.id)!;
    expect(asProposed(view, chosen)).toBe(view);
  });
  it('is judged by the shop’s own rules: what is a real nip to one is a light fit to another', () => {
    const { job, view } = shown('Ostrel 250', 'Main bearing');
    expect(judgeWayIn(view, job).why).toBe('real_nip_in_alloy');
    expect(judgeWayIn(view, { ...job, rules: { nipShare: 0.002, forceN: 20_000 } }).why).toBe('light_fit');
  });
});
