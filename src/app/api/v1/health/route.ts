import { answer } from '@/server/http';
import { SHOWN } from '@/server/jobs/loadJob';
import { pool, queryMaybeOne } from '@/server/pool';

export const dynamic = 'force-dynamic';

/** Does it answer, with its database; and does the shop have simulated gauges, which then run beside it? */
export const GET = () =>
  answer(async () => {
    const row = await queryMaybeOne<{ hasSimulatedGauges: boolean }>(
      pool(),
      `SELECT EXISTS (SELECT FROM instrument WHERE is_simulated AND ${SHOWN}) AS "hasSimulatedGauges"`,
    );
    return Response.json({ ok: true, ...row });
  });
