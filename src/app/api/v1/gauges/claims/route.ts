import { shopClock } from '@/server/clock';
import { listClaims } from '@/server/gauges/gaugeClaims';
import { answerMarked } from '@/server/http';

export const dynamic = 'force-dynamic';

/** For the process that reads the gauges: which are in use, and on what. */
export const GET = (request: Request) =>
  answerMarked(request, async () => Response.json({ claims: await listClaims(), clock: await shopClock() }));
