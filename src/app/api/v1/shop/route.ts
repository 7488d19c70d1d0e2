import { z } from 'zod';
import { answer, readJson } from '@/server/http';
import { saveShop } from '@/server/shop';

export const dynamic = 'force-dynamic';

const changeSchema = z.strictObject({
  name: z.string().trim().min(1).max(80).optional(),
  showsDemo: z.boolean().optional(),
});

export const PATCH = (request: Request) =>
  answer(async () => Response.json({ shop: await saveShop(await readJson(request, changeSchema)) }));
