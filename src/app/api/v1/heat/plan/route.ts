import { shopNow } from '@/server/clock';
import { answerMarked } from '@/server/http';
import { planHeatsNow } from '@/server/board/planNow';

export const dynamic = 'force-dynamic';

/** All heats of the bench on one time line. */
export const GET = (request: Request) =>
  answerMarked(request, async () => Response.json(await planHeatsNow(await shopNow())));
