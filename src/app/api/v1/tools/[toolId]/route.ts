import { answer, refuseForeignOrigin, requireId } from '@/server/http';
import { takeToolOff } from '@/server/tools/toolWall';

export const dynamic = 'force-dynamic';

export const DELETE = (request: Request, { params }: { params: Promise<{ toolId: string }> }) =>
  answer(async () => {
    refuseForeignOrigin(request);
    return Response.json({ tool: await takeToolOff(requireId((await params).toolId, 'tool')) });
  });
