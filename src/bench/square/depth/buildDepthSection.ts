import type { SeatDepth } from '@/core/job/depthTarget';
import type { Seat } from '@/core/record/job';
import { driverMarkMm } from '@/core/seating/depthChain';
import { polygon, text } from '@/ui/drawing/marks';
import type { Scene, SceneMark } from '@/ui/drawing/scene';

/**
 * How deep it goes, along the axis: the casting cut open, the part as far as it has come, where it goes, and the driver behind it with
 * the line that meets the face when it is there. To scale along the axis; across it squeezed, so that tenths show.
 */

export type DepthSectionInput = {
  width: number;
  height: number;
  seat: Pick<Seat, 'spec'>;
  depth: Pick<SeatDepth, 'target' | 'reachedMm'>;
  isHome: boolean;
  /** A length as the person reads it. */
  say: (mm: number) => string;
};

const MARGIN_PX = { side: 14, top: 62, bottom: 58 } as const;
/** Of the driver behind the part, as a share of the part's width; at the least so long, mm. */
const DRIVER = { share: 1.1, leastMm: 9 } as const;
const TICK_EVERY_MM = 2;
/** Shorter than this an arrow is a blot, and a difference none, px and mm. */
const LEAST_ARROW_PX = 10;
const SAME_MM = 0.005;

type Frame = { x: (mm: number) => number; up: (mm: number) => number; down: (mm: number) => number };

/** Along the axis from where the driver ends to the back of the boss; across it, the boss. */
function frameOf({ width, height, seat }: DepthSectionInput, fromMm: number, toMm: number): Frame {
  const { bossOutsideMm } = seat.spec.housing;
  const highPx = height - MARGIN_PX.top - MARGIN_PX.bottom;
  const alongPx = (width - 2 * MARGIN_PX.side) / (toMm - fromMm);
  const acrossPx = highPx / bossOutsideMm;
  const middleY = MARGIN_PX.top + highPx / 2;
  return {
    x: (mm) => MARGIN_PX.side + (mm - fromMm) * alongPx,
    up: (mm) => middleY - mm * acrossPx,
    down: (mm) => middleY + mm * acrossPx,
  };
}

const words = (
  id: string,
  [x, y]: readonly [number, number],
  said: string,
  rest: Parameters<typeof text>[4] = {},
): SceneMark => text(id, x, y, said, { size: 22, isBold: true, ...rest });

/** The casting above and below the axis, with its shoulder where it has one. */
function castingMarks({ seat }: DepthSectionInput, { x, up, down }: Frame): SceneMark[] {
  const { part, housing } = seat.spec;
  const [bore, boss] = [part.outsideMm / 2, housing.bossOutsideMm / 2];
  const behind = housing.isThrough ? bore : Math.min(bore, housing.shoulderBoreMm / 2);
  const half = (id: string, y: Frame['up']): SceneMark =>
    polygon(
      id,
      [
        [x(0), y(bore)],
        [x(housing.depthToShoulderMm), y(bore)],
        [x(housing.depthToShoulderMm), y(behind)],
        [x(housing.bossHeightMm), y(behind)],
        [x(housing.bossHeightMm), y(boss)],
        [x(0), y(boss)],
      ],
      { hatch: 'rising' },
    );
  return [half('casting-above', up), half('casting-below', down)];
}

const box = ({ x, up, down }: Frame, fromMm: number, toMm: number, halfMm: number): [number, number][] => [
  [x(fromMm), up(halfMm)],
  [x(toMm), up(halfMm)],
  [x(toMm), down(halfMm)],
  [x(fromMm), down(halfMm)],
];

/** Axis with a tick every so often, counted from the face. */
function axisMarks({ x, up, down }: Frame, fromMm: number, toMm: number): SceneMark[] {
  const ticks = Array.from({ length: Math.floor(toMm / TICK_EVERY_MM) + 1 }, (_, i) => i * TICK_EVERY_MM).map(
    (mm): SceneMark => ({
      kind: 'line',
      id: `tick-${mm}`,
      points: [
        [x(mm), up(0) - 6],
        [x(mm), down(0) + 6],
      ],
      style: 'thin',
    }),
  );
  return [
    {
      kind: 'line',
      id: 'axis',
      points: [
        [x(fromMm), up(0)],
        [x(toMm), up(0)],
      ],
      style: 'centre',
    },
    ...ticks,
  ];
}

