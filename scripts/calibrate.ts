/**
 * `npm run calibrate`: is “sure” honest? Draws `docs/calibration.svg` from 2 000 simulated drops, and prints its figures and how far the
 * model along the radius lies from finite elements, for `docs/heat.md`.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import '@/core/sums/allSums';
import { solveBody, sumsOfTopic } from '@/core/sums/schema';
import { calibrate, SURE, type Calibration } from '../tests/support/simulatedDrops';
import { ROOT } from './lib/processes.mjs';

const DROPS = 2000;
const SIZE = 460;
const EDGE = 64;
const at = (share: number) => ({ x: EDGE + share * SIZE, y: EDGE / 2 + (1 - share) * SIZE });

/** Standard error of a share that was counted. */
const errorOf = ({ came, drops }: Calibration[number]) => Math.sqrt((came * (1 - came)) / drops);

function drawCalibration(found: Calibration): string {
  const text = (x: number, y: number, words: string, anchor = 'middle') =>
    `<text x="${x}" y="${y}" font-size="16" text-anchor="${anchor}">${words}</text>`;
  const ticks = [0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1];
  const scaled = (share: number) => (share - 0.4) / 0.6;
  const place = (x: number, y: number) => ({ x: at(scaled(x)).x, y: at(scaled(y)).y });
  const marks = found.map((each) => {
    const { x, y } = place(each.promised, each.came);
    const [high, low] = [each.came + 2 * errorOf(each), each.came - 2 * errorOf(each)].map((share) =>
      place(each.promised, Math.min(1, share)),
    );
    return `<path d="M${x} ${low!.y}V${high!.y}" stroke="#15181A" stroke-width="2"/><rect x="${x - 5}" y="${y - 5}" width="10" height="10" fill="#15181A"/>`;
  });
  const [zero, one] = [place(0.4, 0.4), place(1, 1)];
  const axes = ticks.map((share) => {
    const [below, left] = [place(share, 0.4), place(0.4, share)];
    const percent = `${Math.round(share * 100)}`;
    return text(below.x, below.y + 24, percent) + text(left.x - 10, left.y + 5, percent, 'end');
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${SIZE + 2 * EDGE} ${SIZE + 2 * EDGE}" font-family="sans-serif" fill="#15181A">
<rect width="100%" height="100%" fill="#F3EFE5"/>
<path d="M${zero.x} ${one.y}V${zero.y}H${one.x}" fill="none" stroke="#15181A" stroke-width="2"/>
<path d="M${zero.x} ${zero.y}L${one.x} ${one.y}" stroke="#70777A" stroke-width="2" stroke-dasharray="7 5"/>
${axes.join('\n')}
${marks.join('\n')}
${text(EDGE + SIZE / 2, SIZE + 1.4 * EDGE, 'promised, % of drops')}
<text transform="translate(20 ${EDGE / 2 + SIZE / 2}) rotate(-90)" font-size="16" text-anchor="middle">went in, %</text>
</svg>
`;
}

const percent = (share: number) => (share * 100).toFixed(1);

const found = calibrate(DROPS, [0.5, 0.6, 0.7, 0.8, 0.9, 0.95, SURE, 0.995]);
writeFileSync(`${ROOT}/docs/calibration.svg`, drawCalibration(found));
console.log('| promised, % | went in, % | ± 2 s.e. |\n|---|---|---|');
for (const each of found)
  console.log(`| ${percent(each.promised)} | ${percent(each.came)} | ${percent(2 * errorOf(each))} |`);

type Values = Record<string, number[]>;
type Case = { id: string; inputs: Record<string, unknown>; expected: Values };
const { cases } = JSON.parse(readFileSync(`${ROOT}/tests/reference/drop_window.json`, 'utf8')) as {
  cases: Case[];
};
console.log('\n| case | quantity | furthest apart |\n|---|---|---|');
for (const { id, inputs, expected } of cases.filter((each) => each.inputs.mode === 'fe')) {
  const solved = solveBody(sumsOfTopic('drop_window')!, inputs);
  if (!solved.ok) throw new Error(`${id}: ${JSON.stringify(solved.issues)}`);
  const mine = solved.value.answers as unknown as Values;
  for (const [quantity, values] of Object.entries(expected)) {
    const apart = values.map((value, i) => Math.abs(value - mine[quantity]![i]!));
    console.log(`| ${id} | ${quantity} | ${Math.max(...apart).toFixed(quantity.endsWith('_mm') ? 4 : 2)} |`);
  }
}
