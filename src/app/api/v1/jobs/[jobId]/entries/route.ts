import { shopNow } from '@/server/clock';
import { readEntries, sentEntriesSchema } from '@/core/record/readEntries';
import { answer, answerMarked, readJson, requireId } from '@/server/http';
import { loadEntries } from '@/server/jobs/loadJob';
import { saveEntries } from '@/server/jobs/saveEntries';
import { pool } from '@/server/pool';
import { readVersion } from '@/server/projection/standing';

export const dynamic = 'force-dynamic';

type Context = { params: Promise<{ jobId: string }> };

export const POST = (request: Request, { params }: Context) =>
  answer(async () => {
    const jobId = requireId((await params).jobId, 'job');
    const sent = await readJson(request, sentEntriesSchema, { holdsEntries: true });
    const { entries, refused } = readEntries(sent, await shopNow());
    const saved = await saveEntries(jobId, entries);
    return Response.json({ ...saved, refused: [...refused, ...saved.refused] });
  });

/** Entries of a job and the version that has them all; `?ids=a,b` gives only those (the ids that a live message named). */
export const GET = (request: Request, { params }: Context) =>
  answerMarked(request, async () => {
    const jobId = requireId((await params).jobId, 'job');
    const asked = new URL(request.url).searchParams.get('ids');
    const ids =
      asked === null
        ? null
        : asked
            .split(',')
            .slice(0, 1000)
            .map((id) => requireId(id, 'entry'));
    // The version first: what is stored in between comes once more, and is known by its id.
    const version = await readVersion(jobId);
    return Response.json({ ...(await loadEntries(pool(), [jobId], ids))(jobId), version });
  });
