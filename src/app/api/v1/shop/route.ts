import { z } from 'zod';
import { shopRulesSchema } from '@/core/record/shopRules';
import { answer, readJson } from '@/server/http';
import { standOpenJobsAnew } from '@/server/projection/keepFresh';
import { saveShop } from '@/server/shop';

export const dynamic = 'force-dynamic';

const changeSchema = z.strictObject({
  name: z.string().trim().min(1).max(80).optional(),
  showsDemo: z.boolean().optional(),
  rules: shopRulesSchema.optional(),
});

export const PATCH = (request: Request) =>
  answer(async () => {
    const change = await readJson(request, changeSchema);
    const shop = await saveShop(change);
    // The tools of the demo serve its own jobs and the shop's while it stands.
    // What is judged by the rules is judged anew.
    if (change.showsDemo !== undefined || change.rules) await standOpenJobsAnew();
    return Response.json({ shop });
  });
