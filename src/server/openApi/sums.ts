import { ANSWER_KINDS } from '@/core/ask/sayForApi';
import { SUMS } from '@/core/sums/allSums';
import { sentSchema } from '@/core/sums/schema';
import type { AnswerField, Sum } from '@/core/sums/sum';
import { askQuery } from '../sums/bodies';
import { holding, listOf, operation, queryOf, sent, TEXT, UUID, WHOLE, type Paths } from './shapes';

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

/** Every topic of sums, and the ask line. */
export function sumPaths(): Paths {
  const topics = [...new Set(SUMS.map(({ topic }) => topic))];
  const paths = topics.map((topic) => {
    const sums = SUMS.filter((sum) => sum.topic === topic);
    const bodies = sums.map((sum) => sent(sentSchema(sum)));
    const post = operation({
      id: `sum_${topic}`,
      tag: 'sums',
      summary: sums.map(({ title }) => title).join(' · '),
      description: sums
        .map(({ mode, lead, source }) => `${mode ? `**${mode}**: ` : ''}${lead} Source: ${source}.`)
        .join('\n\n'),
      body: bodies.length === 1 ? bodies[0]! : { oneOf: bodies, discriminator: { propertyName: 'mode' } },
      answer: answerSchema(sums),
      says: 'The answers; more keys than listed may stand in it.',
      refuses: [400, 413],
    });
    return [`/api/v1/sums/${topic}`, { post }] as const;
  });
  return {
    ...Object.fromEntries(paths),
    '/api/v1/ask': {
      get: operation({
        id: 'ask',
        tag: 'ask',
        summary: 'What the ask line answers: one question in a few characters',
        query: queryOf(askQuery),
        answer: {
          type: 'object',
          required: ['answer'],
          properties: { answer: { type: 'string', enum: ANSWER_KINDS } },
          additionalProperties: true,
        },
        says: 'The kind of the answer, and what was found; more keys than listed stand in it.',
        refuses: [400],
      }),
    },
    '/api/v1/ask/jobs': {
      get: operation({
        id: 'ask_jobs',
        tag: 'ask',
        summary: 'The jobs that a question may mean, put away and handed over too: the newest fifty',
        query: queryOf(askQuery),
        answer: holding({
          jobs: listOf(
            holding({ jobId: UUID, number: WHOLE, machine: TEXT, code: TEXT, stackCodes: listOf(TEXT) }),
          ),
        }),
        says: 'The jobs, with the codes of their bags.',
        refuses: [400],
      }),
    },
  };
}
