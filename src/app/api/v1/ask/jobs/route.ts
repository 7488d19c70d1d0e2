import { answerMarked, checkValue } from '@/server/http';
import { loadAskable } from '@/server/jobs/loadAskable';
import { askQuery } from '@/server/sums/bodies';

export const dynamic = 'force-dynamic';

/** Jobs that a question may mean, for the ask line of a page: it answers by itself, but knows only what is on the bench. */
export const GET = (request: Request) =>
  answerMarked(request, async () => {
    const { q } = checkValue(askQuery, Object.fromEntries(new URL(request.url).searchParams));
    return Response.json({ jobs: await loadAskable(q) });
  });
