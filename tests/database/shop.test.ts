import { randomUUID } from 'node:crypto';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { idOf, ROUNDS, roundsGone, STOCK, TOOLS } from '../../database/demo/demo';
import { THRESHOLDS } from '@/core/heat/mildest';
import type { JobId } from '@/core/record/ids';
import { about, call, jobId, openDoors, ostrel, personId, server } from '../support/doors';
import { viewSeat } from '../support/records';

/** The shop: tools, instruments, orders, stacks, people, and the demo put away, through their route handlers. */
openDoors();

describe('tools, instruments, orders, stacks', () => {
  it('a tool is hung up, changed, taken off and hung back', async () => {
    const tool = TOOLS[0]!;
    const names = async () =>
      ((await call('tools')).json as unknown as { tools: { name: string }[] }).tools.map(({ name }) => name);
    expect((await call('hang', {}, tool)).status).toBe(201);
    await call('hang', {}, { ...tool, name: 'Renamed' });
    expect(await names()).toEqual(['Renamed']);
    expect((await call('takeOff', { toolId: tool.id })).status).toBe(200);
    expect(await names()).toEqual([]);
    await call('hang', {}, tool);
    expect(await names()).toEqual([tool.name]);
    expect((await call('takeOff', { toolId: randomUUID() })).status).toBe(404);
    expect((await call('hang', {}, { ...tool, outsideMm: -3 })).status).toBe(400);
  });
  it('what lies in stock is laid in, counted, taken out and put back', async () => {
    const item = STOCK[0]!;
    const counts = async () =>
      ((await call('stock')).json as unknown as { stock: { count: number }[] }).stock.map(
        ({ count }) => count,
      );
    expect((await call('layIn', {}, item)).status).toBe(201);
    await call('layIn', {}, { ...item, count: 12 });
    expect(await counts()).toEqual([12]);
    expect((await call('takeOut', { itemId: item.id })).status).toBe(200);
    expect(await counts()).toEqual([]);
    await call('layIn', {}, item);
    expect(await counts()).toEqual([item.count]);
    expect((await call('takeOut', { itemId: randomUUID() })).status).toBe(404);
    expect((await call('layIn', {}, { ...item, count: -1 })).status).toBe(400);
  });
  it('a look-over round is kept, gone (once, however often it is sent), taken off and put back', async () => {
    const round = ROUNDS[0]!;
    const [gone] = roundsGone(Date.now());
    const stored = async () =>
      (await call('rounds')).json as unknown as { rounds: { model: string }[]; roundsGone: unknown[] };
    expect((await call('keepRound', {}, round)).status).toBe(201);
    expect((await call('roundGone', {}, gone)).status).toBe(201);
    await call('roundGone', {}, gone);
    expect(await stored()).toEqual({ rounds: [round], roundsGone: [gone] });
    expect((await call('takeRoundOff', { roundId: round.id })).status).toBe(200);
    expect((await stored()).rounds).toEqual([]);
    await call('keepRound', {}, { ...round, model: 'Renamed' });
    expect((await stored()).rounds.map(({ model }) => model)).toEqual(['Renamed']);
    for (const wrong of [{ roundId: randomUUID() }, { personId: randomUUID() }])
      expect((await call('roundGone', {}, { ...gone, id: randomUUID(), ...wrong })).json.error).toMatchObject(
        {
          code: 'points_nowhere',
        },
      );
    expect((await call('keepRound', {}, { ...round, points: [] })).status).toBe(400);
  });
  it('the shop’s rules reach every job, and are bounded', async () => {
    const rules = { nipShare: 0.0006, forceN: 2500 };
    expect((await call('shop', {}, { rules })).status).toBe(200);
    expect((await server.loadJob(jobId))!.rules).toEqual(rules);
    expect((await call('shop', {}, { rules: { ...rules, forceN: 5 } })).status).toBe(400);
    await call('shop', {}, { rules: THRESHOLDS });
  });
  it('an instrument’s calibration day is set, and a nonsense day refused', async () => {
    expect(
      (await call('calibrate', { instrumentId: idOf('bore gauge') }, { calibrationDue: '2027-01-31' }))
        .status,
    ).toBe(200);
    expect(
      (await server.loadJob(jobId))!.instruments.find(({ id }) => id === idOf('bore gauge'))!.calibrationDue,
    ).toBe('2027-01-31');
    for (const calibrationDue of ['2027-13-01', 'soon', 7])
      expect((await call('calibrate', { instrumentId: idOf('bore gauge') }, { calibrationDue })).status).toBe(
        400,
      );
  });
  it('orders over all jobs, as a list and as CSV; numbers that came wrong', async () => {
    const { lines, wrongNumbers } = (await call('orders')).json as unknown as {
      lines: { part: { name: string }; isLate: boolean }[];
      wrongNumbers: string[];
    };
    expect(lines.map(({ part }) => part.name).sort()).toEqual([
      'Slip-side main: 6307 C3',
      'Tight-side main: NJ 207',
    ]);
    expect(wrongNumbers).toEqual(['KB7731']);
    const { data } = Papa.parse<Record<string, string>>((await call('ordersCsv')).text, { header: true });
    expect(data.map(({ number }) => number).sort()).toEqual(['KB-7742', 'RB-207']);
  });
  it('the stacks of every job on the bench', async () => {
    const { stacks } = (await call('stacks')).json as unknown as {
      stacks: { machine: string; name: string; pieces: unknown[] }[];
    };
    expect(
      Object.fromEntries(
        stacks
          .filter(({ name, pieces }) => name === 'Pinion shims' && pieces.length > 1)
          .map(({ machine, pieces }) => [machine, pieces.length]),
      ),
    ).toEqual({ 'Bolver 570': 2, 'Bolver 570, front drive': 3 });
  });
});

