import { shopClockSchema } from '@/core/record/shopClock';
import { instrumentSchema } from '@/core/record/instrument';
import { personSchema } from '@/core/record/person';
import { roundGoneSchema, roundSchema } from '@/core/look/roundSchema';
import { stockItemSchema } from '@/core/tools/stock';
import { toolSchema } from '@/core/tools/tool';
import { newPersonSchema, personChangeSchema } from '../people/people';
import { shopChangeSchema } from '../shop';
import { calibrationSchema } from '../tools/instruments';
import {
  answered,
  holding,
  listOf,
  NUMBER,
  operation,
  orNull,
  ref,
  sent,
  TEXT,
  UUID,
  WHOLE,
  YES_NO,
  type Paths,
} from './shapes';

const WRITES = [400, 403, 404, 409, 413] as const;
/** As they are kept, some with what the shop alone knows of them. */
const open = (schema: Record<string, unknown>) => ({ ...schema, additionalProperties: true });
const round = open(answered(roundSchema));
const roundGone = open(answered(roundGoneSchema));
const stockItem = open(answered(stockItemSchema));

/** What the shop has and who is in it. */
export const shopPaths: Paths = {
  '/api/v1/shop': {
    patch: operation({
      id: 'save_shop',
      tag: 'shop',
      summary:
        'The shop’s name, its rules, what it wants of its heats, the pace of a rehearsal’s clock, and whether the demo stands beside its own jobs',
      body: sent(shopChangeSchema),
      answer: holding({
        shop: holding({ name: TEXT, showsDemo: YES_NO, hasDemo: YES_NO }),
        clock: answered(shopClockSchema),
      }),
      says: 'As it stands now.',
    }),
  },
  '/api/v1/people': {
    post: operation({
      id: 'add_person',
      tag: 'shop',
      summary: 'A person by their initials, which are used once',
      body: sent(newPersonSchema),
      made: true,
      answer: holding({ person: ref('Person') }),
      says: 'Here from now on.',
      refuses: WRITES,
    }),
  },
  '/api/v1/people/{personId}': {
    patch: operation({
      id: 'save_person',
      tag: 'shop',
      summary: 'Units, walk and gauges of a person',
      body: sent(personChangeSchema),
      answer: ref('Person'),
      says: 'As it stands now.',
      refuses: WRITES,
    }),
  },
  '/api/v1/instruments': {
    get: operation({
      id: 'instruments',
      tag: 'shop',
      summary: 'What the shop measures with',
      answer: holding({ instruments: listOf(ref('Instrument')) }),
      says: 'Each with its uncertainty.',
    }),
    post: operation({
      id: 'add_instrument',
      tag: 'shop',
      summary: 'An instrument of the shop’s own',
      body: sent(instrumentSchema),
      made: true,
      answer: holding({ instrument: ref('Instrument') }),
      says: 'On the wall.',
      refuses: WRITES,
    }),
  },
  '/api/v1/instruments/{instrumentId}': {
    patch: operation({
      id: 'save_calibration',
      tag: 'shop',
      summary: 'The day on which it is due for calibration',
      body: sent(calibrationSchema),
      answer: holding({ calibrationDue: orNull(TEXT) }),
      says: 'As it stands now.',
      refuses: WRITES,
    }),
    delete: operation({
      id: 'take_instrument_off',
      tag: 'shop',
      summary: 'Off the wall; what was read with it keeps it',
      answer: holding({ instrument: ref('Instrument') }),
      says: 'As it was.',
      refuses: [403, 404],
    }),
  },
  '/api/v1/tools': {
    get: operation({
      id: 'tools',
      tag: 'shop',
      summary: 'The tool wall',
      answer: holding({ tools: listOf(ref('Tool')) }),
      says: 'Owned, lent out and missing.',
    }),
    post: operation({
      id: 'save_tool',
      tag: 'shop',
      summary: 'A tool, new or changed, by its id',
      body: sent(toolSchema),
      made: true,
      answer: holding({ tool: ref('Tool') }),
      says: 'On the wall.',
      refuses: WRITES,
    }),
  },
  '/api/v1/tools/{toolId}': {
    delete: operation({
      id: 'take_tool_off',
      tag: 'shop',
      summary: 'A tool off the wall',
      answer: holding({ tool: ref('Tool') }),
      says: 'As it was.',
      refuses: [403, 404],
    }),
  },
  '/api/v1/stock': {
    get: operation({
      id: 'stock',
      tag: 'shop',
      summary: 'Parts on the shelf',
      answer: holding({ stock: listOf(stockItem) }),
      says: 'By sort and size.',
    }),
    post: operation({
      id: 'save_stock',
      tag: 'shop',
      summary: 'A part on the shelf, new or changed, by its id',
      body: sent(stockItemSchema),
      made: true,
      answer: holding({ item: stockItem }),
      says: 'On the shelf.',
      refuses: WRITES,
    }),
  },
  '/api/v1/stock/{itemId}': {
    delete: operation({
      id: 'take_stock_off',
      tag: 'shop',
      summary: 'A part off the shelf',
      answer: holding({ item: stockItem }),
      says: 'As it was.',
      refuses: [403, 404],
    }),
  },
  '/api/v1/rounds': {
    get: operation({
      id: 'rounds',
      tag: 'shop',
      summary: 'Weak points by model, and when each was looked over',
      answer: holding({ rounds: listOf(round), roundsGone: listOf(roundGone) }),
      says: 'By model.',
    }),
    post: operation({
      id: 'save_round',
      tag: 'shop',
      summary: 'The points of one model, by its id',
      body: sent(roundSchema),
      made: true,
      answer: holding({ round }),
      says: 'Kept.',
      refuses: WRITES,
    }),
  },
  '/api/v1/rounds/gone': {
    post: operation({
      id: 'round_gone',
      tag: 'shop',
      summary: 'A round that was gone, point by point',
      body: sent(roundGoneSchema),
      made: true,
      answer: holding({ gone: roundGone }),
      says: 'Kept.',
      refuses: WRITES,
    }),
  },
  '/api/v1/rounds/{roundId}': {
    delete: operation({
      id: 'take_round_off',
      tag: 'shop',
      summary: 'A model that is looked over no more',
      answer: holding({ round }),
      says: 'As it was.',
      refuses: [403, 404],
    }),
  },
  '/api/v1/orders': {
    get: operation({
      id: 'orders',
      tag: 'orders',
      summary: 'The order list over all jobs',
      answer: holding({
        lines: listOf(
          holding({
            jobId: UUID,
            jobNumber: WHOLE,
            machine: TEXT,
            part: { type: 'object', required: ['key', 'name'] },
            state: TEXT,
            kitNumber: TEXT,
            promisedFor: orNull(TEXT),
            isLate: YES_NO,
            wasWrongBefore: YES_NO,
            sinceMs: NUMBER,
          }),
        ),
        wrongNumbers: listOf(TEXT),
      }),
      says: 'Its lines, and every number that came wrong before.',
    }),
  },
  '/api/v1/orders.csv': {
    get: operation({
      id: 'orders_csv',
      tag: 'orders',
      summary: 'The order list as CSV (RFC 4180)',
      answerOf: { 'text/csv': TEXT },
      says: 'One line a part.',
    }),
  },
};

export const SHOP_SCHEMAS = {
  Person: open(answered(personSchema)),
  Instrument: open(answered(instrumentSchema)),
  Tool: open(answered(toolSchema)),
};
