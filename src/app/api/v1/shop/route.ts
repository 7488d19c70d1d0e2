import { z } from 'zod';
import { answer, readJson } from '@/server/http';
import { standOpenJobsAnew } from '@/server/projection/keepFresh';
import { saveShop } from '@/server/shop';

export const dynamic = 'force-dynamic';

const changeSchema = z.strictObject({
  name: z.string().trim().min(1).max(80).optional(),
  showsDemo: z.boolean().optional(),
});

export const PATCH = (request: Request) =>
  answer(async () => {
    const change = await readJson(request, changeSchema);
    const shop = await saveShop(change);
    // The tools of the demo serve its own jobs and the shop's while it stands.
    if (change.showsDemo !== undefined) await standOpenJobsAnew();
    return Response.json({ shop });
  });
