import { answer } from '@/server/http';
import { SHOWN } from '@/server/shop';
import { pool, queryMaybeOne } from '@/server/pool';

export const dynamic = 'force-dynamic';

/** Does it answer, with its database; and does the shop have gauges that a process reads beside it? */
export const GET = () =>
  answer(async () => {
    const row = await queryMaybeOne<{ hasGauges: boolean }>(
      pool(),
      `SELECT EXISTS (SELECT FROM instrument
        WHERE NOT is_off AND (is_simulated OR speaks ->> 'by' = 'serial') AND ${SHOWN}) AS "hasGauges"`,
    );
    return Response.json({ ok: true, ...row });
  });
