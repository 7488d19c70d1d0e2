import { z } from 'zod';
import { seatSchema } from '@/core/record/job';
import { boreSpecSchema } from '@/core/record/seatSpec';
import { answer, readJson, requireId } from '@/server/http';
import { saveSeat } from '@/server/jobs/saveSeat';

export const dynamic = 'force-dynamic';

const { name, xMm, yMm } = seatSchema.shape;
const editSchema = z.strictObject({
  version: z.int().min(1),
  spec: boreSpecSchema,
  name: name.optional(),
  xMm: xMm.optional(),
  yMm: yMm.optional(),
});

export const PATCH = (request: Request, { params }: { params: Promise<{ seatId: string }> }) =>
  answer(async () => {
    const seatId = requireId((await params).seatId, 'seat');
    return Response.json({ seat: await saveSeat(seatId, await readJson(request, editSchema)) });
  });
