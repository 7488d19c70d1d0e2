import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import type { Instrument } from '@/core/record/instrument';
import type { AskableJob } from '@/core/ask/answer';
import { bagCode } from '@/core/board/bagCode';
import { uOf } from '@/core/gauge/sorts';
import { idOf } from '../../database/demo/demo';
import { call, jobId, openDoors, personId, reading, server } from '../support/doors';
import { asId } from '../support/ids';

openDoors();

const list = async () =>
  ((await call('instruments')).json as unknown as { instruments: Instrument[] }).instruments;
const named = async (name: string) => (await list()).find((each) => each.name === name);

const boreGauge = {
  id: randomUUID(),
  name: 'Bore gauge 35–60, Bench 2',
  kind: 'bore_gauge',
  resolution: 0.001,
  u: 0.005,
  isSimulated: false,
  range: { low: 35, high: 60 },
  unit: 'mm',
  speaks: { by: 'serial', path: '/dev/ttyUSB0', baud: 9600, isSentByPress: true },
  calibrationDue: null,
} as const;

describe('the shop’s own instruments', () => {
  it('every shop has a rule, a caliper, feelers, a spring balance and a pressure gauge, with the uncertainty that is proposed for them', async () => {
    await call('shop', {}, { showsDemo: false });
    expect((await list()).map(({ name, isDemo }) => [name, isDemo])).toEqual([
      ['Caliper', false],
      ['Feelers', false],
      ['Pressure gauge', false],
      ['Spring balance', false],
      ['Steel rule', false],
    ]);
    expect((await named('Caliper'))!.u).toBe(uOf('caliper', 0.01).u);
    expect((await named('Steel rule'))!.u).toBe(uOf('steel_rule', 0.5).u);
    expect((await named('Feelers'))!.u).toBe(uOf('feelers', 0.05).u);
    expect((await named('Spring balance'))!.u).toBe(uOf('spring_balance', 0.2).u);
    expect((await named('Pressure gauge'))!.u).toBe(uOf('pressure_gauge', 0.01).u);
    await call('shop', {}, { showsDemo: true });
  });

  it('one is laid beside them, changed, taken away, and laid back; what it read stays with it', async () => {
    expect((await call('layInstrument', {}, boreGauge)).status).toBe(201);
    expect(await named(boreGauge.name)).toMatchObject({ ...boreGauge, isDemo: false, isOff: false });
    await call('layInstrument', {}, { ...boreGauge, range: { low: 18, high: 60 } });
    expect((await named(boreGauge.name))!.range).toEqual({ low: 18, high: 60 });
    const taken = reading({ instrumentId: boreGauge.id, gaugeC: 23.5, slot: 'bore.1.90' });
    expect(await server.saveEntries(jobId, { readings: [taken], events: [] } as never)).toMatchObject({
      refused: [],
    });
    expect((await call('takeInstrumentOff', { instrumentId: boreGauge.id })).status).toBe(200);
    expect(await named(boreGauge.name)).toBeUndefined();
    const job = (await server.loadJob(jobId))!;
    expect(job.instruments.find(({ id }) => id === boreGauge.id)).toMatchObject({ u: 0.005, isOff: true });
    const stored = job.entries.readings.find(({ id }) => id === taken.id)!;
    expect(stored.gaugeC).toBe(23.5);
    expect(job.entries.readings.some((each) => each.gaugeC === undefined)).toBe(true);
    await call('layInstrument', {}, boreGauge);
    expect(await named(boreGauge.name)).toBeDefined();
  });

  it.each([
    ['a kind that is none', { kind: 'yardstick' }],
    ['no doubt at all', { u: 0 }],
    ['a range that falls', { range: { low: 60, high: 35 } }],
    ['a port that is a path elsewhere', { speaks: { ...boreGauge.speaks, path: '/etc/passwd' } }],
    ['a speed that no line has', { speaks: { ...boreGauge.speaks, baud: 9601 } }],
    ['a unit that none reads in', { unit: 'ell' }],
  ])('%s is refused', async (_what, change) =>
    expect((await call('layInstrument', {}, { ...boreGauge, ...change })).status).toBe(400),
  );

  it('one that is not there can not be taken away', async () =>
    expect((await call('takeInstrumentOff', { instrumentId: randomUUID() })).status).toBe(404));

  it('the gauges’ process runs while one speaks by a serial port, and not for one that is read and typed', async () => {
    const { GET } = await import('@/app/api/v1/health/route');
    const hasGauges = async () => ((await (await GET()).json()) as { hasGauges: boolean }).hasGauges;
    await call('shop', {}, { showsDemo: false });
    expect(await hasGauges()).toBe(true);
    await call('layInstrument', {}, { ...boreGauge, speaks: { by: 'typed' } });
    expect(await hasGauges()).toBe(false);
    await call('shop', {}, { showsDemo: true });
    expect(await hasGauges()).toBe(true);
  });

  it('what comes with a job file from elsewhere stands with its readings, and is offered for nothing new', async () => {
    const { writeJobFile } = await import('@/core/record/jobFile');
    const record = (await server.loadJob(jobId))!;
    const elsewhere = { ...boreGauge, id: asId(randomUUID()), name: 'Theirs' };
    const file = writeJobFile(
      {
        ...record,
        photographs: [],
        id: asId(randomUUID()),
        castings: record.castings.map((casting) => ({ ...casting, id: asId(randomUUID()), seats: [] })),
        shafts: [],
        plan: { ...record.plan, parts: [] },
        entries: { readings: [], events: [] },
      },
      new Map(),
    );
    const { jobId: importedId } = await server.importJob({ ...file, instruments: [elsewhere] } as never);
    expect(await named('Theirs')).toBeUndefined();
    expect((await server.loadJob(importedId))!.isDemo).toBe(false);
    expect(record.isDemo).toBe(true);
  });
});

