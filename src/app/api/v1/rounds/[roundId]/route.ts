import { answer, refuseForeignOrigin, requireId } from '@/server/http';
import { takeRoundOff } from '@/server/tools/rounds';

export const dynamic = 'force-dynamic';

export const DELETE = (request: Request, { params }: { params: Promise<{ roundId: string }> }) =>
  answer(async () => {
    refuseForeignOrigin(request);
    return Response.json({ round: await takeRoundOff(requireId((await params).roundId, 'round')) });
  });
