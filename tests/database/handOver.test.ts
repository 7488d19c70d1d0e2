import { describe, expect, it } from 'vitest';
import { buildDemo, idOf } from '../../database/demo/demo';
import { call, jobId, openDoors, personId, reading, server } from '../support/doors';
import { asId, randomId } from '../support/ids';
import { NOW } from '../support/records';

openDoors();

const finished = buildDemo(NOW).find(({ job }) => job.machine === 'Moorland 350')!.job;
const seal = finished.castings.flatMap(({ seats }) => seats).find(({ name }) => name === 'Main-shaft seal')!;

const happened = (kind: string, body: object, seatId: string | null = null, second = 0) => ({
  id: randomId(),
  seatId,
  castingId: null,
  personId,
  kind,
  body,
  at: new Date(NOW + second * 1000).toISOString(),
});
const save = async (id: string, entries: { readings?: object[]; events?: object[] }) =>
  (await call('entries', { jobId: id }, { readings: [], events: [], ...entries })).json as unknown as {
    refused: { id: string }[];
  };

describe('a reading of a float', () => {
  const pulled = (changes: object = {}) =>
    reading({
      seatId: null,
      instrumentId: idOf('feelers'),
      slot: 'feeler.crank_side_load.left',
      typed: '0.32',
      value: 0.32,
      ...changes,
    });
  it('is stored though it is of no seat and no casting', async () => {
    const taken = pulled();
    expect(await save(jobId, { readings: [taken] })).toMatchObject({ refused: [] });
    const job = (await server.loadJob(asId(jobId)))!;
    expect(job.entries.readings.find(({ id }) => id === taken.id)).toMatchObject({
      seatId: null,
      castingId: null,
      slot: taken.slot,
      value: 0.32,
    });
  });
  it.each([
    ['of a float that the job has not', { slot: 'feeler.no_such.left' }],
    ['of a part that the float has not', { slot: 'feeler.crank_side_load.middle' }],
    ['at a seat', { seatId: seal.id }],
    ['thicker than any leaf', { typed: '9', value: 9 }],
    ['that means something else than was typed', { typed: '0.32', value: 0.5 }],
  ])('%s is refused, and the others of its post are not', async (_, changes) => {
    const [bad, good] = [pulled(changes), pulled({ slot: 'feeler.crank_side_load.right' })];
    const { refused } = await save(jobId, { readings: [bad, good] });
    expect(refused.map(({ id }) => id)).toEqual([bad.id]);
  });
  it('a pull may be typed in pounds: it means its newtons', async () => {
    const frame = buildDemo(NOW).find(({ job }) => job.machine === 'Ostrel 250, frame')!.job;
    const taken = pulled({
      instrumentId: idOf('spring balance'),
      slot: 'pull.head_preload.1',
      typed: '1.5',
      value: 1.5 * 4.4482216152605,
    });
    expect(await save(frame.id, { readings: [taken] })).toMatchObject({ refused: [] });
  });
});

describe('a job that is handed over', () => {
  it('stands among the finished ones, and goes on when it is opened again', async () => {
    const state = async () => {
      const { rows } = await server
        .pool()
        .query<{ bench: { isDone: boolean; moves: { full: { code: string } } } }>(
          'SELECT bench FROM job_state WHERE job_id = $1',
          [finished.id],
        );
      return rows[0]!.bench;
    };
    expect(await state()).toMatchObject({ isDone: true, moves: { full: { code: 'all_proven' } } });
    const over = [
      happened('tools_counted', { missing: '' }, null, 1),
      happened('refilled', { what: 'gear_oil', amount: '0.6 l' }, null, 2),
      happened('hand_over_signed', { as: 'workshop', name: 'Ida Quill' }, null, 3),
      happened('job_handed_over', {}, null, 4),
    ];
    expect(await save(finished.id, { events: over })).toMatchObject({ refused: [] });
    expect(await state()).toMatchObject({ isDone: true, moves: { full: { code: 'handed_over' } } });
    const again = [
      happened('job_opened_again', { why: 'It leaks.', tasks: [], floats: [], stacks: [] }, null, 5),
      happened('seat_opened_again', {}, seal.id, 6),
    ];
    expect(await save(finished.id, { events: again })).toMatchObject({ refused: [] });
    const open = await state();
    expect(open.isDone).toBe(false);
    const { entries } = (await server.loadJob(finished.id))!;
    expect(entries.events.filter(({ seatId, kind }) => seatId === seal.id && kind === 'home')).toHaveLength(
      1,
    );
  });
  it.each([
    ['without a name', happened('hand_over_signed', { as: 'workshop', name: '' })],
    ['by nobody known', happened('hand_over_signed', { as: 'neighbour', name: 'N' })],
    ['with a cost below nothing', happened('spent_noted', { cost: -1 })],
    ['opened for no reason', happened('job_opened_again', { why: ' ', tasks: [], floats: [], stacks: [] })],
    ['filled with what is no fluid', happened('refilled', { what: 'sand', amount: '' })],
    ['tightened in a pass that there is not', happened('bolt_tightened', { bolt: 1, pass: 9 })],
  ])('%s is refused', async (_, event) => {
    const { refused } = await save(finished.id, { events: [event] });
    expect(refused.map(({ id }) => id)).toEqual([event.id]);
  });
});

describe('the card of a job', () => {
  it('is a PDF in the units that are asked for', async () => {
    for (const query of ['', '?units=imperial', '?units=metric_um']) {
      const card = await call('card', { jobId: finished.id }, undefined, query);
      expect(card.status).toBe(200);
      expect(card.bytes.subarray(0, 5).toString('latin1')).toBe('%PDF-');
      expect(card.bytes.length).toBeGreaterThan(10_000);
    }
  });
  it('of no job is not found, and in no units is refused', async () => {
    expect((await call('card', { jobId: randomId() })).status).toBe(404);
    expect((await call('card', { jobId: 'none' })).status).toBe(404);
    expect((await call('card', { jobId: finished.id }, undefined, '?units=cubits')).status).toBe(400);
  });
});
