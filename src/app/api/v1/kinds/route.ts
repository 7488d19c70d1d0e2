import { z } from 'zod';
import { jobIdSchema } from '@/core/record/ids';
import { answer, readJson } from '@/server/http';
import { loadOwnKinds, saveOwnKind } from '@/server/jobs/ownKinds';

export const dynamic = 'force-dynamic';

const keepSchema = z.strictObject({ jobId: jobIdSchema, name: z.string().trim().min(1).max(80) });

export const GET = () => answer(async () => Response.json({ kinds: await loadOwnKinds() }));

/** Keeps a job as a kind of the shop's own. */
export const POST = (request: Request) =>
  answer(async () =>
    Response.json({ kind: await saveOwnKind(await readJson(request, keepSchema)) }, { status: 201 }),
  );
