import type { AnySeatId, CastingId, PersonId } from '@/core/record/ids';
import { THRESHOLDS } from '@/core/heat/mildest';
import { z } from 'zod';
import { correctionsIn, eventsInOrder } from '@/core/project/ledger';
import { findForbiddenCharacters } from '@/core/quantity/forbiddenCharacters';
import { fail, succeed, type Issue, type Result } from '@/core/quantity/result';
import { issuesFromZod } from '@/core/quantity/zodIssues';
import { writeCsv } from './csv';
import { eventSchema, readingSchema } from './entries';
import { instrumentAbroad, instrumentSchema } from './instrument';
import { jobHeadSchema, photographSchema, type JobRecord } from './job';
import { personAbroad, personSchema } from './person';
import { JOB_FILE_MAX_BYTES } from './limits';
import { fileHeaderSchema, JOB_FILE_VERSION, liftFile } from './liftFile';
import { familyOf, readSlot } from './slots';

/** The job file: one job with everything that belongs to it, as JSON. Its JSON Schema is published by the server. */
export const JOB_FILE_FORMAT = 'urn-key-job';

export const jobFileSchema = z.strictObject({
  format: z.literal(JOB_FILE_FORMAT),
  version: z.literal(JOB_FILE_VERSION),
  job: jobHeadSchema,
  people: z.array(personSchema).max(500),
  instruments: z.array(instrumentSchema).max(500),
  readings: z.array(readingSchema).max(20_000),
  events: z.array(eventSchema).max(20_000),
  /** Each with its picture as base64 (JPEG). */
  photographs: z.array(photographSchema.extend({ jpegBase64: z.base64().max(11_000_000) })).max(400),
});
export type JobFile = z.infer<typeof jobFileSchema>;

/** JSON Schema (2020-12) of the job file, from the same definition that checks it. */
export const jobFileJsonSchema = () => z.toJSONSchema(jobFileSchema, { io: 'input' });

/** A job as a file; only people and instruments that it speaks of go along. `pictures` gives the JPEG of each photograph, base64. */
export function writeJobFile(
  {
    entries,
    people,
    instruments,
    photographs,
    tools: _tools,
    rules: _rules,
    learned: _learned,
    isDemo: _demo,
    ...job
  }: JobRecord,
  pictures: ReadonlyMap<string, string>,
): JobFile {
  const everything = [...entries.readings, ...entries.events, ...photographs];
  const peopleUsed = new Set(everything.map(({ personId }) => personId));
  const instrumentsUsed = new Set(entries.readings.map(({ instrumentId }) => instrumentId));
  return {
    format: JOB_FILE_FORMAT,
    version: JOB_FILE_VERSION,
    job,
    people: people.filter(({ id }) => peopleUsed.has(id)).map(personAbroad),
    instruments: instruments.filter(({ id }) => instrumentsUsed.has(id)).map(instrumentAbroad),
    readings: entries.readings,
    events: entries.events,
    photographs: photographs.map((photograph) => ({
      ...photograph,
      jpegBase64: pictures.get(photograph.id) ?? '',
    })),
  };
}

/** A file as the record that a page would load, without the shop's tools. */
export const recordOfFile = ({
  job,
  people,
  instruments,
  readings,
  events,
  photographs,
}: JobFile): JobRecord => ({
  ...job,
  entries: { readings, events },
  people,
  instruments,
  photographs: photographs.map(({ jpegBase64: _picture, ...photograph }) => photograph),
  tools: [],
  rules: THRESHOLDS,
  isDemo: false,
});

type Check = (isThere: boolean, field: string, given: string) => void;

/** What the plan and the shafts speak of, and that is not there. */
function findBrokenPlan({ castings, shafts, plan }: JobFile['job'], check: Check): void {
  const seatIds = new Set(castings.flatMap(({ seats }) => seats.map(({ id }) => id)));
  const onShafts = new Set(shafts.flatMap(({ seats }) => seats.map(({ id }) => id)));
  for (const { first, then } of plan.order) {
    check(seatIds.has(first), 'job.plan.order', first);
    check(seatIds.has(then), 'job.plan.order', then);
  }
  for (const [i, { seatId }] of plan.parts.entries())
    if (seatId !== null) check(seatIds.has(seatId), `job.plan.parts.${i}.seatId`, seatId);
  for (const [i, { choices }] of plan.tasks.entries())
    for (const id of choices.flatMap(({ finding }) => finding?.seats ?? []))
      check(seatIds.has(id), `job.plan.tasks.${i}.choices`, id);
  for (const [i, { onShaft }] of plan.tasks.entries())
    for (const id of onShaft?.seats ?? []) check(onShafts.has(id), `job.plan.tasks.${i}.onShaft`, id);
  for (const { spec } of shafts.flatMap(({ seats }) => seats))
    if (spec.sharedWith !== null) check(seatIds.has(spec.sharedWith), 'job.shafts', spec.sharedWith);
}

