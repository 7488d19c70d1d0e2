import { z } from 'zod';
import { solveBody, sumsOfTopic } from '@/core/sums/schema';
import { answer, readJson, Refusal } from '@/server/http';

export const dynamic = 'force-dynamic';

/** A sum's body is small: this keeps a mistaken upload from being parsed. */
const MAX_BODY_BYTES = 64 * 1024;

export const POST = (request: Request, { params }: { params: Promise<{ topic: string }> }) =>
  answer(async () => {
    const { topic } = await params;
    const sums = sumsOfTopic(topic);
    if (!sums) throw new Refusal(404, 'unknown_topic', `There is no sum “${topic}”.`);
    const solved = solveBody(
      sums,
      await readJson(request, z.record(z.string(), z.unknown()), { maxBytes: MAX_BODY_BYTES }),
    );
    if (!solved.ok)
      throw new Refusal(
        400,
        solved.issues[0]!.code,
        'This sum cannot be done with these values.',
        solved.issues,
      );
    const { answers, verdict } = solved.value;
    return Response.json({
      ...answers,
      ...(verdict && { verdict_words: verdict.words, severity: verdict.severity }),
    });
  });
