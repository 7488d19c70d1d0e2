import { answerMarked } from '@/server/http';
import { loadStacks } from '@/server/jobs/loadStacks';

export const dynamic = 'force-dynamic';

/** Every stack of every job on the bench: what a stack could be mistaken for. */
export const GET = (request: Request) =>
  answerMarked(request, async () => Response.json({ stacks: await loadStacks() }));
