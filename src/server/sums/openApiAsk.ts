import { ANSWER_KINDS } from '@/core/ask/sayForApi';
import { askQuery } from './bodies';
import { json, queryOf, REFUSALS } from './openApiShapes';

/** The ask line, as a program asks it. */
export const askPath = {
  '/api/v1/ask': {
    get: {
      operationId: 'ask',
      tags: ['ask'],
      summary: 'What the ask line answers: one question in a few characters',
      parameters: queryOf(askQuery),
      responses: {
        200: {
          description: 'The kind of the answer, and what was found; more keys than listed stand in it.',
          ...json({
            type: 'object',
            required: ['answer'],
            properties: { answer: { type: 'string', enum: ANSWER_KINDS } },
            additionalProperties: true,
          }),
        },
        ...REFUSALS,
      },
    },
  },
};
