import 'server-only';
import type { JobId } from '@/core/record/ids';
import { isDeepStrictEqual } from 'node:util';
import type { JobFile } from '@/core/record/jobFile';
import { Refusal } from '../http';
import { notify } from '../live/notify';
import { inTransaction, type Queryable } from '../pool';
import { freeNumber } from './freeNumber';
import { insertJobHead } from './insertJobHead';
import { standAnew } from '../projection/standing';
import { insertEntries } from './entryRows';
import { insertInstruments } from '../tools/instruments';
import { loadHead } from './loadJob';
import { insertPhotograph } from './photographs';

async function insertPeopleAndInstruments(
  client: Queryable,
  { people, instruments }: Pick<JobFile, 'people' | 'instruments'>,
  isDemo: boolean,
) {
  await client.query(
    `
    INSERT INTO person (id, initials, name, units, walk, instruments, is_demo)
    SELECT id, initials, name, units, coalesce(walk, 'full'), coalesce(instruments, '{}'), $2
    FROM jsonb_to_recordset($1::jsonb) AS new (id uuid, initials text, name text, units text, walk text, instruments jsonb)
    ON CONFLICT (id) DO NOTHING`,
    [JSON.stringify(people), isDemo],
  );
  await insertInstruments(client, instruments, { isDemo, isOff: !isDemo });
}

export type ImportAnswer = { jobId: JobId; number: number; isNew: boolean; entriesInFile: number };

/**
 * Puts a job file into the database, whole or not at all. A job that is here already takes up the entries that it lacks,
 * provided that its castings and seats are the same; otherwise the file is refused as `job_differs`.
 */
export function importJob(file: JobFile, { isDemo = false } = {}, within?: Queryable): Promise<ImportAnswer> {
  const work = async (client: Queryable): Promise<ImportAnswer> => {
    await client.query('LOCK TABLE job IN SHARE ROW EXCLUSIVE MODE');
    await insertPeopleAndInstruments(client, file, isDemo);
    const present = await loadHead(client, file.job.id);
    const { castings, shafts } = file.job;
    if (present && !isDeepStrictEqual([present.castings, present.shafts], [castings, shafts]))
      throw new Refusal(
        409,
        'job_differs',
        'This job is here already, with other castings or seats than in the file.',
        [{ code: 'job_differs', field: 'job.castings' }],
      );
    const number = present?.number ?? (await freeNumber(client, file.job.number));
    if (!present) await insertJobHead(client, { ...file.job, number }, { isDemo });
    for (const photograph of file.photographs)
      await insertPhotograph(client, file.job.id, photograph, Buffer.from(photograph.jpegBase64, 'base64'));
    const taken = await insertEntries(client, file.job.id, { readings: file.readings, events: file.events });
    if (taken.length > 0)
      throw new Refusal(
        409,
        'entries_refused',
        'Entries of this file clash with what is stored.',
        taken.slice(0, 20).map((id) => ({ code: 'id_taken', field: 'id', given: id })),
      );
    await standAnew(file.job.id, client);
    await notify(client, { kind: 'job', jobId: file.job.id });
    return {
      jobId: file.job.id,
      number,
      isNew: !present,
      entriesInFile: file.readings.length + file.events.length,
    };
  };
  return inTransaction(work, within);
}
