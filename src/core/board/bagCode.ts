/**
 * The code that is written with a marker on a job's bags and trays: four characters without look-alikes (no O and 0, I and 1, S and
 * 5, B and 8, Z and 2). It follows from the job's number and spreads neighbours apart, so that a slip of one character is no
 * other open job of the same month.
 */
const SIGNS = 'ACDEFGHJKLMNPQRTUVWXY34679';
const COUNT = SIGNS.length ** 4;
/** Has no factor in common with COUNT (2 and 13 only), so that every number has its own code. */
const SPREAD = 284_735;

export function bagCode(jobNumber: number): string {
  let rest = (jobNumber * SPREAD) % COUNT;
  let code = '';
  for (let i = 0; i < 4; i += 1) {
    code = SIGNS[rest % SIGNS.length]! + code;
    rest = Math.floor(rest / SIGNS.length);
  }
  return code;
}

/** The inverse of SPREAD: 284 735 × 135 983 leaves 1 when it is divided by 26⁴. */
const GATHER = 135_983;

/** Room for the jobs' own codes below the stacks'. */
export const JOBS_WITH_STACK_CODES = 20_000;

/** Code of one stack's bag: no job's own, and no other stack's (up to 20 000 jobs, 20 stacks each). */
export const stackCode = (jobNumber: number, index: number) =>
  bagCode((jobNumber % JOBS_WITH_STACK_CODES) + JOBS_WITH_STACK_CODES * (index + 1));

export const isBagCode = (text: string) =>
  text.length === 4 && [...text.toUpperCase()].every((sign) => SIGNS.includes(sign));

/** The job that a code belongs to by itself, or as the bag of one of its stacks; null: it is no code. */
export function jobOfCode(code: string): { own: number; ofStack: number | null } | null {
  if (!isBagCode(code)) return null;
  const digits = [...code.toUpperCase()].reduce((sum, sign) => sum * SIGNS.length + SIGNS.indexOf(sign), 0);
  const own = (digits * GATHER) % COUNT;
  return { own, ofStack: own >= JOBS_WITH_STACK_CODES ? own % JOBS_WITH_STACK_CODES : null };
}
