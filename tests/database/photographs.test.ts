import { randomId } from '../support/ids';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { buildDemo } from '../../database/demo/demo';
import { cloneDatabase } from '../support/database';
import { about, call, database, jobId, openDoors, ostrel, personId, seat, server } from '../support/doors';
import { NOW } from '../support/records';

/** Photographs and what a seat was at its last rebuild, through their route handlers. */
openDoors();

const blank = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#889' } });

describe('rebuilds of one seat', () => {
  const driveSide = (number: number) =>
    buildDemo(NOW)
      .find(({ job }) => job.number === number)!
      .job.castings[0]!.seats.find(({ name }) => name === 'Drive side')!.id;
  it('are found over all jobs of the same machine, by its frame number, also those put away', async () => {
    const { json } = await call('rebuilds', { seatId: driveSide(417) });
    expect((json as unknown as { rebuilds: object[] }).rebuilds).toMatchObject([
      { jobNumber: 371, seatId: driveSide(371) },
    ]);
    expect(
      ((await call('rebuilds', { seatId: driveSide(371) })).json as unknown as { rebuilds: object[] })
        .rebuilds,
    ).toMatchObject([{ jobNumber: 417 }]);
    expect((await call('rebuilds', { seatId: seat.id })).json).toEqual({ rebuilds: [] });
  });
  it('of a seat that is not there, or no seat at all', async () => {
    for (const seatId of [randomId(), 'x', "' OR 1=1"])
      expect((await call('rebuilds', { seatId })).status).toBe(404);
  });
});

describe('photographs', () => {
  it('of a thing are counted, and come back, with the thing that they are of', async () => {
    const picture = await blank(40, 30).jpeg().toBuffer();
    const [id, other] = [randomId(), randomId()];
    expect((await call('photograph', { jobId }, picture, about({ id, about: 'stack_left' }))).status).toBe(
      201,
    );
    expect((await call('photograph', { jobId }, picture, about({ id: other }))).status).toBe(201);
    const { photographs } = (await server.loadJob(jobId))!;
    const of = (wanted: string) => photographs.find((each) => each.id === wanted)!.about;
    expect([of(id), of(other)]).toEqual(['stack_left', null]);
    expect(
      (await call('photograph', { jobId }, picture, about({ id: randomId(), about: 'No key!' }))).status,
    ).toBe(400);
  });
  it('are scaled to 1600 px, turned upright, and lose everything that the camera wrote in', async () => {
    const camera = await blank(2400, 1200)
      .withMetadata({
        orientation: 6,
        exif: { IFD0: { Make: 'Camera' }, IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' } },
      })
      .jpeg()
      .toBuffer();
    expect((await sharp(camera).metadata()).exif).toBeDefined();
    const id = randomId();
    expect((await call('photograph', { jobId }, camera, about({ id }))).status).toBe(201);
    const kept = await call('picture', { photographId: id });
    const metadata = await sharp(kept.bytes).metadata();
    expect(metadata).toMatchObject({ format: 'jpeg', width: 800, height: 1600 });
    expect(metadata.exif).toBeUndefined();
    const job = await server.loadJob(jobId);
    expect(job!.photographs.find((each) => each.id === id)).toMatchObject({
      seatId: seat.id,
      widthPx: 800,
      heightPx: 1600,
      bytes: kept.bytes.length,
    });
  });
  it('sent twice are kept once', async () => {
    const picture = await blank(200, 100).png().toBuffer();
    const query = about();
    await call('photograph', { jobId }, picture, query);
    const before = (await server.loadJob(jobId))!.photographs.length;
    expect((await call('photograph', { jobId }, picture, query)).status).toBe(201);
    expect((await server.loadJob(jobId))!.photographs).toHaveLength(before);
  });
  it.each([
    [
      'a text file named .jpg',
      () => Promise.resolve(Buffer.from('this is no picture')),
      'not_a_picture',
      400,
    ],
    ['nothing', () => Promise.resolve(Buffer.alloc(0)), 'not_a_picture', 400],
    ['25 MB', () => Promise.resolve(Buffer.alloc(25 * 1024 * 1024, 1)), 'too_large', 413],
    [
      'a picture cut in half',
      async () => {
        const whole = await blank(900, 900).jpeg().toBuffer();
        return whole.subarray(0, whole.length / 4);
      },
      'not_a_picture',
      400,
    ],
    ['40 000 pixels wide', () => blank(40_000, 8).png().toBuffer(), 'too_many_pixels', 400],
    [
      'a bomb of pixels',
      () => blank(12_000, 11_000).png({ compressionLevel: 1 }).toBuffer(),
      'too_many_pixels',
      400,
    ],
  ] as const)('%s is refused with a clear word', async (_, make, code, status) => {
    const answer = await call('photograph', { jobId }, await make(), about());
    expect(answer.status).toBe(status);
    expect(answer.json.error?.code).toBe(code);
  });
  it('a seat keeps twelve; one taken away makes room', async () => {
    const other = ostrel.job.castings[0]!.seats[1]!.id;
    const picture = await blank(40, 30).jpeg().toBuffer();
    const ids = Array.from({ length: 12 }, () => randomId());
    for (const id of ids)
      expect((await call('photograph', { jobId }, picture, about({ id, seatId: other }))).status).toBe(201);
    expect(
      (await call('photograph', { jobId }, picture, about({ seatId: other }))).json.error?.issues[0],
    ).toMatchObject({ code: 'too_many', max: 12 });
    expect(
      (await call('photograph', { jobId }, picture, about({ id: ids[11]!, seatId: other }))).status,
      'the twelfth, sent again',
    ).toBe(201);
    await server.saveEntries(jobId, {
      readings: [],
      events: [
        {
          id: randomId(),
          seatId: other,
          castingId: null,
          personId,
          kind: 'photograph_withdrawn',
          body: { photographId: ids[0]! },
          at: '2026-11-01T11:00:00.000Z',
        },
      ],
    });
    expect((await call('photograph', { jobId }, picture, about({ seatId: other }))).status).toBe(201);
  });
  it('of a seat or job that is not there, or by nobody, are refused', async () => {
    const picture = await blank(40, 30).jpeg().toBuffer();
    expect((await call('photograph', { jobId }, picture, about({ seatId: randomId() }))).status).toBe(400);
    expect((await call('photograph', { jobId: randomId() }, picture, about())).status).toBe(404);
    expect((await call('photograph', { jobId }, picture, about({ personId: randomId() }))).status).toBe(400);
    expect((await call('photograph', { jobId }, picture, '')).status).toBe(400);
  });
  it('go out and come in with the job file, picture for picture', async () => {
    const file = JSON.parse((await call('exported', { jobId })).text) as typeof ostrel;
    expect(file.photographs.length).toBeGreaterThan(5);
    const other = await cloneDatabase();
    try {
      await server.pool().end();
      (globalThis as { urnKeyPool?: unknown }).urnKeyPool = undefined;
      process.env.DATABASE_URL = other.url;
      await server.importJob(file);
      expect(JSON.parse((await call('exported', { jobId })).text)).toEqual(file);
    } finally {
      await server.pool().end();
      (globalThis as { urnKeyPool?: unknown }).urnKeyPool = undefined;
      process.env.DATABASE_URL = database.url;
      await other.drop();
    }
  });
});
