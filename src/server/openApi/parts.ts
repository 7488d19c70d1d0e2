import { bearingQuery, boltOrderBody, dropOrderBody, pusherQuery } from '../sums/bodies';
import {
  holding,
  listOf,
  NUMBER,
  operation,
  orNull,
  queryOf,
  sent,
  TEXT,
  WHOLE,
  YES_NO,
  type Paths,
} from './shapes';

const SIZES = { designation: TEXT, type: TEXT, bore_mm: NUMBER, outside_mm: NUMBER, width_mm: NUMBER };
const CONFIDENCE = { enum: ['high', 'medium'] };

/** What is found in the tables, and in which order things are done. */
export const partPaths: Paths = {
  '/api/v1/bearings/{designation}': {
    get: operation({
      id: 'bearing',
      tag: 'parts',
      summary: 'What bearing is this?',
      answer: holding({
        ...SIZES,
        features: listOf(holding({ code: TEXT, meaning: TEXT })),
        confidence: CONFIDENCE,
      }),
      says: 'Its sizes and what each part of the designation means.',
      refuses: [404],
    }),
  },
  '/api/v1/bearings': {
    get: operation({
      id: 'bearings_by_size',
      tag: 'parts',
      summary: 'Bearings by size as measured, nearest first',
      query: queryOf(bearingQuery),
      answer: holding({
        bearings: listOf(
          holding({
            ...SIZES,
            confidence: CONFIDENCE,
            differences: holding({ bore_mm: NUMBER, outside_mm: NUMBER, width_mm: NUMBER }, [
              'bore_mm',
              'outside_mm',
              'width_mm',
            ]),
          }),
        ),
      }),
      says: 'Each with what does not match.',
      refuses: [400],
    }),
  },
  '/api/v1/pusher': {
    get: operation({
      id: 'pusher',
      tag: 'parts',
      summary: 'The pusher to turn for a part, as SVG or DXF',
      query: queryOf(pusherQuery),
      answerOf: { 'image/svg+xml': TEXT, 'image/vnd.dxf': TEXT },
      says: 'The drawing, in millimetres.',
      refuses: [400],
    }),
  },
  '/api/v1/bolt-order': {
    post: operation({
      id: 'bolt_order',
      tag: 'orders',
      summary: 'Order of tightening: from the middle outward, criss-cross, in passes',
      body: sent(boltOrderBody),
      answer: holding({ order: listOf(holding({ pass: WHOLE, id: TEXT, share: NUMBER })) }),
      says: 'Every turn of the wrench.',
      refuses: [400, 413],
    }),
  },
  '/api/v1/drop-order': {
    post: operation({
      id: 'drop_order',
      tag: 'orders',
      summary: 'Several seats, one casting: in which order, with how many heats',
      body: sent(dropOrderBody),
      answer: holding({
        order: listOf(TEXT),
        heats: WHOLE,
        least_slack_s: orNull(NUMBER),
        is_proven_best: YES_NO,
        drops: listOf(
          holding({ id: TEXT, heat: WHOLE, at_s: NUMBER, casting_C: NUMBER, slack_s: orNull(NUMBER) }),
        ),
      }),
      says: 'Order, least slack, heats; proven best up to nine seats.',
      refuses: [400, 413],
    }),
  },
};
