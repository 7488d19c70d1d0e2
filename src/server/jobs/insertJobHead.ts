import 'server-only';
import { backToRealClock } from '../clock';
import type { CastingId, JobId } from '@/core/record/ids';
import type { JobHead, Seat } from '@/core/record/job';
import type { Shaft } from '@/core/record/shafts';
import type { Queryable } from '../pool';

export const insertSeat = (client: Queryable, castingId: CastingId, position: number, seat: Seat) =>
  client.query(
    'INSERT INTO seat (id, casting_id, position, name, x_mm, y_mm, spec, version, face) VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9)',
    [
      seat.id,
      castingId,
      position,
      seat.name,
      seat.xMm,
      seat.yMm,
      JSON.stringify(seat.spec),
      seat.version,
      seat.face ?? null,
    ],
  );

async function insertShaft(client: Queryable, jobId: JobId, position: number, shaft: Shaft) {
  await client.query(
    'INSERT INTO shaft (id, job_id, position, name, material, length_mm, ends) VALUES ($1, $2, $3, $4, $5, $6, $7)',
    [shaft.id, jobId, position, shaft.name, shaft.material, shaft.lengthMm, JSON.stringify(shaft.ends)],
  );
  for (const [i, { id, name, spec, version }] of shaft.seats.entries())
    await client.query(
      'INSERT INTO seat (id, shaft_id, position, name, spec, version) VALUES ($1, $2, $3, $4, $5, $6)',
      [id, shaft.id, i, name, JSON.stringify(spec), version],
    );
}

/** A job with its castings, shafts and seats, in their order. */
export async function insertJobHead(client: Queryable, head: JobHead, { isDemo = false } = {}) {
  // Its record has the real time.
  if (!isDemo) await backToRealClock(client);
  await client.query(
    `INSERT INTO job (id, number, kind, machine, machine_sort, room_c, opened_at, plan, is_demo)
    VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9)`,
    [
      head.id,
      head.number,
      head.kind,
      head.machine,
      head.machineSort,
      head.roomC,
      head.openedAt,
      JSON.stringify(head.plan),
      isDemo,
    ],
  );
  for (const [castingPosition, casting] of head.castings.entries()) {
    await client.query(
      'INSERT INTO casting (id, job_id, position, name, material, mass_kg, area_m2, map) VALUES ($1, $2, $3, $4, $5, $6, $7, $8)',
      [
        casting.id,
        head.id,
        castingPosition,
        casting.name,
        casting.material,
        casting.massKg,
        casting.areaM2,
        JSON.stringify(casting.map),
      ],
    );
    for (const [position, seat] of casting.seats.entries())
      await insertSeat(client, casting.id, position, seat);
  }
  for (const [position, shaft] of head.shafts.entries()) await insertShaft(client, head.id, position, shaft);
}
