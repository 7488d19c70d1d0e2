import { shopClockSchema } from '@/core/record/shopClock';
import { gaugeShownSchema } from '@/core/record/instrument';
import { claimSchema, releaseSchema, targetSchema } from '../gauges/gaugeClaims';
import { answered, holding, listOf, operation, sent, TEXT, UUID, YES_NO, type Paths } from './shapes';

/** Gauges that a process of the shop reads, and the server’s own state. */
export const gaugePaths: Paths = {
  '/api/v1/gauges/claims': {
    get: operation({
      id: 'gauge_claims',
      tag: 'gauges',
      summary: 'Which gauges are in use, and on what',
      answer: holding({
        claims: listOf(holding({ instrumentId: UUID, target: answered(targetSchema) })),
        clock: answered(shopClockSchema),
      }),
      says: 'For the process that reads the gauges.',
    }),
  },
  '/api/v1/gauges/{instrumentId}/claim': {
    put: operation({
      id: 'claim_gauge',
      tag: 'gauges',
      summary: 'A screen takes a gauge into its hand',
      body: sent(claimSchema),
      answer: holding({ ok: YES_NO }),
      says: 'It is this screen’s until it is let go.',
      refuses: [400, 403, 404, 409, 413],
    }),
    post: operation({
      id: 'release_gauge',
      tag: 'gauges',
      summary: 'A screen lets a gauge go; a closing page can send this',
      body: sent(releaseSchema),
      answer: holding({ ok: YES_NO }),
      says: 'Let go.',
      refuses: [400, 403, 404, 413],
    }),
  },
  '/api/v1/gauges/{instrumentId}/reading': {
    post: operation({
      id: 'gauge_reading',
      tag: 'gauges',
      summary: 'What a gauge shows, or that its button was pressed',
      body: sent(gaugeShownSchema),
      answer: holding({ delivered: YES_NO }),
      says: 'Whether a screen had it in its hand.',
      refuses: [400, 403, 404, 413],
    }),
  },
  '/api/v1/live': {
    get: operation({
      id: 'live',
      tag: 'server',
      summary: 'Server-sent events: the server’s time, the database’s state, and every change as it happens',
      answerOf: { 'text/event-stream': TEXT },
      says: 'A stream that does not end.',
    }),
  },
  '/api/v1/health': {
    get: operation({
      id: 'health',
      tag: 'server',
      summary: 'Does it answer, with its database?',
      answer: holding({ ok: YES_NO, hasGauges: YES_NO }),
      says: 'It does.',
    }),
  },
  '/api/v1/openapi.json': {
    get: operation({
      id: 'openapi',
      tag: 'server',
      summary: 'This document',
      answer: holding({ openapi: TEXT, info: { type: 'object' }, paths: { type: 'object' } }),
      says: 'OpenAPI 3.1.',
    }),
  },
};
