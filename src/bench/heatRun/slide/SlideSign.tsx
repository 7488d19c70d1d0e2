'use client';
import type { ShaftCall } from '@/core/job/shaftRun';
import { token } from '@/ui/theme/tokens';
import { SHAFT_SIGNS } from '@/ui/words/shafts';
import { SignFrame } from '../CallSign';

/** How deep the race stands over the shaft's shoulder, its lean, and the size of its word. */
const PLACES: Record<ShaftCall, { y: number; turn: number; size: number }> = {
  wait: { y: 10, turn: 0, size: 96 },
  go: { y: 40, turn: 0, size: 104 },
  too_late: { y: 60, turn: 7, size: 84 },
  stop: { y: 10, turn: 0, size: 96 },
  grabbed: { y: 190, turn: -7, size: 72 },
  done: { y: 300, turn: 0, size: 96 },
};

type Props = {
  call: ShaftCall;
  does: 'on' | 'off';
  raceText: string;
  shaftText: string;
  isHot: boolean;
  isCold: boolean;
};

/** A race, cut, over its shaft: above its end, over it, half way and leaning, or against the shoulder. Off, it goes the other way. */
export function SlideSign({ call, does, raceText, shaftText, isHot, isCold }: Props) {
  const isOff = does === 'off';
  const { turn, size } = PLACES[call];
  // A bearing that comes off begins where one that goes on ends.
  const y = isOff ? (call === 'done' ? 10 : call === 'go' ? 200 : 300) : PLACES[call].y;
  const words = SHAFT_SIGNS[call];
  const race = isHot ? token('heat') : token('steel');
  const shaft = isCold ? token('cold') : token('steel');
  const middle = y + 90;
  const fontSize = words.length > 1 ? 56 : size;
  return (
    <SignFrame words={words} call={call} testId="slide-call">
      <path d="M184 206L196 190H332L344 206V486H430V556H98V486H184Z" fill={shaft} />
      <text
        x="264"
        y="542"
        textAnchor="middle"
        fontSize="42"
        fontWeight="800"
        style={{ fontStretch: '62%' }}
        fill={token('onHeat')}
      >
        {shaftText}
      </text>
      <g transform={`rotate(${turn} 264 ${middle})`}>
        {[30, 350].map((x) => (
          <g key={x}>
            <rect x={x} y={y} width="148" height="180" fill={race} />
            <rect x={x} y={y} width="148" height="180" fill="url(#run-hatch)" />
            <rect x={x + 20} y={y + 132} width="108" height="40" fill={race} />
            <text
              x={x + 74}
              y={y + 166}
              textAnchor="middle"
              fontSize="38"
              fontWeight="800"
              style={{ fontStretch: '62%' }}
              fill={token('onHeat')}
            >
              {raceText}
            </text>
          </g>
        ))}
        <rect x="150" y={y + 14} width="228" height="112" fill={token('ink')} />
        {words.map((word, i) => (
          <text
            key={word}
            x="264"
            y={y + 70 + fontSize * 0.35 + (i - (words.length - 1) / 2) * 50}
            textAnchor="middle"
            fontSize={fontSize}
            fontWeight="900"
            style={{ fontStretch: '62%' }}
            fill={token('onBlock')}
          >
            {word}
          </text>
        ))}
      </g>
      {call === 'go' && !isOff && <path d="M240 232H288V270H318L264 330 210 270H240Z" fill={token('ink')} />}
      {call === 'go' && isOff && <path d="M240 180H288V120H318L264 60 210 120H240Z" fill={token('ink')} />}
    </SignFrame>
  );
}
