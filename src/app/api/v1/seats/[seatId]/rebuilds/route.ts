import { Refusal, answerMarked, requireId } from '@/server/http';
import { loadRebuilds } from '@/server/jobs/loadRebuilds';

export const dynamic = 'force-dynamic';

/** The same seat in other jobs of the same machine: what its bore and interference were. */
export const GET = (request: Request, { params }: { params: Promise<{ seatId: string }> }) =>
  answerMarked(request, async () => {
    const rebuilds = await loadRebuilds(requireId((await params).seatId, 'seat'));
    if (!rebuilds) throw new Refusal(404, 'not_found', 'There is no such seat.');
    return Response.json({ rebuilds });
  });
