import { answerMarked } from '@/server/http';
import { loadOrders } from '@/server/jobs/loadOrders';

export const dynamic = 'force-dynamic';

/** The order list, and every number that came wrong before. */
export const GET = (request: Request) => answerMarked(request, async () => Response.json(await loadOrders()));
