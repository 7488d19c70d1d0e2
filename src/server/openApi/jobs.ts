import { jobHeadSchema, photographSchema, seatSchema } from '@/core/record/job';
import { jobFileJsonSchema } from '@/core/record/jobFile';
import { planSchema } from '@/core/record/plan';
import { sentEntriesSchema } from '@/core/record/readEntries';
import { z } from 'zod';
import { cardQuery } from '../jobs/cardQuery';
import { jobsQuery } from '../jobs/jobsPage';
import { aboutPhotographSchema } from '../jobs/photographs';
import { newSeatSchema, planEditSchema } from '../jobs/savePlan';
import { seatEditSchema } from '../jobs/saveSeat';
import { startJobSchema } from '../jobs/startNewJob';
import { UNREADABLE } from './common';
import {
  answered,
  holding,
  listOf,
  NUMBER,
  operation,
  orNull,
  queryOf,
  ref,
  sent,
  TEXT,
  UUID,
  WHOLE,
  YES_NO,
  type Paths,
} from './shapes';

const head = answered(jobHeadSchema) as { properties: Record<string, object>; required: string[] };
/** A job with what a screen knows beside it. */
const known = {
  ...head,
  required: [...head.required, 'people', 'instruments', 'photographs', 'tools', 'rules', 'isDemo'],
  properties: {
    ...head.properties,
    people: listOf(ref('Person')),
    instruments: listOf(ref('Instrument')),
    photographs: listOf(answered(photographSchema)),
    tools: listOf(ref('Tool')),
    rules: holding({ nipShare: NUMBER, forceN: NUMBER }),
    isDemo: YES_NO,
  },
  additionalProperties: true,
};
const with_ = (more: Record<string, object>) => ({
  ...known,
  required: [...known.required, ...Object.keys(more)],
  properties: { ...known.properties, ...more },
});
/** Readings and events have the shape of the job file’s. */
const entries = {
  readings: listOf(ref('Reading')),
  events: listOf(holding({ id: UUID, kind: TEXT, at: TEXT, body: { type: 'object' } })),
};

