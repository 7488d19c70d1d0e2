import { jobFileJsonSchema } from '@/core/record/jobFile';
import { SUMS } from '@/core/sums/allSums';
import { sentSchema } from '@/core/sums/schema';
import type { AnswerField, Sum } from '@/core/sums/sum';
import { askPath } from './openApiAsk';
import { bearingQuery, boltOrderBody, dropOrderBody, pusherQuery } from './bodies';
import {
  input,
  withoutDialect,
  json,
  refused,
  REFUSALS,
  parameter,
  uuid,
  jobFileRef,
  queryOf,
} from './openApiShapes';

const ANSWER_TYPE = (quantity: AnswerField['quantity']) =>
  quantity === 'words'
    ? ['string', 'null']
    : quantity === 'yes_no'
      ? ['boolean', 'null']
      : ['number', 'null'];

const answerSchema = (sums: readonly Sum[]) => ({
  type: 'object',
  additionalProperties: true,
  properties: Object.fromEntries(
    sums.flatMap(({ answers }) =>
      answers.map(({ name, label, quantity }) => [name, { type: ANSWER_TYPE(quantity), description: label }]),
    ),
  ),
});

function sumPaths() {
  const topics = [...new Set(SUMS.map(({ topic }) => topic))];
  return Object.fromEntries(
    topics.map((topic) => {
      const sums = SUMS.filter((sum) => sum.topic === topic);
      const bodies = sums.map((sum) => withoutDialect(input(sentSchema(sum))));
      return [
        `/api/v1/sums/${topic}`,
        {
          post: {
            operationId: `sum_${topic}`,
            tags: ['sums'],
            summary: sums.map(({ title }) => title).join(' · '),
            description: sums
              .map(({ mode, lead, source }) => `${mode ? `**${mode}**: ` : ''}${lead} Source: ${source}.`)
              .join('\n\n'),
            requestBody: {
              required: true,
              ...json(
                bodies.length === 1 ? bodies[0] : { oneOf: bodies, discriminator: { propertyName: 'mode' } },
              ),
            },
            responses: {
              200: {
                description: 'The answers; more keys than listed may stand in it.',
                ...json(answerSchema(sums)),
              },
              ...REFUSALS,
            },
          },
        },
      ];
    }),
  );
}

const bearing = {
  type: 'object',
  properties: {
    designation: { type: 'string' },
    type: { type: 'string' },
    bore_mm: { type: 'number' },
    outside_mm: { type: 'number' },
    width_mm: { type: 'number' },
    features: {
      type: 'array',
      items: { type: 'object', properties: { code: { type: 'string' }, meaning: { type: 'string' } } },
    },
    confidence: { enum: ['high', 'medium'] },
  },
};

