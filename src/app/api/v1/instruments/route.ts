import { instrumentSchema } from '@/core/record/instrument';
import { answer, answerMarked, made, readJson } from '@/server/http';
import { pool } from '@/server/pool';
import { openJobsAreStale } from '@/server/projection/keepFresh';
import { loadInstruments, saveInstrument } from '@/server/tools/instruments';

export const dynamic = 'force-dynamic';

export const GET = (request: Request) =>
  answerMarked(request, async () => Response.json({ instruments: await loadInstruments(pool()) }));

export const POST = (request: Request) =>
  answer(async () => {
    const instrument = await saveInstrument(await readJson(request, instrumentSchema));
    await openJobsAreStale();
    return made({ instrument }, `/api/v1/instruments/${instrument.id}`);
  });
