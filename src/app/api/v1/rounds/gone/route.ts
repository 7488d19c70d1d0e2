import { roundGoneSchema } from '@/core/look/roundSchema';
import { answer, readJson } from '@/server/http';
import { storeRoundGone } from '@/server/tools/rounds';

export const dynamic = 'force-dynamic';

export const POST = (request: Request) =>
  answer(async () =>
    Response.json({ gone: await storeRoundGone(await readJson(request, roundGoneSchema)) }, { status: 201 }),
  );
