import { answer, readJson, requireId } from '@/server/http';
import { personChangeSchema, savePersonChoices } from '@/server/people/people';

export const dynamic = 'force-dynamic';

export const PATCH = (request: Request, { params }: { params: Promise<{ personId: string }> }) =>
  answer(async () =>
    Response.json(
      await savePersonChoices(
        requireId((await params).personId, 'person'),
        await readJson(request, personChangeSchema),
      ),
    ),
  );
