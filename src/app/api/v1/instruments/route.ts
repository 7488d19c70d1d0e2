import { instrumentSchema } from '@/core/record/instrument';
import { answer, readJson } from '@/server/http';
import { pool } from '@/server/pool';
import { standOpenJobsAnew } from '@/server/projection/keepFresh';
import { loadInstruments, saveInstrument } from '@/server/tools/instruments';

export const dynamic = 'force-dynamic';

export const GET = () => answer(async () => Response.json({ instruments: await loadInstruments(pool()) }));

export const POST = (request: Request) =>
  answer(async () => {
    const instrument = await saveInstrument(await readJson(request, instrumentSchema));
    await standOpenJobsAnew();
    return Response.json({ instrument }, { status: 201 });
  });
