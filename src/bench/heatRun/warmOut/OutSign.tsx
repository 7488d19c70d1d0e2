'use client';
import type { WarmCall } from '@/core/job/warmOutView';
import { token } from '@/ui/theme/tokens';
import { WARM_SIGNS } from '@/ui/words/warmOut';
import { Bearing, SignFrame } from '../CallSign';

type Shape = { x: number; y: number; w: number; h: number; turn: number; isFilled: boolean; size: number };

/**
 * The sign of a removal, told apart by word, shape and place: WAIT sits in its bore; PULL stands half out of it; FALLS lies below a casting
 * that is turned over; HOLDS is tilted; STOP is struck through; OUT lies beside an empty bore.
 */
const SHAPES: Record<WarmCall, Shape> = {
  wait: { x: 150, y: 236, w: 228, h: 250, turn: 0, isFilled: true, size: 104 },
  pull: { x: 150, y: 120, w: 228, h: 250, turn: 0, isFilled: true, size: 104 },
  falls: { x: 150, y: 296, w: 228, h: 210, turn: 0, isFilled: true, size: 92 },
  stop: { x: 150, y: 236, w: 228, h: 250, turn: 0, isFilled: false, size: 104 },
  too_late: { x: 150, y: 210, w: 228, h: 250, turn: 0, isFilled: false, size: 84 },
  all_out: { x: 150, y: 14, w: 228, h: 170, turn: 0, isFilled: true, size: 118 },
};

const WALLS = ['M0 216H100L114 230V494H180V556H0Z', 'M528 216H428L414 230V494H348V556H528Z'];

export function OutSign({
  call,
  castingText,
  isHot,
}: {
  call: WarmCall;
  castingText: string;
  isHot: boolean;
}) {
  const shape = SHAPES[call];
  const words = WARM_SIGNS[call];
  const wall = isHot ? token('heat') : token('steel');
  // Turned over, the casting lies face down and its part comes out below.
  const turned = call === 'falls' ? 'translate(0 514) scale(1 -1)' : undefined;
  const textY = call === 'falls' ? 40 : 545;
  return (
    <SignFrame words={words} call={call} testId="out-call">
      <g transform={turned}>
        {WALLS.map((d) => (
          <g key={d}>
            <path d={d} fill={wall} />
            <path d={d} fill="url(#run-hatch)" />
          </g>
        ))}
      </g>
      {castingText !== '' &&
        [88, 440].map((cx) => (
          <g key={cx}>
            <rect x={cx - 66} y={textY - 37} width="132" height="46" fill={wall} />
            <text
              x={cx}
              y={textY}
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
      <Bearing {...shape} middle={264} colour={token('ink')} words={words} />
      {call === 'falls' && <path d="M240 512H288V526H312L264 560 216 526H240Z" fill={token('ink')} />}
      {call === 'pull' && <path d="M234 110H294V62H340L264 0 188 62H234Z" fill={token('ink')} />}
      {call === 'wait' && <rect x="114" y="200" width="300" height="18" fill={token('ink')} />}
      {call === 'stop' && (
        <path d="M150 236L378 486M378 236L150 486" stroke={token('heat')} strokeWidth="16" opacity="0.55" />
      )}
    </SignFrame>
  );
}