// A table, path by path in the order of the document: it stays whole.
// eslint-disable-next-line max-lines-per-function
function otherPaths() {
  return {
    '/api/v1/bearings/{designation}': {
      get: {
        operationId: 'bearing',
        tags: ['parts'],
        summary: 'What bearing is this?',
        parameters: [parameter('designation', 'path', { type: 'string' })],
        responses: {
          200: { description: 'Its sizes and what each part of the designation means.', ...json(bearing) },
          ...refused(404, 'Not in the tables.'),
        },
      },
    },
    '/api/v1/bearings': {
      get: {
        operationId: 'bearings_by_size',
        tags: ['parts'],
        summary: 'Bearings by size as measured, nearest first',
        parameters: queryOf(bearingQuery),
        responses: {
          200: {
            description: 'Each with what does not match.',
            ...json({ type: 'object', properties: { bearings: { type: 'array', items: bearing } } }),
          },
          ...REFUSALS,
        },
      },
    },
    '/api/v1/bolt-order': {
      post: {
        operationId: 'bolt_order',
        tags: ['orders'],
        summary: 'Order of tightening: from the middle outward, criss-cross, in passes',
        requestBody: { required: true, ...json(withoutDialect(input(boltOrderBody))) },
        responses: {
          200: {
            description: 'Every turn of the wrench.',
            ...json({
              type: 'object',
              properties: {
                order: {
                  type: 'array',
                  items: {
                    type: 'object',
                    properties: {
                      pass: { type: 'integer' },
                      id: { type: 'string' },
                      share: { type: 'number' },
                    },
                  },
                },
              },
            }),
          },
          ...REFUSALS,
        },
      },
    },
    '/api/v1/drop-order': {
      post: {
        operationId: 'drop_order',
        tags: ['orders'],
        summary: 'Several seats, one casting: in which order, with how many heats',
        requestBody: { required: true, ...json(withoutDialect(input(dropOrderBody))) },
        responses: {
          200: {
            description: 'Order, least slack, heats; proven best up to nine seats.',
            ...json({
              type: 'object',
              properties: {
                order: { type: 'array', items: { type: 'string' } },
                least_slack_s: { type: ['number', 'null'] },
                heats: { type: 'integer' },
                is_proven_best: { type: 'boolean' },
              },
            }),
          },
          ...REFUSALS,
        },
      },
    },
    '/api/v1/pusher': {
      get: {
        operationId: 'pusher',
        tags: ['parts'],
        summary: 'The pusher to turn for a part, as SVG or DXF',
        parameters: queryOf(pusherQuery),
        responses: {
          200: {
            description: 'The drawing, in millimetres.',
            content: {
              'image/svg+xml': { schema: { type: 'string' } },
              'image/vnd.dxf': { schema: { type: 'string' } },
            },
          },
          ...REFUSALS,
        },
      },
    },
    '/api/v1/jobs': {
      get: {
        operationId: 'jobs',
        tags: ['jobs'],
        summary: 'All jobs by their number, oldest first',
        responses: { 200: { description: 'Id, machine, title.', ...json({ type: 'object' }) } },
      },
      post: {
        operationId: 'start_job',
        tags: ['jobs'],
        summary: 'Start a job from a job kind',
        requestBody: { required: true, ...json({ type: 'object' }) },
        responses: { 201: { description: 'Started.', ...json({ type: 'object' }) }, ...REFUSALS },
      },
    },
    '/api/v1/jobs/{jobId}': {
      get: {
        operationId: 'job',
        tags: ['jobs'],
        summary: 'One job with all its entries',
        parameters: [parameter('jobId', 'path', uuid)],
        responses: {
          200: { description: 'The job.', ...json({ type: 'object' }) },
          ...refused(404, 'There is no such job.'),
        },
      },
    },
    '/api/v1/jobs/{jobId}/export': {
      get: {
        operationId: 'export_job',
        tags: ['jobs'],
        summary: 'The job file',
        parameters: [parameter('jobId', 'path', uuid)],
        responses: {
          200: { description: 'JSON of the published schema.', ...json(jobFileRef) },
          ...refused(404, 'There is no such job.'),
        },
      },
    },
    '/api/v1/jobs/{jobId}/readings.csv': {
      get: {
        operationId: 'readings_csv',
        tags: ['jobs'],
        summary: 'Readings as CSV (RFC 4180)',
        parameters: [parameter('jobId', 'path', uuid)],
        responses: {
          200: {
            description: 'One reading a line.',
            content: { 'text/csv': { schema: { type: 'string' } } },
          },
          ...refused(404, 'There is no such job.'),
        },
      },
    },
    '/api/v1/jobs/import': {
      post: {
        operationId: 'import_job',
        tags: ['jobs'],
        summary: 'Take a job file: whole or not at all',
        requestBody: { required: true, ...json(jobFileRef) },
        responses: { 201: { description: 'Taken.', ...json({ type: 'object' }) }, ...REFUSALS },
      },
    },
  };
}

export function openApiDocument() {
  return {
    openapi: '3.1.0',
    info: {
      title: 'Urn Key',
      version: '1',
      description:
        'Sums, parts, orders and job files of the fitting bench. Units stand in the names. A material’s name may stand in place of its numbers.',
    },
    paths: { ...sumPaths(), ...askPath, ...otherPaths() },
    components: {
      schemas: {
        Error: {
          type: 'object',
          required: ['error'],
          properties: {
            error: {
              type: 'object',
              required: ['code', 'message', 'issues'],
              properties: {
                code: { type: 'string' },
                message: { type: 'string' },
                issues: {
                  type: 'array',
                  items: {
                    type: 'object',
                    required: ['code', 'field'],
                    properties: {
                      code: { type: 'string' },
                      field: { type: 'string' },
                      given: {},
                      min: { type: 'number' },
                      max: { type: 'number' },
                    },
                  },
                },
              },
            },
          },
        },
        JobFile: withoutDialect(jobFileJsonSchema() as Record<string, unknown>),
      },
    },
  };
}
