import { answer, refuseForeignOrigin, requireId } from '@/server/http';
import { takeStockOff } from '@/server/tools/stock';

export const dynamic = 'force-dynamic';

export const DELETE = (request: Request, { params }: { params: Promise<{ itemId: string }> }) =>
  answer(async () => {
    refuseForeignOrigin(request);
    return Response.json({ item: await takeStockOff(requireId((await params).itemId, 'item')) });
  });
