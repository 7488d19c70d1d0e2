'use client';
import type { ReactNode } from 'react';
import type { HeatCall } from '@/core/job/heatRun';
import { token } from '@/ui/theme/tokens';

/**
 * The big sign, told apart by word, shape and place, not by colour alone: WAIT lies on the bore and a bar keeps it out; GO hangs
 * between the walls with an arrow down; TOO LATE is tilted and empty; LET GO is in the bore with marks of falling; GRABBED hangs
 * half way, wedged; HOME fills the bore to its shoulder.
 */
export const CALL_WORDS: Record<HeatCall, string[]> = {
  push: ['PUSH'],
  wait: ['WAIT'],
  go: ['GO'],
  too_late: ['TOO', 'LATE'],
  let_go: ['LET', 'GO'],
  grabbed: ['GRABBED'],
  home: ['HOME'],
};

type Shape = { x: number; y: number; w: number; h: number; turn: number; isFilled: boolean; size: number };
const SHAPES: Record<HeatCall, Shape> = {
  push: { x: 114, y: 40, w: 300, h: 210, turn: 0, isFilled: true, size: 108 },
  wait: { x: 74, y: 24, w: 380, h: 156, turn: 0, isFilled: true, size: 142 },
  go: { x: 114, y: 4, w: 300, h: 296, turn: 0, isFilled: true, size: 218 },
  too_late: { x: 122, y: 30, w: 290, h: 268, turn: 8, isFilled: false, size: 128 },
  let_go: { x: 114, y: 150, w: 300, h: 260, turn: 0, isFilled: true, size: 130 },
  grabbed: { x: 104, y: 120, w: 320, h: 220, turn: -9, isFilled: false, size: 82 },
  home: { x: 114, y: 228, w: 300, h: 266, turn: 0, isFilled: true, size: 112 },
};

export function CallSign({
  call,
  castingText,
  isHot,
  words = CALL_WORDS[call],
}: {
  call: HeatCall;
  /** In place of the call's own: what a cold way is called. */
  words?: string[];
  castingText: string;
  isHot: boolean;
}) {
  const { x, y, w, h, turn, isFilled, size } = SHAPES[call];
  const colour = call === 'wait' || call === 'go' || call === 'let_go' ? token('cold') : token('ink');
  const middle = x + w / 2;
  const wall = isHot ? token('heat') : token('steel');
  return (
    <SignFrame words={words} call={call} testId="call">
      {['M0 190H80L94 204V494H150V556H0Z', 'M528 190H448L434 204V494H378V556H528Z'].map((d) => (
        <g key={d}>
          <path d={d} fill={wall} />
          <path d={d} fill="url(#run-hatch)" />
        </g>
      ))}
      {[75, 453].map((cx) => (
        <g key={cx}>
          {castingText && <rect x={cx - 62} y="508" width="124" height="44" fill={wall} />}
          <text
            x={cx}
            y="545"
            textAnchor="middle"
            fontSize="42"
            fontWeight="800"
            style={{ fontStretch: '62%' }}
            fill={token('onHeat')}
          >
            {castingText}
          </text>
        </g>
      ))}
      <Bearing
        turn={turn}
        middle={middle}
        y={y}
        h={h}
        x={x}
        w={w}
        isFilled={isFilled}
        colour={colour}
        words={words}
        size={size}
      />
      <Arrows call={call} />
    </SignFrame>
  );
}

/** What the part does, drawn beside its word. */
const Arrows = ({ call }: { call: HeatCall }) => (
  <>
    {call === 'wait' && <rect x="152" y="236" width="224" height="30" fill={token('ink')} />}
    {call === 'push' && <path d="M234 268H294V330H344L264 400 184 330H234Z" fill={token('ink')} />}
    {call === 'go' && <path d="M234 318H294V386H344L264 466 184 386H234Z" fill={token('ink')} />}
    {call === 'let_go' && (
      <path d="M150 96V136M264 76V136M378 96V136" stroke={token('ink')} strokeWidth="10" />
    )}
    {call === 'too_late' && (
      <path d="M190 400L338 480M338 400L190 480" stroke={token('ink')} strokeWidth="20" />
    )}
    {call === 'grabbed' && (
      <path
        d="M264 372V484M214 434L264 484L314 434"
        transform="rotate(180 264 428)"
        stroke={token('ink')}
        strokeWidth="14"
        fill="none"
      />
    )}
  </>
);

type FrameProps = { words: readonly string[]; call: string; testId: string; children: ReactNode };

/** The paper that a big sign is drawn on, with its words for who does not see it. */
export const SignFrame = ({ words, call, testId, children }: FrameProps) => (
  <svg
    viewBox="0 0 528 560"
    role="img"
    aria-label={words.join(' ')}
    style={{ width: '100%', height: '100%', display: 'block' }}
    data-testid={testId}
    data-call={call}
  >
    <Hatch />
    {children}
  </svg>
);

/** The pattern of a cut casting. */
const Hatch = () => (
  <defs>
    <pattern
      id="run-hatch"
      width="14"
      height="14"
      patternUnits="userSpaceOnUse"
      patternTransform="rotate(45)"
    >
      <line y2="14" stroke={token('paper')} strokeWidth="1.6" opacity="0.55" />
    </pattern>
  </defs>
);

type BearingProps = {
  turn: number;
  middle: number;
  y: number;
  h: number;
  x: number;
  w: number;
  isFilled: boolean;
  colour: string;
  words: string[];
  size: number;
};

/** The bearing, drawn as the words of the call. */
export function Bearing({ turn, middle, y, h, x, w, isFilled, colour, words, size }: BearingProps) {
  return (
    <g transform={`rotate(${turn} ${middle} ${y + h / 2})`}>
      <rect
        x={x}
        y={y}
        width={w}
        height={h}
        fill={isFilled ? colour : token('paper')}
        stroke={isFilled ? 'none' : colour}
        strokeWidth="14"
      />
      {words.map((word, i) => (
        <text
          key={word}
          x={middle}
          y={y + h / 2 + size * 0.35 + (i - (words.length - 1) / 2) * size * 0.92}
          textAnchor="middle"
          fontSize={size}
          fontWeight="900"
          style={{ fontStretch: '62%' }}
          fill={isFilled ? token('onHeat') : colour}
        >
          {word}
        </text>
      ))}
    </g>
  );
}
