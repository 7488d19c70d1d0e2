import { roundSchema } from '@/core/look/roundSchema';
import { answer, readJson } from '@/server/http';
import { pool } from '@/server/pool';
import { loadRounds, saveRound } from '@/server/tools/rounds';

export const dynamic = 'force-dynamic';

export const GET = () => answer(async () => Response.json(await loadRounds(pool())));

export const POST = (request: Request) =>
  answer(async () =>
    Response.json({ round: await saveRound(await readJson(request, roundSchema)) }, { status: 201 }),
  );
