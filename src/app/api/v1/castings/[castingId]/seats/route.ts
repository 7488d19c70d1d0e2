import { answer, made, readJson, requireId } from '@/server/http';
import { addSeat, newSeatSchema } from '@/server/jobs/savePlan';

export const dynamic = 'force-dynamic';

export const POST = (request: Request, { params }: { params: Promise<{ castingId: string }> }) =>
  answer(async () => {
    const castingId = requireId((await params).castingId, 'casting');
    const seat = await addSeat(castingId, await readJson(request, newSeatSchema));
    return made({ seat }, `/api/v1/seats/${seat.id}`);
  });
