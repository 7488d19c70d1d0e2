import { answer, readJson, refuseForeignOrigin, requireId } from '@/server/http';
import { calibrationSchema, saveCalibration, takeInstrumentOff } from '@/server/tools/instruments';

export const dynamic = 'force-dynamic';

export const PATCH = (request: Request, { params }: { params: Promise<{ instrumentId: string }> }) =>
  answer(async () => {
    const { calibrationDue } = await readJson(request, calibrationSchema);
    await saveCalibration(requireId((await params).instrumentId, 'instrument'), calibrationDue);
    return Response.json({ calibrationDue });
  });

export const DELETE = (request: Request, { params }: { params: Promise<{ instrumentId: string }> }) =>
  answer(async () => {
    refuseForeignOrigin(request);
    return Response.json({
      instrument: await takeInstrumentOff(requireId((await params).instrumentId, 'instrument')),
    });
  });
