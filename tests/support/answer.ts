import { solveBody, sumsOfTopic } from '@/core/sums/schema';

/** What a sum answers when it is asked as a user of the API asks; throws on any refusal. */
export const answer = (topic: string, body: Record<string, unknown>): Record<string, number> => {
  const solved = solveBody(sumsOfTopic(topic)!, body);
  if (!solved.ok) throw new Error(JSON.stringify(solved.issues));
  return solved.value.answers as Record<string, number>;
};
