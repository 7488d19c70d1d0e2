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

/** Room for the jobs' own codes below the stacks'. */
const JOBS = 20_000;

/** Code of one stack's bag: no job's own, and no other stack's (up to 20 000 jobs, 20 stacks each). */
export const stackCode = (jobNumber: number, index: number) =>
  bagCode((jobNumber % JOBS) + JOBS * (index + 1));

export const isBagCode = (text: string) =>
  text.length === 4 && [...text.toUpperCase()].every((sign) => SIGNS.includes(sign));
