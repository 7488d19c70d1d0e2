/** The part of the `odex` package that the tests use: it ships sources that do not pass a strict compiler. */
export class Solver {
  constructor(equations: number);
  absoluteTolerance: number;
  relativeTolerance: number;
  solve(
    slopes: (x: number, y: number[]) => number[],
    from: number,
    start: number[],
    to: number,
  ): { y: number[]; nEval: number };
}
