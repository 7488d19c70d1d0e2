import { loadShopDrops } from '@/server/after/learned';
import { answerMarked } from '@/server/http';
import { pool } from '@/server/pool';

export const dynamic = 'force-dynamic';

/** What was promised of each drop by heat and what came of it, and what that taught the shop. */
export const GET = (request: Request) =>
  answerMarked(request, async () => Response.json(await loadShopDrops(pool())));
