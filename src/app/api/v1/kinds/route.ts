import { answer, answerMarked, made, readJson } from '@/server/http';
import { keepKindSchema, loadOwnKinds, saveOwnKind } from '@/server/jobs/ownKinds';

export const dynamic = 'force-dynamic';

export const GET = (request: Request) =>
  answerMarked(request, async () => Response.json({ kinds: await loadOwnKinds() }));

/** Keeps a job as a kind of the shop's own. */
export const POST = (request: Request) =>
  answer(async () =>
    made({ kind: await saveOwnKind(await readJson(request, keepKindSchema)) }, '/api/v1/kinds'),
  );
