import 'server-only';
import etag from 'etag';
import fresh from 'fresh';
import type { z } from 'zod';
import { findForbiddenCharacters } from '@/core/quantity/forbiddenCharacters';
import type { Issue } from '@/core/quantity/result';
import { issuesFromZod } from '@/core/quantity/zodIssues';
import {
  type AnyId,
  type CastingId,
  type InstrumentId,
  type JobId,
  type PersonId,
  type PhotographId,
  RoundId,
  type SeatId,
  type StockId,
  type ToolId,
  type EntryId,
} from '@/core/record/ids';
import { isId } from './ids';
import { findAwayCause, findBadInput, log, type AwayCause } from './pool';

/** An answer with a reason, in the one shape that all errors have. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly issues: Issue[] = [],
    readonly details: Record<string, unknown> = {},
  ) {
    super(message);
  }
}

const errorResponse = (
  status: number,
  code: string,
  message: string,
  issues: Issue[] = [],
  details: Record<string, unknown> = {},
) => Response.json({ error: { code, message, issues, ...details } }, { status });

const AWAY_WORDS: Record<AwayCause, string> = {
  disk_full: 'The disk of the database is full.',
  too_busy: 'The database has too much to do.',
  starting: 'The database is starting.',
  unreachable: 'The database does not answer.',
};

/** Runs a handler; whatever goes wrong leaves as `{error: {code, message, issues}}`. 503 while the database is away. */
export async function answer(work: () => Promise<Response>): Promise<Response> {
  try {
    return await work();
  } catch (error) {
    if (error instanceof Refusal)
      return errorResponse(error.status, error.code, error.message, error.issues, error.details);
    const cause = findAwayCause(error);
    if (cause)
      return errorResponse(
        503,
        'database_away',
        `${AWAY_WORDS[cause]} What you enter is kept in this browser.`,
        [],
        {
          cause,
        },
      );
    const bad = findBadInput(error);
    if (bad)
      return errorResponse(
        400,
        'bad_value',
        'A value does not fit.',
        bad.constraint ? [{ code: bad.constraint, field: bad.constraint }] : [],
      );
    log.error({ error }, 'request failed');
    return errorResponse(500, 'internal', 'The server made a mistake; it is in its log.');
  }
}

/** What was made, and where it stands from now on. */
export const made = (body: object, location: string): Response =>
  Response.json(body, { status: 201, headers: { Location: location } });

/**
 * An answer to GET with its mark (ETag): whoever has it as it still is gets 304 and no body. The mark is of the whole body, so it is made
 * for lists and documents, not for streams or pictures.
 */
export const answerMarked = (request: Request, work: () => Promise<Response>): Promise<Response> =>
  answer(async () => {
    const response = await work();
    if (response.status !== 200) return response;
    const body = await response.text();
    const headers = new Headers(response.headers);
    headers.set('ETag', etag(body));
    headers.set('Cache-Control', 'private, no-cache');
    const isFresh = fresh(Object.fromEntries(request.headers), Object.fromEntries(headers));
    return new Response(isFresh ? null : body, { status: isFresh ? 304 : 200, headers });
  });

/** A page of another site, open in the same browser, must not write here: browsers say where a request comes from. */
export function refuseForeignOrigin({ headers }: Request) {
  const origin = headers.get('origin');
  if (!origin) return;
  const hosts = [headers.get('host'), headers.get('x-forwarded-host')];
  if (!URL.canParse(origin) || !hosts.includes(new URL(origin).host))
    throw new Refusal(403, 'foreign_origin', 'Requests from pages of other sites are not taken.');
}

/** The body as bytes, refused as soon as it grows past the limit. */
export async function readBytes(request: Request, maxBytes: number): Promise<Buffer> {
  refuseForeignOrigin(request);
  const reader = request.body?.getReader();
  if (!reader) return Buffer.alloc(0);
  const chunks: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.length;
    if (size > maxBytes) {
      await reader.cancel();
      throw new Refusal(413, 'too_large', `The body is larger than ${maxBytes} bytes.`, [
        { code: 'too_large', field: 'body', max: maxBytes },
      ]);
    }
    chunks.push(value);
  }
  return Buffer.concat(chunks);
}

export const readText = async (request: Request, maxBytes: number): Promise<string> =>
  (await readBytes(request, maxBytes)).toString('utf8');

const MAX_JSON_BYTES = 1024 * 1024;

/** A body of JSON that fits the schema. `holdsEntries`: its texts are looked through entry by entry, not here. */
export async function readJson<T>(
  request: Request,
  schema: z.ZodType<T>,
  { maxBytes = MAX_JSON_BYTES, holdsEntries = false } = {},
): Promise<T> {
  const text = await readText(request, maxBytes);
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    throw new Refusal(400, 'not_json', 'The body is not JSON.', [{ code: 'not_json', field: 'body' }]);
  }
  if (!holdsEntries) refuseForbiddenCharacters(data);
  return checkValue(schema, data);
}

/** Refused here, where the place is still known. */
function refuseForbiddenCharacters(data: unknown) {
  const issues = findForbiddenCharacters(data).slice(0, 20);
  if (issues.length > 0)
    throw new Refusal(400, 'bad_value', 'A text holds a character that can not be kept.', issues);
}

/** What a schema makes of a value, or a refusal that names each field. */
export function checkValue<T>(schema: z.ZodType<T>, value: unknown): T {
  const parsed = schema.safeParse(value);
  if (!parsed.success)
    throw new Refusal(400, 'bad_value', 'Some values do not fit.', issuesFromZod(parsed.error, value));
  return parsed.data;
}

type IdOf = {
  job: JobId;
  casting: CastingId;
  seat: SeatId;
  person: PersonId;
  instrument: InstrumentId;
  tool: ToolId;
  item: StockId;
  round: RoundId;
  photograph: PhotographId;
  entry: EntryId;
};

/** An id from an address; anything that is no id is simply not there. */
export function requireId<What extends keyof IdOf>(text: string, what: What): IdOf[What] {
  if (!isId(text)) throw new Refusal(404, 'not_found', `There is no such ${what}.`);
  return text.toLowerCase() as AnyId;
}
