import { claimGauge, claimSchema, releaseSchema, releaseGauge } from '@/server/gauges/gaugeClaims';
import { answer, readJson, requireId } from '@/server/http';

export const dynamic = 'force-dynamic';

type Context = { params: Promise<{ instrumentId: string }> };

export const PUT = (request: Request, { params }: Context) =>
  answer(async () => {
    await claimGauge(
      requireId((await params).instrumentId, 'instrument'),
      await readJson(request, claimSchema),
    );
    return Response.json({ ok: true });
  });

/** POST, so that a closing page can send it as a beacon. */
export const POST = (request: Request, { params }: Context) =>
  answer(async () => {
    const { screenId } = await readJson(request, releaseSchema);
    await releaseGauge(requireId((await params).instrumentId, 'instrument'), screenId);
    return Response.json({ ok: true });
  });