describe('the shop', () => {
  const machines = async () =>
    ((await call('jobs')).json as unknown as { jobs: { machine: string }[] }).jobs.map(
      ({ machine }) => machine,
    );
  it('starts empty: the demo is put away whole, own jobs stay, and it comes back whole', async () => {
    await call('start', {}, { kind: 'wheel_hub', machine: 'Second' });
    const all = await machines();
    expect((await call('shop', {}, { showsDemo: false })).status).toBe(200);
    const own = await machines();
    expect(own).not.toContain('Ostrel 250');
    expect(own).not.toContain('Fenwold 7');
    expect(own).toContain('Second');
    await call('shop', {}, { showsDemo: true });
    expect(await machines()).toEqual(all);
  });
  it('the demo put away changes no verdict of an own job, nor what it is exported with', async () => {
    const started = (await call('start', {}, { kind: 'wheel_hub', machine: 'Own hub' })).json as unknown as {
      id: JobId;
    };
    const own = (await server.loadJob(started.id))!;
    const seat = own.castings[0]!.seats.find(({ spec }) => spec.kind !== 'seal_in_bore')!;
    const demoGauge = ostrel.instruments.find(({ kind }) => kind === 'bore_gauge')!;
    const readings = [1, 2].flatMap((plane) =>
      [0, 90].map((angle) => ({
        id: randomUUID(),
        seatId: seat.id,
        castingId: null,
        personId,
        instrumentId: demoGauge.id,
        slot: `bore.${plane}.${angle}`,
        typed: (seat.spec.part.outsideMm - 0.018).toFixed(3),
        value: seat.spec.part.outsideMm - 0.018,
        metalC: 20,
        takenAt: new Date().toISOString(),
      })),
    );
    await server.saveEntries(started.id, { readings, events: [] } as never);
    const fitOf = async () => viewSeat((await server.loadJob(started.id))!, seat.id, Date.now())!.fit!;
    const before = await fitOf();
    const initials = async () => (await server.loadJob(started.id))!.people.map((each) => each.initials);
    expect(await initials()).toContain('IQ');
    await call('shop', {}, { showsDemo: false });
    expect(await fitOf()).toEqual(before);
    expect(await initials()).toEqual(['IQ']);
    const file = (await call('exported', { jobId: started.id })).json as unknown as {
      people: { initials: string; isOff?: boolean }[];
      instruments: { id: string; isOff?: boolean }[];
    };
    expect(file.instruments.map(({ id }) => id)).toEqual([demoGauge.id]);
    expect(file.people.map((each) => each.initials)).toEqual(['IQ']);
    expect([...file.people, ...file.instruments].some((each) => 'isOff' in each)).toBe(false);
    await call('shop', {}, { showsDemo: true });
    expect(await fitOf()).toEqual(before);
  });
  it('somebody new has initials of their own', async () => {
    const person = { id: randomUUID(), initials: 'ZZ', name: 'Zed', units: 'metric' };
    expect((await call('newPerson', {}, person)).status).toBe(201);
    expect(
      (await call('newPerson', {}, { ...person, id: randomUUID(), initials: 'iq' })).json.error,
    ).toMatchObject({ code: 'not_unique', issues: [{ field: 'initials' }] });
    expect((await call('newPerson', {}, { ...person, initials: 'TOOLONG' })).status).toBe(400);
  });
});

describe('nonsense through every new door', () => {
  const texts = [
    '',
    '{',
    'null',
    '[]',
    '"x"',
    '7',
    '{"version":1e999}',
    '{"__proto__":{"a":1}}',
    '\u0000',
    `{"a":"${'x'.repeat(1_100_000)}"}`,
    '{"name":7,"jobId":"x"}',
    '{"showsDemo":"yes"}',
  ];
  const doors: readonly (readonly [string, Record<string, string>])[] = [
    ['plan', { jobId }],
    ['addSeat', { castingId: ostrel.job.castings[0]!.id }],
    ['start', {}],
    ['keepKind', {}],
    ['hang', {}],
    ['calibrate', { instrumentId: idOf('bore gauge') }],
    ['shop', {}],
    ['newPerson', {}],
    ['keepRound', {}],
    ['roundGone', {}],
  ];
  it.each(doors)('%s answers with a 4xx and the one shape of errors', async (door, params) => {
    for (const text of texts) {
      const { status, json } = await call(door, params, text);
      expect(Math.floor(status / 100), `${door} ${text.slice(0, 40)}`).toBe(4);
      expect(json).toMatchObject({
        error: { code: expect.any(String), message: expect.any(String), issues: expect.any(Array) },
      });
    }
  });
  it.each(['x', '../../etc', "'; DROP TABLE job; --", '00000000-0000-0000-0000-000000000000'])(
    'an id that is none, or nobody’s: %s',
    async (id) => {
      for (const [door, key] of [
        ['plan', 'jobId'],
        ['addSeat', 'castingId'],
        ['picture', 'photographId'],
        ['takeOff', 'toolId'],
        ['calibrate', 'instrumentId'],
        ['photograph', 'jobId'],
      ] as const) {
        const { status } = await call(
          door,
          { [key]: id },
          door === 'calibrate'
            ? { calibrationDue: null }
            : door === 'takeOff' || door === 'picture'
              ? undefined
              : {},
          door === 'photograph' ? about() : '',
        );
        expect(Math.floor(status / 100), `${door} ${id}: ${status}`).toBe(4);
      }
    },
  );
  it('the shop is as it was: nothing of it was taken', async () => {
    expect((await call('shop', {}, {})).json).toMatchObject({ shop: { showsDemo: true } });
    expect((await server.loadJob(jobId))!.number).toBe(412);
  });
});