describe('what a person reads with', () => {
  const chosen = async (instruments: Record<string, string[]>) =>
    (await call('choose', { personId }, { instruments })).json as unknown as {
      instruments: Record<string, string[]>;
    };
  it('is kept family by family', async () => {
    await chosen({ bore: [idOf('bore gauge')], depth: [idOf('depth gauge')] });
    const { instruments } = await chosen({ bore: [boreGauge.id, idOf('bore gauge')] });
    expect(instruments).toEqual({
      bore: [boreGauge.id, idOf('bore gauge')],
      depth: [idOf('depth gauge')],
    });
    const { people } = (await server.loadJob(jobId))!;
    expect(people.find(({ id }) => id === personId)!.instruments).toEqual(instruments);
  });
  it('families that are none are refused', async () =>
    expect((await call('choose', { personId }, { instruments: { elbow: [boreGauge.id] } })).status).toBe(
      400,
    ));
});

describe('the ask line’s own address', () => {
  const ask = async (q: string) =>
    (await call('ask', {}, undefined, `?q=${encodeURIComponent(q)}`)).json as unknown as Record<
      string,
      unknown
    >;
  it('answers as the line does, also of jobs on the bench and put away', async () => {
    expect(await ask('6305 al c3')).toMatchObject({ answer: 'bearing', designation: '6305 C3' });
    expect(await ask('bolver 570')).toMatchObject({ answer: 'job' });
    expect(await ask('qwrtz')).toMatchObject({ answer: 'what_can_be_asked' });
  });
  it('a job that is put away is found by its number, its bag’s code and its machine', async () => {
    const started = (await call('start', {}, { kind: 'wheel_hub', machine: 'Sandpiper 90' }))
      .json as unknown as {
      id: string;
      number: number;
    };
    const putAway = {
      id: randomUUID(),
      seatId: null,
      castingId: null,
      personId,
      kind: 'job_put_away',
      body: {},
      at: new Date().toISOString(),
    };
    await server.saveEntries(asId(started.id), { readings: [], events: [putAway] } as never);
    const stood = await server
      .pool()
      .query('SELECT is_put_away FROM job_state WHERE job_id = $1', [started.id]);
    expect(stood.rows).toEqual([{ is_put_away: true }]);
    for (const q of [`job ${started.number}`, `bag ${bagCode(started.number)}`, 'sandpiper 90', 'sandpiper'])
      expect(await ask(q), q).toMatchObject({ answer: 'job', number: started.number });
  });
  it('the line is sent the jobs that its words may mean, by a stack’s bag too, and no others', async () => {
    const found = async (q: string) => {
      const { json } = await call('askJobs', {}, undefined, `?q=${encodeURIComponent(q)}`);
      return (json as unknown as { jobs: AskableJob[] }).jobs;
    };
    const ofWords = await found('bol 570');
    expect(ofWords.map(({ machine }) => machine)).toContain('Bolver 570, swing arm');
    for (const { machine } of ofWords) expect(machine).toMatch(/Bolver 570/);
    const bolver = ofWords.find(({ machine }) => machine === 'Bolver 570');
    expect(bolver!.stackCodes).toHaveLength(2);
    for (const code of bolver!.stackCodes!)
      expect(await found(`bag ${code.toLowerCase()}`), code).toEqual([bolver]);
    expect(await found(`job ${bolver!.number}`)).toEqual([bolver]);
    for (const q of ['6305 al c3', 'qwrtz', '%', '.*', 'olver']) expect(await found(q), q).toEqual([]);
  });
  it('an empty question is refused', async () =>
    expect((await call('ask', {}, undefined, '?q=')).status).toBe(400));
});
