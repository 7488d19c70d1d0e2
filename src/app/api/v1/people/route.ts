import { personSchema } from '@/core/record/person';
import { answer, readJson } from '@/server/http';
import { addPerson } from '@/server/people/people';

export const dynamic = 'force-dynamic';

export const POST = (request: Request) =>
  answer(async () =>
    Response.json(
      { person: await addPerson(await readJson(request, personSchema.omit({ walk: true }))) },
      { status: 201 },
    ),
  );
