import { ask } from '@/core/ask/ask';
import { sayForApi } from '@/core/ask/sayForApi';
import { JOB_KINDS } from '@/core/job/kinds/allKinds';
import { answerMarked, checkValue } from '@/server/http';
import { loadAskable } from '@/server/jobs/loadAskable';
import { askQuery } from '@/server/sums/bodies';

export const dynamic = 'force-dynamic';

/** What the ask line answers to the same words. */
export const GET = (request: Request) =>
  answerMarked(request, async () => {
    const { q, units } = checkValue(askQuery, Object.fromEntries(new URL(request.url).searchParams));
    const found = ask(q, { units, jobs: await loadAskable(q), kinds: JOB_KINDS });
    return Response.json(sayForApi(found ?? { answer: 'what_can_be_asked' }));
  });