/** The driver, with its line where there is one: it meets the face when the part is at its depth. */
function driverMarks(input: DepthSectionInput, frame: Frame, atMm: number, lengthMm: number): SceneMark[] {
  const { seat, depth, say, height } = input;
  const { x, up, down } = frame;
  const halfMm = (seat.spec.part.outsideMm / 2) * 0.94;
  const markMm = driverMarkMm(depth.target.depthMm);
  const body = polygon('driver', box(frame, atMm - lengthMm, atMm, halfMm), {
    line: 'ghost',
    isFilled: false,
  });
  if (markMm === null || markMm >= lengthMm) return [body];
  const markX = x(atMm - markMm);
  return [
    body,
    polygon(
      'driver-mark',
      [
        [markX - 2.5, up(halfMm)],
        [markX + 2.5, up(halfMm)],
        [markX + 2.5, down(halfMm)],
        [markX - 2.5, down(halfMm)],
      ],
      { tone: 'ink', line: 'none' },
    ),
    words('driver-mark-size', [markX, height - 30], say(markMm), { tone: 'ink' }),
    words('driver-mark-word', [markX, height - 11], 'line on the driver, from its nose', {
      size: 16,
      isBold: false,
      tone: 'steel',
    }),
  ];
}

/** How far it still has to go, or by how much it is beyond. */
function toGoMarks({ depth, say }: DepthSectionInput, { x, up }: Frame, atMm: number): SceneMark[] {
  const { depthMm } = depth.target;
  const leftMm = depthMm - atMm;
  const y = 40;
  const line = (id: string, mm: number): SceneMark => ({
    kind: 'line',
    id,
    points: [
      [x(mm), y - 8],
      [x(mm), up(0)],
    ],
    style: 'hidden',
  });
  const isSeen = Math.abs(x(depthMm) - x(atMm)) >= LEAST_ARROW_PX;
  const arrow: SceneMark[] = isSeen
    ? [
        line('reached-line', atMm),
        {
          kind: 'line',
          id: 'to-go',
          points: [
            [x(atMm), y],
            [x(depthMm), y],
          ],
          style: 'dimension',
          arrows: 'both',
        },
      ]
    : [];
  const size = words('to-go-size', [(x(depthMm) + x(atMm)) / 2, y - 16], say(Math.abs(leftMm)), {
    note: leftMm < 0 ? ' too deep' : ' to go',
  });
  return [line('target-line', depthMm), ...arrow, ...(Math.abs(leftMm) > SAME_MM ? [size] : [])];
}

export function buildDepthSection(input: DepthSectionInput): Scene {
  const { width, height, seat, depth, isHome, say } = input;
  const { part, housing } = seat.spec;
  const { depthMm } = depth.target;
  // What nobody has read stands before the bore, ready to start.
  const atMm = depth.reachedMm?.value ?? (isHome ? depthMm : -part.widthMm);
  const driverMm = Math.max(DRIVER.leastMm, DRIVER.share * Math.max(part.widthMm, depthMm));
  const fromMm = Math.min(-part.widthMm, atMm, depthMm) - driverMm;
  const toMm = Math.max(housing.bossHeightMm, depthMm + part.widthMm);
  const frame = frameOf(input, fromMm, toMm);
  const half = part.outsideMm / 2;
  const target = polygon('target', box(frame, depthMm, depthMm + part.widthMm, half), {
    line: 'ghost',
    isFilled: false,
  });
  return {
    width,
    height,
    description: `Along the axis: it goes to ${say(Math.abs(depthMm))} ${depthMm < 0 ? 'standing out of' : 'below'} the face${depth.reachedMm ? `, and stands at ${say(atMm)}` : ''}.`,
    marks: [
      ...castingMarks(input, frame),
      polygon('part', box(frame, atMm, atMm + part.widthMm, half)),
      ...(atMm === depthMm ? [] : [target]),
      ...driverMarks(input, frame, atMm, driverMm),
      ...axisMarks(frame, fromMm, toMm),
      ...toGoMarks(input, frame, atMm),
    ],
  };
}
