import 'server-only';
import type { JobId, SeatId } from '@/core/record/ids';
import { findRebuilds, spelt, type MachineNames, type MeasuredSeat, type Rebuild } from '@/core/job/rebuilds';
import { pool, queryMany, queryMaybeOne } from '../pool';
import { SHOWN } from '../shop';

/** Only the latest are looked at. */
const MOST_JOBS = 20;

type OwnSeat = { jobId: JobId; seatName: string; castingName: string; outsideMm: number } & MachineNames;

/** Earlier and later rebuilds of a seat. Null: there is no such seat. */
export async function loadRebuilds(seatId: SeatId): Promise<Rebuild[] | null> {
  const own = await queryMaybeOne<OwnSeat>(
    pool(),
    `
    SELECT casting.job_id AS "jobId", seat.name AS "seatName", casting.name AS "castingName",
      (spec #>> '{part,outsideMm}')::double precision AS "outsideMm", machine,
      frame_number AS "frameNumber", engine_number AS "engineNumber"
    FROM seat JOIN casting ON casting.id = casting_id JOIN job_state ON job_state.job_id = casting.job_id
    WHERE seat.id = $1`,
    [seatId],
  );
  if (!own) return null;
  const { machine, frameNumber, engineNumber } = own;
  // Candidates by machine or its numbers; which of them count is the core's to say.
  const rows = await queryMany<{ measured: MeasuredSeat }>(
    pool(),
    `
    WITH other AS (
      SELECT job_id FROM job_state JOIN job ON job.id = job_id
      WHERE (job_state.machine = $1 OR frame_number = nullif($2, '') OR engine_number = nullif($3, ''))
        AND job_id <> $4 AND ${SHOWN}
      ORDER BY opened_at DESC LIMIT ${MOST_JOBS}
    )
    SELECT measured FROM other JOIN seat_result USING (job_id) WHERE measured IS NOT NULL`,
    [machine, frameNumber, engineNumber, own.jobId],
  );
  return findRebuilds(
    {
      jobId: own.jobId,
      names: { machine, frameNumber, engineNumber },
      seatName: spelt(own.seatName),
      castingName: spelt(own.castingName),
      outsideMm: own.outsideMm,
    },
    rows.map(({ measured }) => measured),
  );
}
