import { roundSchema } from '@/core/look/roundSchema';
import { answer, answerMarked, made, readJson } from '@/server/http';
import { pool } from '@/server/pool';
import { loadRounds, saveRound } from '@/server/tools/rounds';

export const dynamic = 'force-dynamic';

export const GET = (request: Request) =>
  answerMarked(request, async () => Response.json(await loadRounds(pool())));

export const POST = (request: Request) =>
  answer(async () =>
    made({ round: await saveRound(await readJson(request, roundSchema)) }, '/api/v1/rounds'),
  );
