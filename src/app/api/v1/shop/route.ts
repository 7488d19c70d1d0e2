import { setPace, shopClock } from '@/server/clock';
import { answer, readJson } from '@/server/http';
import { openJobsAreStale } from '@/server/projection/keepFresh';
import { saveShop, shopChangeSchema } from '@/server/shop';

export const dynamic = 'force-dynamic';

export const PATCH = (request: Request) =>
  answer(async () => {
    const { pace, ...change } = await readJson(request, shopChangeSchema);
    const clock = pace ? await setPace(pace) : await shopClock();
    const shop = await saveShop(change);
    // The tools of the demo serve its own jobs and the shop's while it stands.
    // What is judged by the rules, or by what was learned, is judged anew.
    if (change.showsDemo !== undefined || change.usesLearned !== undefined || change.rules)
      await openJobsAreStale();
    return Response.json({ shop, clock });
  });
