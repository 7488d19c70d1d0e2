import 'server-only';
import type { CastingId, JobId } from '@/core/record/ids';
import { isDeepStrictEqual } from 'node:util';
import { z } from 'zod';
import { castingSchema, jobHeadSchema, seatSchema, type Seat } from '@/core/record/job';
import { planSchema, type JobPlan } from '@/core/record/plan';
import { Refusal } from '../http';
import { notify } from '../live/notify';
import { standAnew } from '../projection/standing';
import { inTransaction, queryMaybeOne, type Queryable } from '../pool';
import { insertSeat } from './insertJobHead';
import { loadHead } from './loadJob';

const { name, material, massKg, areaM2, map } = castingSchema.shape;

/** A job's plan and its castings (without their seats), changed together; `version` is the one that the change was made on. */
export const planEditSchema = z.strictObject({
  version: z.int().min(1),
  plan: planSchema.optional(),
  castings: z
    .array(z.strictObject({ id: z.uuid(), name, material, massKg, areaM2, map }))
    .max(8)
    .optional(),
  machine: jobHeadSchema.shape.machine.optional(),
});

type PlanEdit = z.infer<typeof planEditSchema>;

/** Is this the change that stands there already, sent again because its answer was lost? */
async function isStored(
  client: Queryable,
  jobId: JobId,
  standing: JobPlan,
  { version, plan, castings = [], machine }: PlanEdit,
): Promise<boolean> {
  if (standing.version !== version + 1) return false;
  if (plan && !isDeepStrictEqual({ ...plan, version: standing.version }, standing)) return false;
  const head = await loadHead(client, jobId, { ofHiddenDemo: true });
  if (machine !== undefined && machine !== head?.machine) return false;
  return castings.every(({ id, ...casting }) => {
    const {
      seats: _seats,
      id: _id,
      ...there
    } = head?.castings.find((each) => each.id === id) ?? { seats: [], id };
    return isDeepStrictEqual(casting, there);
  });
}

/** Stores the change if the plan is still at that version; else refuses with what stands there now (409). */
export function savePlan(
  jobId: JobId,
  { version, plan, castings = [], machine }: PlanEdit,
): Promise<JobPlan> {
  return inTransaction(async (client) => {
    const row = await queryMaybeOne<{ plan: JobPlan }>(
      client,
      'SELECT plan FROM job WHERE id = $1 FOR UPDATE',
      [jobId],
    );
    if (!row) throw new Refusal(404, 'not_found', 'There is no such job.');
    if (await isStored(client, jobId, row.plan, { version, plan, castings, machine })) return row.plan;
    if (row.plan.version !== version)
      throw new Refusal(
        409,
        'stale_edit',
        'Somebody changed this plan meanwhile.',
        [{ code: 'stale_edit', field: 'version', given: version }],
        { current: row.plan },
      );
    const next: JobPlan = { ...(plan ?? row.plan), version: version + 1 };
    await client.query('UPDATE job SET plan = $2, machine = coalesce($3, machine) WHERE id = $1', [
      jobId,
      JSON.stringify(next),
      machine ?? null,
    ]);
    for (const casting of castings) {
      const { rowCount } = await client.query(
        'UPDATE casting SET map = $3, name = $4, material = $5, mass_kg = $6, area_m2 = $7 WHERE id = $1 AND job_id = $2',
        [
          casting.id,
          jobId,
          JSON.stringify(casting.map),
          casting.name,
          casting.material,
          casting.massKg,
          casting.areaM2,
        ],
      );
      if (rowCount === 0)
        throw new Refusal(400, 'points_nowhere', 'This job has no such casting.', [
          { code: 'points_nowhere', field: 'castings.id', given: casting.id },
        ]);
    }
    await standAnew(jobId, client);
    await notify(client, { kind: 'job', jobId });
    return next;
  });
}

export const newSeatSchema = seatSchema;

const jobOf = (client: Queryable, castingId: CastingId) =>
  queryMaybeOne<{ jobId: JobId; count: number }>(
    client,
    `SELECT job_id AS "jobId", (SELECT count(*)::integer FROM seat WHERE casting_id = casting.id) AS count
    FROM casting WHERE id = $1 FOR UPDATE`,
    [castingId],
  );

/** A further seat on a casting: new, or a copy of one that is there. */
export function addSeat(castingId: CastingId, seat: Seat): Promise<Seat> {
  return inTransaction(async (client) => {
    const place = await jobOf(client, castingId);
    if (!place) throw new Refusal(404, 'not_found', 'There is no such casting.');
    if (place.count >= 40)
      throw new Refusal(409, 'too_many', 'A casting has at most 40 seats.', [
        { code: 'too_many', field: 'seats', max: 40 },
      ]);
    const added = { ...seat, version: 1 };
    // Sent again because its answer was lost: it is there.
    const there = await queryMaybeOne<{ castingId: CastingId }>(
      client,
      'SELECT casting_id AS "castingId" FROM seat WHERE id = $1',
      [seat.id],
    );
    if (there?.castingId === castingId) return added;
    await insertSeat(client, castingId, place.count, added);
    await standAnew(place.jobId, client);
    await notify(client, { kind: 'job', jobId: place.jobId });
    return added;
  });
}
