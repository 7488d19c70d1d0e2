import { heatPlanSchema } from '@/core/record/heatPlan';
import { castingSchema } from '@/core/record/job';
import { calendarQuery } from '../board/planNow';
import { keepKindSchema } from '../jobs/ownKinds';
import { UNREADABLE } from './common';
import {
  answered,
  holding,
  listOf,
  NUMBER,
  operation,
  orNull,
  queryOf,
  sent,
  TEXT,
  UUID,
  WHOLE,
  YES_NO,
  type Paths,
} from './shapes';

const SPAN = holding({ fromMs: NUMBER, toMs: NUMBER });

/** What stands on the bench, over all jobs. */
/** A figure that the shop's own heats told. */
const FITTED = holding({ value: NUMBER, spread: NUMBER, U: NUMBER, heats: WHOLE, isEnough: YES_NO });

export const benchPaths: Paths = {
  '/api/v1/kinds': {
    get: operation({
      id: 'kinds',
      tag: 'jobs',
      summary: 'The shop’s own kinds of job',
      answer: holding({ kinds: listOf(holding({ id: UUID, name: TEXT })) }),
      says: 'By name.',
    }),
    post: operation({
      id: 'keep_kind',
      tag: 'jobs',
      summary: 'Keep a job as a kind of the shop’s own',
      body: sent(keepKindSchema),
      made: true,
      answer: holding({ kind: holding({ id: UUID, name: TEXT }) }),
      says: 'Kept: castings, seats and plan, never its readings.',
      refuses: [400, 403, 404, 413],
    }),
  },
  '/api/v1/bench': {
    get: operation({
      id: 'bench',
      tag: 'jobs',
      summary: 'The jobs on the bench, each with its seats’ states and its next move',
      answer: holding({
        jobs: listOf(
          holding({
            jobId: UUID,
            number: WHOLE,
            machine: TEXT,
            machineSort: TEXT,
            kind: TEXT,
            castings: listOf(holding({ casting: answered(castingSchema) })),
            stackCodes: listOf(TEXT),
          }),
        ),
        unreadable: UNREADABLE,
      }),
      says: 'Put-away jobs are not among them.',
    }),
  },
  '/api/v1/stacks': {
    get: operation({
      id: 'stacks',
      tag: 'jobs',
      summary: 'Every stack of every job on the bench',
      answer: holding({
        stacks: listOf(
          holding({
            jobId: UUID,
            jobNumber: WHOLE,
            machine: TEXT,
            stackKey: TEXT,
            name: TEXT,
            pieces: listOf({ type: 'object', required: ['position'] }),
            putBack: { type: 'array' },
          }),
        ),
      }),
      says: 'What a stack could be mistaken for.',
    }),
  },
  '/api/v1/heat': {
    get: operation({
      id: 'heat',
      tag: 'jobs',
      summary: 'What is hot or cold in the whole shop',
      answer: holding({
        items: listOf(
          holding({
            key: TEXT,
            kind: { enum: ['in_heat', 'under_air', 'out_hot', 'cold'] },
            jobId: UUID,
            seatId: orNull(UUID),
            machine: TEXT,
            name: TEXT,
            celsius: NUMBER,
            sinceMs: NUMBER,
            readyMs: orNull(NUMBER),
            untilMs: NUMBER,
            personId: UUID,
            place: orNull(TEXT),
          }),
        ),
      }),
      says: 'Each with its clock and its owner.',
    }),
  },
  '/api/v1/heat/plan': {
    get: operation({
      id: 'heat_plan',
      tag: 'jobs',
      summary: 'All heats of the bench on one time line: ovens, freezers and one pair of hands shared out',
      answer: holding({
        tasks: listOf(
          holding({
            key: UUID,
            jobId: UUID,
            machine: TEXT,
            name: TEXT,
            source: orNull({ enum: ['oven', 'gun'] }),
            dialC: NUMBER,
            wantedC: orNull(NUMBER),
            drops: listOf(
              holding({ seatId: UUID, name: TEXT, heat: WHOLE, atS: NUMBER, slackS: orNull(NUMBER) }),
            ),
            leastSlackS: orNull(NUMBER),
            isProvenBest: YES_NO,
            troubles: listOf(holding({ is: { enum: ['suffers', 'tool', 'before_it'] } })),
          }),
        ),
        spots: listOf(
          holding({
            key: TEXT,
            kind: { enum: ['oven', 'hot_air', 'freezer'] },
            name: TEXT,
            holds: WHOLE,
            offsetK: NUMBER,
          }),
        ),
        wanted: answered(heatPlanSchema),
        plan: holding({
          heats: listOf(
            holding({
              key: UUID,
              placeKey: orNull(TEXT),
              heat: SPAN,
              hands: SPAN,
              cold: listOf(holding({ key: UUID, fromMs: NUMBER, toMs: NUMBER, placeKey: orNull(TEXT) })),
              rubberMs: NUMBER,
              touchMs: NUMBER,
              conflicts: listOf(TEXT),
            }),
          ),
          endMs: NUMBER,
          isProvenBest: YES_NO,
        }),
      }),
      says: 'What is hot or cold already stands as it happened; the rest is planned from now.',
    }),
  },
  '/api/v1/heat/drops': {
    get: operation({
      id: 'shop_drops',
      tag: 'jobs',
      summary: 'What was promised of each drop by heat and what came of it, and what that taught the shop',
      answer: holding({
        drops: listOf(
          holding({
            id: UUID,
            jobId: UUID,
            machine: TEXT,
            seatId: UUID,
            name: TEXT,
            atMs: NUMBER,
            carryS: NUMBER,
            outcome: { enum: ['by_itself', 'with_taps', 'drawn_in', 'home', 'stuck'] },
            promised: holding({ castingC: NUMBER, clearanceMm: holding({ value: NUMBER, u: NUMBER }) }),
            read: orNull(holding({ castingC: NUMBER, clearanceMm: NUMBER })),
          }),
        ),
        fit: holding({
          loss: orNull(FITTED),
          carryS: orNull(FITTED),
          ovens: listOf(FITTED),
          freezers: listOf(FITTED),
        }),
        isOn: YES_NO,
        isDemo: YES_NO,
      }),
      says: 'The last 200, newest first.',
    }),
  },
  '/api/v1/heat/plan.ics': {
    get: operation({
      id: 'heat_plan_ics',
      tag: 'jobs',
      summary: 'The same as a calendar (RFC 5545)',
      query: queryOf(calendarQuery),
      answerOf: { 'text/calendar': TEXT },
      says: 'An act an event, called five minutes before.',
    }),
  },
};
