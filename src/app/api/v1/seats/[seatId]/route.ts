import { answer, readJson, requireId } from '@/server/http';
import { saveSeat, seatEditSchema } from '@/server/jobs/saveSeat';

export const dynamic = 'force-dynamic';

export const PATCH = (request: Request, { params }: { params: Promise<{ seatId: string }> }) =>
  answer(async () => {
    const seatId = requireId((await params).seatId, 'seat');
    return Response.json({ seat: await saveSeat(seatId, await readJson(request, seatEditSchema)) });
  });
