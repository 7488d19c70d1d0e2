import { listClaims } from '@/server/gauges/gaugeClaims';
import { answer } from '@/server/http';

export const dynamic = 'force-dynamic';

/** For the process that reads the gauges: which are in use, and on what. */
export const GET = () => answer(async () => Response.json({ claims: await listClaims() }));