/** A job: its head, its record, its pictures and its file. */
export const jobPaths: Paths = {
  '/api/v1/jobs': {
    get: operation({
      id: 'jobs',
      tag: 'jobs',
      summary: 'All jobs by their number, oldest first',
      query: queryOf(jobsQuery),
      answer: holding({
        jobs: listOf({ ...head, additionalProperties: true }),
        unreadable: UNREADABLE,
        next: orNull(TEXT),
      }),
      says: 'The jobs, and those whose record can not be read; `next` is the address of the page after this one.',
      refuses: [400],
    }),
    post: operation({
      id: 'start_job',
      tag: 'jobs',
      summary: 'Start a job from a job kind',
      body: sent(startJobSchema),
      made: true,
      answer: { ...head, additionalProperties: true },
      says: 'Started.',
    }),
  },
  '/api/v1/jobs/{jobId}': {
    get: operation({
      id: 'job',
      tag: 'jobs',
      summary: 'One job with all its entries',
      answer: with_({ entries: holding(entries) }),
      says: 'The job.',
      refuses: [404],
    }),
  },
  '/api/v1/jobs/{jobId}/state': {
    get: operation({
      id: 'job_state',
      tag: 'jobs',
      summary: 'A job as its entries have made it, without them: what a screen starts from',
      answer: with_({ state: { type: 'object', required: ['castings', 'seats', 'work'] }, version: WHOLE }),
      says: 'The job and the version of it.',
      refuses: [404],
    }),
  },
  '/api/v1/jobs/{jobId}/entries': {
    get: operation({
      id: 'entries',
      tag: 'jobs',
      summary: 'Readings and events of a job',
      query: queryOf(z.object({ ids: z.string().optional() })),
      answer: holding({ ...entries, version: WHOLE }),
      says: 'All of them, or those that `ids` names, and the version that has them.',
      refuses: [404],
    }),
    post: operation({
      id: 'add_entries',
      tag: 'jobs',
      summary: 'Readings and events, each stored once by its id',
      body: sent(sentEntriesSchema),
      answer: holding({
        acknowledged: listOf(UUID),
        refused: listOf(holding({ id: TEXT, issues: listOf(ref('Issue')) })),
        version: WHOLE,
      }),
      says: 'Which were stored, or were before, and which were not and why.',
      refuses: [400, 403, 404, 413],
    }),
  },
  '/api/v1/jobs/{jobId}/plan': {
    put: operation({
      id: 'save_plan',
      tag: 'jobs',
      summary: 'The plan, the castings’ heads and the machine’s name, edited from one version',
      body: sent(planEditSchema),
      answer: holding({ plan: answered(planSchema) }),
      says: 'As it stands now.',
      refuses: [400, 403, 404, 409, 413],
    }),
  },
  '/api/v1/jobs/{jobId}/photographs': {
    post: operation({
      id: 'add_photograph',
      tag: 'jobs',
      summary: 'A photograph: the picture is the body, what it is of stands in the address',
      query: queryOf(aboutPhotographSchema),
      bodyOf: { 'image/*': { type: 'string', contentMediaType: 'image/jpeg' } },
      made: true,
      answer: holding({ photograph: answered(photographSchema) }),
      says: 'As it was kept: turned upright, what the camera wrote into it left out.',
      refuses: [400, 403, 404, 409, 413],
    }),
  },
  '/api/v1/photographs/{photographId}': {
    get: operation({
      id: 'photograph',
      tag: 'jobs',
      summary: 'The picture itself',
      answerOf: { 'image/jpeg': { type: 'string', contentMediaType: 'image/jpeg' } },
      says: 'It never changes under its id.',
      refuses: [404],
    }),
  },
  '/api/v1/jobs/{jobId}/export': {
    get: operation({
      id: 'export_job',
      tag: 'jobs',
      summary: 'The job file',
      answer: ref('JobFile'),
      says: 'JSON of the published schema.',
      refuses: [404],
    }),
  },
  '/api/v1/jobs/{jobId}/readings.csv': {
    get: operation({
      id: 'readings_csv',
      tag: 'jobs',
      summary: 'Readings as CSV (RFC 4180), each with its unit',
      answerOf: { 'text/csv': TEXT },
      says: 'One reading a line.',
      refuses: [404],
    }),
  },
  '/api/v1/jobs/{jobId}/card.pdf': {
    get: operation({
      id: 'job_card',
      tag: 'jobs',
      summary: 'The job’s card, A4: a page for its owner, and the workshop’s',
      query: queryOf(cardQuery),
      answerOf: { 'application/pdf': TEXT },
      says: 'A PDF.',
      refuses: [400, 404],
    }),
  },
  '/api/v1/jobs/import': {
    post: operation({
      id: 'import_job',
      tag: 'jobs',
      summary: 'Take a job file: whole or not at all',
      body: ref('JobFile'),
      made: true,
      answer: holding({ jobId: UUID, number: WHOLE, isNew: YES_NO, entriesInFile: WHOLE }),
      says: 'Taken; or taken up into the job that was here.',
      refuses: [400, 403, 409, 413],
    }),
  },
  '/api/v1/job-file.schema.json': {
    get: operation({
      id: 'job_file_schema',
      tag: 'jobs',
      summary: 'The JSON Schema of the job file',
      answer: { type: 'object', required: ['$schema'] },
      says: 'Draft 2020-12.',
    }),
  },
  '/api/v1/castings/{castingId}/seats': {
    post: operation({
      id: 'add_seat',
      tag: 'jobs',
      summary: 'Another seat in a casting',
      body: sent(newSeatSchema),
      made: true,
      answer: holding({ seat: answered(seatSchema) }),
      says: 'Put on the map.',
      refuses: [400, 403, 404, 409, 413],
    }),
  },
  '/api/v1/seats/{seatId}': {
    patch: operation({
      id: 'save_seat',
      tag: 'jobs',
      summary: 'A seat’s part, sizes, name and place, edited from one version',
      body: sent(seatEditSchema),
      answer: holding({ seat: answered(seatSchema) }),
      says: 'As it stands now.',
      refuses: [400, 403, 404, 409, 413],
    }),
  },
  '/api/v1/seats/{seatId}/rebuilds': {
    get: operation({
      id: 'rebuilds',
      tag: 'jobs',
      summary: 'The same seat in other jobs of the same machine',
      answer: holding({
        rebuilds: listOf(
          holding({
            jobId: UUID,
            jobNumber: WHOLE,
            seatId: UUID,
            measuredAt: TEXT,
            boreMm: ref('Measured'),
            interferenceMm: orNull(ref('Measured')),
          }),
        ),
      }),
      says: 'What its bore and interference were.',
      refuses: [404],
    }),
  },
};

export const jobFileShape = () => jobFileJsonSchema() as Record<string, unknown>;
