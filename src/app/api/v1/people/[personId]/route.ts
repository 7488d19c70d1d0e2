import { z } from 'zod';
import { personSchema } from '@/core/record/person';
import { answer, readJson, requireId } from '@/server/http';
import { savePersonChoices } from '@/server/people/people';

export const dynamic = 'force-dynamic';

const changeSchema = z
  .strictObject({
    units: personSchema.shape.units.optional(),
    walk: personSchema.shape.walk,
    instruments: personSchema.shape.instruments,
  })
  .refine((change) => Object.values(change).some((value) => value !== undefined), 'nothing to change');

export const PATCH = (request: Request, { params }: { params: Promise<{ personId: string }> }) =>
  answer(async () =>
    Response.json(
      await savePersonChoices(
        requireId((await params).personId, 'person'),
        await readJson(request, changeSchema),
      ),
    ),
  );
