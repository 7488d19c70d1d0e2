export const percentile = (values: number[], share: number) =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))]!;

export const median = (values: number[]) => percentile(values, 0.5);

/** In whole milliseconds. */
export const medianMs = (times: number[]) => `${median(times).toFixed(0)} ms`;

export const report = (what: string, figure: string, target: string) =>
  console.log(`${what.padEnd(74)} ${figure.padStart(12)}   target ${target}`);

export async function time(runs: number, work: (i: number) => unknown): Promise<number[]> {
  const times: number[] = [];
  for (let i = 0; i < runs; i += 1) {
    const started = performance.now();
    await work(i);
    times.push(performance.now() - started);
  }
  return times;
}

export const p95 = (times: number[]) => `${percentile(times, 0.95).toFixed(2)} ms`;
