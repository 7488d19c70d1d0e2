import { shopNow } from '@/server/clock';
import { answerMarked } from '@/server/http';
import { loadBench } from '@/server/jobs/loadBench';

export const dynamic = 'force-dynamic';

/** The jobs on the bench, each with its seats' states and its next move. */
export const GET = (request: Request) =>
  answerMarked(request, async () => Response.json(await loadBench(await shopNow())));
