import { roundGoneSchema } from '@/core/look/roundSchema';
import { answer, made, readJson } from '@/server/http';
import { storeRoundGone } from '@/server/tools/rounds';

export const dynamic = 'force-dynamic';

export const POST = (request: Request) =>
  answer(async () =>
    made({ gone: await storeRoundGone(await readJson(request, roundGoneSchema)) }, '/api/v1/rounds'),
  );
