import type { JobId } from '@/core/record/ids';
import type { Issue } from '@/core/quantity/result';
import type { Edit, Standing } from '@/core/record/edits';
import type { ShopEdit } from '@/core/record/shopEdits';
import type { Entries } from '@/core/record/entries';
import type { RefusedEntry } from '@/core/record/readEntries';
import { asJson, ask, FILE_PATIENCE_MS, isTaken, type Answered } from './door';
import type { KeptEdit, KeptEntry, KeptPhotograph, KeptShopEdit } from './kept';
import type { AwayCause } from './liveStream';

/** What became of what was sent. `away`: nothing is known; it is sent again. */
export type Outcome =
  | { is: 'away'; cause: AwayCause | null }
  | { is: 'answered'; stored: string[]; refused: Refusal[]; version: number };
export type Refusal = RefusedEntry & { standing?: Standing };

type SavedEntries = { acknowledged: string[]; refused: RefusedEntry[]; version: number };
type Answer = Answered<unknown>['answer'];

const away = (answer: Answer): Outcome => ({ is: 'away', cause: answer?.error?.cause ?? null });

/** Answers by which the server has read what was sent, and will not take it as it is; any other is tried again. */
const REFUSALS: readonly number[] = [400, 404, 409, 413];

const issuesOf = (answer: Answer, field: string): Issue[] =>
  answer?.error?.issues.length ? answer.error.issues : [{ code: answer?.error?.code ?? 'bad_value', field }];

const entriesOf = (kept: readonly KeptEntry[]): Entries => ({
  readings: kept.flatMap((each) => (each.type === 'reading' ? [each.entry] : [])),
  events: kept.flatMap((each) => (each.type === 'event' ? [each.entry] : [])),
});

/** Entries of one job. A server that refuses a batch whole has not said which entry it means: then each goes alone. */
export async function sendEntries(batch: readonly KeptEntry[]): Promise<Outcome> {
  const { status, answer } = await ask<SavedEntries>(
    `/api/v1/jobs/${batch[0]!.jobId}/entries`,
    asJson('POST', entriesOf(batch)),
  );
  if (status === 200 && answer)
    return {
      is: 'answered',
      stored: answer.acknowledged ?? [],
      refused: answer.refused ?? [],
      version: answer.version ?? 0,
    };
  if (status !== 400 && status !== 404) return away(answer);
  const [first, ...others] = batch;
  // The job is not there, or the server reads this entry otherwise: it stays here, with what was said of it.
  if (others.length === 0)
    return {
      is: 'answered',
      stored: [],
      refused: [{ id: first!.id, issues: issuesOf(answer, 'entry') }],
      version: 0,
    };
  const whole = { is: 'answered' as const, stored: [] as string[], refused: [] as Refusal[], version: 0 };
  for (const entry of batch) {
    const one = await sendEntries([entry]);
    if (one.is === 'away') return one;
    whole.stored.push(...one.stored);
    whole.refused.push(...one.refused);
    whole.version = Math.max(whole.version, one.version);
  }
  return whole;
}

function judge(id: string, status: number, answer: Answer, field: string): Outcome {
  if (isTaken(status)) return { is: 'answered', stored: [id], refused: [], version: 0 };
  if (!REFUSALS.includes(status) || !answer?.error) return away(answer);
  const { current: standing } = answer.error as { current?: Standing };
  return {
    is: 'answered',
    stored: [],
    refused: [{ id, issues: issuesOf(answer, field), ...(standing && { standing }) }],
    version: 0,
  };
}

/** The same one sent twice is stored once. */
export async function sendPhotograph(kept: KeptPhotograph): Promise<Outcome> {
  const { id, jobId, seatId, about, personId, takenAt, file } = kept;
  const query = new URLSearchParams({
    id,
    ...(seatId && { seatId }),
    ...(about && { about }),
    personId,
    caption: '',
    takenAt,
  });
  const { status, answer } = await ask(
    `/api/v1/jobs/${jobId}/photographs?${query}`,
    { method: 'POST', headers: { 'Content-Type': file.type || 'application/octet-stream' }, body: file },
    FILE_PATIENCE_MS,
  );
  return judge(id, status, answer, 'photograph');
}

function requestOf(jobId: JobId, edit: Edit): [path: string, method: string, body: unknown] {
  switch (edit.what) {
    case 'plan': {
      const { version, plan, castings, machine } = edit;
      const body = {
        version,
        ...(plan && { plan }),
        ...(castings.length > 0 && { castings }),
        ...(machine !== undefined && { machine }),
      };
      return [`/api/v1/jobs/${jobId}/plan`, 'PUT', body];
    }
    case 'seat':
      return [`/api/v1/seats/${edit.seatId}`, 'PATCH', { version: edit.version, ...edit.change }];
    case 'new_seat':
      return [`/api/v1/castings/${edit.castingId}/seats`, 'POST', edit.seat];
  }
}

/** An edit that was stored and whose answer was lost is known again by the server. */
export async function sendEdit({ id, jobId, edit }: KeptEdit): Promise<Outcome> {
  const [path, method, body] = requestOf(jobId, edit);
  const { status, answer } = await ask(path, asJson(method, body));
  return judge(id, status, answer, 'edit');
}

function shopRequestOf(edit: ShopEdit): [path: string, init: RequestInit] {
  switch (edit.what) {
    case 'tool':
      return ['/api/v1/tools', asJson('POST', edit.tool)];
    case 'tool_off':
      return [`/api/v1/tools/${edit.tool.id}`, { method: 'DELETE' }];
    case 'stock':
      return ['/api/v1/stock', asJson('POST', edit.item)];
    case 'stock_off':
      return [`/api/v1/stock/${edit.item.id}`, { method: 'DELETE' }];
    case 'instrument':
      return ['/api/v1/instruments', asJson('POST', edit.instrument)];
    case 'instrument_off':
      return [`/api/v1/instruments/${edit.instrument.id}`, { method: 'DELETE' }];
    case 'calibration':
      return [
        `/api/v1/instruments/${edit.instrumentId}`,
        asJson('PATCH', { calibrationDue: edit.calibrationDue }),
      ];
    case 'person':
      return ['/api/v1/people', asJson('POST', edit.person)];
    case 'round':
      return ['/api/v1/rounds', asJson('POST', edit.round)];
    case 'round_off':
      return [`/api/v1/rounds/${edit.round.id}`, { method: 'DELETE' }];
    case 'round_gone':
      return ['/api/v1/rounds/gone', asJson('POST', edit.gone)];
    case 'rules':
      return ['/api/v1/shop', asJson('PATCH', { rules: edit.rules })];
    case 'heat_plan':
      return ['/api/v1/shop', asJson('PATCH', { heatPlan: edit.heatPlan })];
    case 'choices':
      return [`/api/v1/people/${edit.personId}`, asJson('PATCH', edit.choices)];
  }
}

/** Each may be sent twice: the last change holds. What is taken off and was never there is off. */
export async function sendShopEdit({ id, edit }: KeptShopEdit): Promise<Outcome> {
  const [path, init] = shopRequestOf(edit);
  const { status, answer } = await ask(path, init);
  const isOff = init.method === 'DELETE' && status === 404;
  return judge(id, isOff ? 200 : status, answer, 'edit');
}
