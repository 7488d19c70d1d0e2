import { shopNow } from '@/server/clock';
import { answerMarked } from '@/server/http';
import { loadHeat } from '@/server/jobs/loadHeat';

export const dynamic = 'force-dynamic';

/** What is hot or cold in the whole shop: the strip on every screen. */
export const GET = (request: Request) =>
  answerMarked(request, async () => Response.json({ items: await loadHeat(await shopNow()) }));
