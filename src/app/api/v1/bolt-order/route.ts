import { boltOrder } from '@/core/closing/bolts';
import { answer, readJson, Refusal } from '@/server/http';
import { boltOrderBody } from '@/server/sums/bodies';

export const dynamic = 'force-dynamic';

export const POST = (request: Request) =>
  answer(async () => {
    const { bolts, passes } = await readJson(request, boltOrderBody);
    const order = boltOrder(
      bolts.map(({ id, x_mm, y_mm }) => ({ id, xMm: x_mm, yMm: y_mm })),
      passes,
    );
    if (!order.ok)
      throw new Refusal(400, order.issues[0]!.code, 'No order can be given for these bolts.', order.issues);
    return Response.json({ order: order.value });
  });