/** References inside the file that point nowhere, and entries whose ids are used twice. */
function findBrokenReferences(file: JobFile): Issue[] {
  const issues: Issue[] = [];
  const seatIds = new Set<string>(
    [...file.job.castings, ...file.job.shafts].flatMap((each) => each.seats.map(({ id }): string => id)),
  );
  const castingIds = new Set(file.job.castings.map(({ id }) => id));
  const peopleIds = new Set(file.people.map(({ id }) => id));
  const instrumentIds = new Set(file.instruments.map(({ id }) => id));
  const seen = new Set<string>();
  const check: Check = (isThere, field, given) => {
    if (!isThere) issues.push({ code: 'points_nowhere', field, given });
  };
  const checkEntry = (
    entry: { id: string; seatId: AnySeatId | null; castingId: CastingId | null; personId: PersonId },
    where: string,
  ) => {
    if (seen.has(entry.id)) issues.push({ code: 'id_used_twice', field: `${where}.id`, given: entry.id });
    seen.add(entry.id);
    if (entry.seatId !== null) check(seatIds.has(entry.seatId), `${where}.seatId`, entry.seatId);
    if (entry.castingId !== null)
      check(castingIds.has(entry.castingId), `${where}.castingId`, entry.castingId);
    check(peopleIds.has(entry.personId), `${where}.personId`, entry.personId);
  };
  file.readings.forEach((reading, i) => {
    checkEntry(reading, `readings.${i}`);
    check(instrumentIds.has(reading.instrumentId), `readings.${i}.instrumentId`, reading.instrumentId);
  });
  file.events.forEach((event, i) => checkEntry(event, `events.${i}`));
  file.photographs.forEach((photograph, i) =>
    checkEntry({ ...photograph, castingId: null }, `photographs.${i}`),
  );
  findBrokenPlan(file.job, check);
  return issues;
}

const idsWithin = (wholes: readonly { id: string; seats: readonly { id: string }[] }[]) =>
  wholes.flatMap(({ id, seats }) => [id, ...seats.map((seat) => seat.id)]);

/** Castings, shafts and seats of one id. */
function findUsedTwice({ job }: JobFile): Issue[] {
  const isUsedTwice = (ids: readonly string[]) => new Set(ids).size !== ids.length;
  const [inCastings, onShafts] = [idsWithin(job.castings), idsWithin(job.shafts)];
  return [
    ...(isUsedTwice(inCastings) ? [{ code: 'id_used_twice', field: 'job.castings' }] : []),
    ...(isUsedTwice([...new Set(inCastings), ...onShafts])
      ? [{ code: 'id_used_twice', field: 'job.shafts' }]
      : []),
  ];
}

/**
 * Reads a job file; refused whole with every reason and its place when anything is wrong.
 * Invalid: `too_large`, `not_json` , `not_a_job_file`, `other_version`, `forbidden_character`, what `issuesFromZod` finds (with the
 * path in `field`), `points_nowhere`, `id_used_twice`.
 */
export function parseJobFile(text: string): Result<JobFile> {
  if (new TextEncoder().encode(text).length > JOB_FILE_MAX_BYTES)
    return fail({ code: 'too_large', field: 'file', max: JOB_FILE_MAX_BYTES });
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    return fail({
      code: 'not_json',
      field: 'file',
      given: error instanceof Error ? error.message.slice(0, 120) : '',
    });
  }
  const forbidden = findForbiddenCharacters(data);
  if (forbidden.length > 0) return fail(...forbidden.slice(0, 20));
  const header = fileHeaderSchema.extend({ format: z.literal(JOB_FILE_FORMAT) }).safeParse(data);
  if (!header.success) return fail({ code: 'not_a_job_file', field: 'format' });
  const { version } = header.data;
  if (version > JOB_FILE_VERSION)
    return fail({ code: 'other_version', field: 'version', given: version, min: 1, max: JOB_FILE_VERSION });
  if (version < JOB_FILE_VERSION) data = liftFile(header.data);
  const parsed = jobFileSchema.safeParse(data);
  if (!parsed.success) return fail(...issuesFromZod(parsed.error, data));
  const broken = [...findBrokenReferences(parsed.data), ...findUsedTwice(parsed.data)];
  return broken.length > 0 ? fail(...broken.slice(0, 20)) : succeed(parsed.data);
}

const READING_COLUMNS = [
  'job_number',
  'seat',
  'slot',
  'value',
  'unit',
  'typed',
  'metal_c',
  'gauge_c',
  'person',
  'instrument',
  'taken_at',
  'struck',
  'reading_id',
] as const;

/** Units of what is exported. */
const UNIT_OF = { length: 'mm', temperature: 'C', force: 'N', pressure: 'bar' } as const;

/** All readings of a job, with where, who, with what and when. RFC 4180; decimal point. */
export function writeReadingsCsv({
  entries,
  people,
  instruments,
  castings,
  shafts,
  number,
}: JobRecord): string {
  const seats = new Map<string, string>([
    ...castings.flatMap((casting) => casting.seats.map((seat) => [seat.id, seat.name] as const)),
    ...shafts.flatMap((shaft) => shaft.seats.map(({ id, name }) => [id, `${shaft.name}, ${name}`] as const)),
  ]);
  const person = new Map(people.map(({ id, initials }) => [id, initials]));
  const instrument = new Map(instruments.map(({ id, name }) => [id, name]));
  const { struck, movedTo } = correctionsIn(eventsInOrder(entries.events));
  const rows = entries.readings.map((reading) => ({
    job_number: number,
    seat: reading.seatId ? (seats.get(reading.seatId) ?? '') : '',
    slot: movedTo.get(reading.id) ?? reading.slot,
    value: reading.value,
    unit: UNIT_OF[familyOf(readSlot(reading.slot)).quantity],
    typed: reading.typed,
    metal_c: reading.metalC,
    gauge_c: reading.gaugeC ?? '',
    person: person.get(reading.personId) ?? '',
    instrument: instrument.get(reading.instrumentId) ?? '',
    taken_at: reading.takenAt,
    struck: struck.has(reading.id) ? 'yes' : 'no',
    reading_id: reading.id,
  }));
  return writeCsv(READING_COLUMNS, rows);
}
