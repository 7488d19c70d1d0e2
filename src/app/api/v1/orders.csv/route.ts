import { writeOrdersCsv } from '@/core/parts/orders';
import { answerMarked } from '@/server/http';
import { loadOrders } from '@/server/jobs/loadOrders';

export const dynamic = 'force-dynamic';

export const GET = (request: Request) =>
  answerMarked(
    request,
    async () =>
      new Response(writeOrdersCsv((await loadOrders()).lines), {
        headers: {
          'Content-Type': 'text/csv; charset=utf-8; header=present',
          'Content-Disposition': 'attachment; filename="urn-key-orders.csv"',
        },
      }),
  );
