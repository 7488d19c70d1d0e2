import { gaugeShownSchema } from '@/core/record/instrument';
import { relayGaugeReading } from '@/server/gauges/gaugeClaims';
import { answer, readJson, requireId } from '@/server/http';

export const dynamic = 'force-dynamic';

/** Where a gauge's own process sends what the gauge shows; simulated and real ones alike. */
export const POST = (request: Request, { params }: { params: Promise<{ instrumentId: string }> }) =>
  answer(async () => {
    const instrumentId = requireId((await params).instrumentId, 'instrument');
    return Response.json({
      delivered: await relayGaugeReading(instrumentId, await readJson(request, gaugeShownSchema)),
    });
  });
