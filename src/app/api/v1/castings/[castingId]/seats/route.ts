import { answer, readJson, requireId } from '@/server/http';
import { addSeat, newSeatSchema } from '@/server/jobs/savePlan';

export const dynamic = 'force-dynamic';

export const POST = (request: Request, { params }: { params: Promise<{ castingId: string }> }) =>
  answer(async () => {
    const castingId = requireId((await params).castingId, 'casting');
    return Response.json(
      { seat: await addSeat(castingId, await readJson(request, newSeatSchema)) },
      { status: 201 },
    );
  });
