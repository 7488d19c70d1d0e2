import { answer, refuseForeignOrigin, requireId } from '@/server/http';
import { openJobsAreStale } from '@/server/projection/keepFresh';
import { takeToolOff } from '@/server/tools/toolWall';

export const dynamic = 'force-dynamic';

export const DELETE = (request: Request, { params }: { params: Promise<{ toolId: string }> }) =>
  answer(async () => {
    refuseForeignOrigin(request);
    const tool = await takeToolOff(requireId((await params).toolId, 'tool'));
    await openJobsAreStale();
    return Response.json({ tool });
  });
