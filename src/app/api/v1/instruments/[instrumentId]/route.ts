import { daySchema } from '@/core/quantity/moment';
import { z } from 'zod';
import { answer, readJson, refuseForeignOrigin, requireId } from '@/server/http';
import { saveCalibration, takeInstrumentOff } from '@/server/tools/instruments';

export const dynamic = 'force-dynamic';

const changeSchema = z.strictObject({ calibrationDue: daySchema.nullable() });

export const PATCH = (request: Request, { params }: { params: Promise<{ instrumentId: string }> }) =>
  answer(async () => {
    const { calibrationDue } = await readJson(request, changeSchema);
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
