import { z } from 'zod';
import { personSchema } from '@/core/record/job';
import { answer, readJson, requireId } from '@/server/http';
import { savePersonChoices } from '@/server/people/people';

export const dynamic = 'force-dynamic';

const changeSchema = z
  .strictObject({ units: personSchema.shape.units.optional(), walk: personSchema.shape.walk })
  .refine(({ units, walk }) => units !== undefined || walk !== undefined, 'nothing to change');

export const PATCH = (request: Request, { params }: { params: Promise<{ personId: string }> }) =>
  answer(async () =>
    Response.json(
      await savePersonChoices(
        requireId((await params).personId, 'person'),
        await readJson(request, changeSchema),
      ),
    ),
  );
