import 'server-only';
import type { JobId, SeatId } from '@/core/record/ids';
import { isDeepStrictEqual } from 'node:util';
import { z } from 'zod';
import { seatSchema, type Seat } from '@/core/record/job';
import { boreSpecSchema } from '@/core/record/seatSpec';
import { Refusal } from '../http';
import { notify } from '../live/notify';
import { standAnew } from '../projection/standing';
import { inTransaction, queryMaybeOne } from '../pool';

type SeatRow = Omit<Seat, 'face'> & { face: Seat['face'] | null; jobId: JobId };

const SEAT = `seat.id, seat.name, x_mm AS "xMm", y_mm AS "yMm", spec, version, face`;

/** As a page loads it: the working face is left out. */
const asSeat = ({ face, ...seat }: Omit<Seat, 'face'> & { face: Seat['face'] | null }): Seat => ({
  ...seat,
  ...(face && { face }),
});

const { name, xMm, yMm } = seatSchema.shape;
export const seatEditSchema = z.strictObject({
  version: z.int().min(1),
  spec: boreSpecSchema,
  name: name.optional(),
  xMm: xMm.optional(),
  yMm: yMm.optional(),
});
export type SeatEdit = z.infer<typeof seatEditSchema>;

/**
 * Changes a seat's sizes, and its name and place where they are given, if it is still at `version`. An edit of an older version is
 * refused (409) with what stands there now,
 * so that the person sees what changed and decides.
 */
export function saveSeat(seatId: SeatId, { version, spec, name, xMm, yMm }: SeatEdit): Promise<Seat> {
  return inTransaction(async (client) => {
    const saved = await queryMaybeOne<SeatRow>(
      client,
      `
      UPDATE seat
      SET spec = $3, name = coalesce($4, seat.name), x_mm = coalesce($5, x_mm), y_mm = coalesce($6, y_mm),
        version = version + 1
      FROM casting
      WHERE seat.id = $1 AND version = $2 AND casting.id = casting_id
      RETURNING ${SEAT}, casting.job_id AS "jobId"`,
      [seatId, version, JSON.stringify(spec), name ?? null, xMm ?? null, yMm ?? null],
    );
    if (saved) {
      const { jobId, ...seat } = saved;
      await standAnew(jobId, client);
      await notify(client, { kind: 'job', jobId });
      return asSeat(seat);
    }
    const current = await queryMaybeOne<Omit<SeatRow, 'jobId'>>(
      client,
      `SELECT ${SEAT} FROM seat WHERE id = $1 AND casting_id IS NOT NULL`,
      [seatId],
    );
    if (!current) throw new Refusal(404, 'not_found', 'There is no such seat.');
    const standing = asSeat(current);
    const wanted = {
      ...standing,
      spec,
      name: name ?? standing.name,
      xMm: xMm ?? standing.xMm,
      yMm: yMm ?? standing.yMm,
    };
    // The change that stands there already, sent again because its answer was lost.
    if (standing.version === version + 1 && isDeepStrictEqual(wanted, standing)) return standing;
    throw new Refusal(
      409,
      'stale_edit',
      'Somebody changed this seat meanwhile.',
      [{ code: 'stale_edit', field: 'version', given: version }],
      { current: standing },
    );
  });
}
