import { parseJobFile } from '@/core/record/jobFile';
import { JOB_FILE_MAX_BYTES } from '@/core/record/limits';
import { Refusal, answer, made, readText } from '@/server/http';
import { importJob } from '@/server/jobs/importJob';

export const dynamic = 'force-dynamic';

export const POST = (request: Request) =>
  answer(async () => {
    const file = parseJobFile(await readText(request, JOB_FILE_MAX_BYTES));
    if (!file.ok)
      throw new Refusal(
        400,
        file.issues[0]!.code,
        'This file was not taken; nothing was changed.',
        file.issues,
      );
    const taken = await importJob(file.value);
    return made(taken, `/api/v1/jobs/${taken.jobId}`);
  });
