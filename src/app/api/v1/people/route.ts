import { answer, made, readJson } from '@/server/http';
import { addPerson, newPersonSchema } from '@/server/people/people';

export const dynamic = 'force-dynamic';

export const POST = (request: Request) =>
  answer(async () => {
    const person = await addPerson(await readJson(request, newPersonSchema));
    return made({ person }, `/api/v1/people/${person.id}`);
  });
