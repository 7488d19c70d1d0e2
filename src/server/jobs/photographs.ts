import 'server-only';
import type { JobId, PhotographId, SeatId } from '@/core/record/ids';
import sharp from 'sharp';
import { z } from 'zod';
import { photographSchema, type Photograph } from '@/core/record/job';
import { Refusal } from '../http';
import { notify } from '../live/notify';
import { inTransaction, pool, queryMaybeOne, type Queryable } from '../pool';

/** A picture of more pixels would take more memory than a bench computer has. */
const MAX_PIXELS = 120_000_000;
const LONG_SIDE_PX = 1600;
export const PER_SEAT = 12;
const FORMATS: readonly string[] = ['jpeg', 'png', 'webp', 'heif', 'avif', 'tiff'];

/**
 * A photograph as it is kept: at most 1600 px on its long side, turned upright, everything that the camera wrote into it (place, time,
 * serial number) left out. Refuses what is no JPEG, PNG, WebP or HEIF picture (`not_a_picture`) or has too many pixels (`too_many_pixels`).
 */
export async function scalePhotograph(
  bytes: Buffer,
): Promise<{ jpeg: Buffer; widthPx: number; heightPx: number }> {
  const refuse = (code: string, message: string) =>
    new Refusal(400, code, message, [{ code, field: 'photograph' }]);
  const notAPicture = () =>
    refuse('not_a_picture', 'This is no picture that can be read: JPEG, PNG or WebP.');
  if (bytes.length === 0) throw notAPicture();
  const {
    width = 0,
    height = 0,
    format,
  } = await sharp(bytes, { limitInputPixels: false })
    .metadata()
    .catch(() => {
      throw notAPicture();
    });
  // Drawings with scripts or links in them (SVG, PDF) are not photographs.
  if (!FORMATS.includes(format)) throw notAPicture();
  if (width * height > MAX_PIXELS || Math.max(width, height) > 30_000)
    throw refuse('too_many_pixels', `This picture has ${width} × ${height} pixels: too many to read.`);
  const { data, info } = await sharp(bytes, { limitInputPixels: MAX_PIXELS })
    .rotate()
    .resize({ width: LONG_SIDE_PX, height: LONG_SIDE_PX, fit: 'inside', withoutEnlargement: true })
    .flatten({ background: '#ffffff' })
    .jpeg({ quality: 80 })
    .toBuffer({ resolveWithObject: true })
    .catch(() => {
      throw refuse('not_a_picture', 'This picture is damaged and can not be read.');
    });
  return { jpeg: data, widthPx: info.width, heightPx: info.height };
}

type Kept = Omit<Photograph, 'bytes'>;

/** Stored once, however often it is sent. */
export const insertPhotograph = (
  client: Queryable,
  jobId: JobId,
  { id, seatId, about = null, personId, caption, widthPx, heightPx, takenAt }: Kept,
  jpeg: Buffer,
) =>
  client.query(
    `
  INSERT INTO photograph (id, job_id, seat_id, about, person_id, caption, width_px, height_px, jpeg, taken_at)
  VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10) ON CONFLICT (id) DO NOTHING`,
    [id, jobId, seatId, about, personId, caption, widthPx, heightPx, jpeg, takenAt],
  );

const countOf = (client: Queryable, jobId: JobId, seatId: SeatId | null, about: string | null) =>
  queryMaybeOne<{ count: number }>(
    client,
    `
  SELECT count(*)::integer AS count FROM photograph WHERE job_id = $1 AND seat_id IS NOT DISTINCT FROM $2
  AND about IS NOT DISTINCT FROM $3
  AND NOT EXISTS (SELECT FROM job_event
    WHERE job_event.job_id = $1 AND kind = 'photograph_withdrawn' AND body ->> 'photographId' = photograph.id::text)`,
    [jobId, seatId, about],
  );

const STORED = `
  SELECT id, seat_id AS "seatId", about, person_id AS "personId", caption, width_px AS "widthPx", height_px AS "heightPx",
    taken_at AS "takenAt", length(jpeg) AS bytes
  FROM photograph WHERE id = $1 AND job_id = $2`;

/** Scales and stores a photograph; one that is stored already is answered as it is. */
export async function savePhotograph(
  jobId: JobId,
  about: Pick<Photograph, 'id' | 'seatId' | 'about' | 'personId' | 'caption' | 'takenAt'>,
  bytes: Buffer,
): Promise<Photograph> {
  const { jpeg, widthPx, heightPx } = await scalePhotograph(bytes);
  return inTransaction(async (client) => {
    const place = await queryMaybeOne<{ isThere: boolean }>(
      client,
      `
      SELECT ($2::uuid IS NULL OR EXISTS (
        SELECT FROM seat JOIN casting ON casting.id = casting_id WHERE seat.id = $2 AND job_id = job.id)) AS "isThere"
      FROM job WHERE id = $1 FOR UPDATE`,
      [jobId, about.seatId],
    );
    if (!place) throw new Refusal(404, 'not_found', 'There is no such job.');
    if (!place.isThere)
      throw new Refusal(400, 'points_nowhere', 'This job has no such seat.', [
        { code: 'points_nowhere', field: 'seatId' },
      ]);
    const stored = await queryMaybeOne<Kept & { bytes: number }>(client, STORED, [about.id, jobId]);
    if (stored) return stored;
    const { count } = (await countOf(client, jobId, about.seatId, about.about ?? null))!;
    if (count >= PER_SEAT)
      throw new Refusal(
        409,
        'too_many',
        `A seat or a thing keeps ${PER_SEAT} photographs. Take one away first.`,
        [{ code: 'too_many', field: 'photograph', max: PER_SEAT }],
      );
    await insertPhotograph(client, jobId, { ...about, widthPx, heightPx }, jpeg);
    await notify(client, { kind: 'job', jobId });
    return { ...about, widthPx, heightPx, bytes: jpeg.length };
  });
}

export const loadPicture = (photographId: PhotographId) =>
  queryMaybeOne<{ jpeg: Buffer }>(pool(), 'SELECT jpeg FROM photograph WHERE id = $1', [photographId]);

/** The pictures of one job as base64, by id: for its file. */
export async function loadPictures(jobId: JobId): Promise<Map<string, string>> {
  const { rows } = await pool().query<{ id: string; jpeg: Buffer }>(
    'SELECT id, jpeg FROM photograph WHERE job_id = $1',
    [jobId],
  );
  return new Map(rows.map(({ id, jpeg }) => [id, jpeg.toString('base64')]));
}

const { id, seatId, about, personId, caption, takenAt } = photographSchema.shape;
export const aboutPhotographSchema = z.strictObject({ id, seatId, about, personId, caption, takenAt });
