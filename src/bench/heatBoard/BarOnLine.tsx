import { useDraggable } from '@dnd-kit/core';
import Box from '@mui/material/Box';
import type { KeyboardEvent } from 'react';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import type { TimeBar } from './buildTimeLine';
import { percent } from './rowParts';

/** One lane of bars: wide enough for a finger where there is one. */
export const LANES = { '--lane': '42px', '@media (pointer: coarse)': { '--lane': '52px' } } as const;
export const MINUTE_MS = 60_000;
/** An arrow key moves a door so far; with Shift ten times. */
const KEY_STEP_MS = MINUTE_MS;

/** A door that is moved. */
export type Move = { key: string; byMs: number };

const LABEL_AT = {
  inside: { position: 'relative', ml: 1, backgroundColor: token('plate') },
  behind: { position: 'absolute', left: '100%' },
  before: { position: 'absolute', right: '100%' },
} as const;

type BarProps = {
  bar: TimeBar;
  lane: number;
  isPicked: boolean;
  onPick: (taskKey: string) => void;
  onMove: (move: Move) => void;
};

/** One bar: tapped it is looked at; what is not begun yet is moved by dragging or by the arrow keys. */
export function BarOnLine({ bar, lane, isPicked, onPick, onMove }: BarProps) {
  const { taskKey, from, to, tone, label, labelAt, isPlanned, isInTrouble } = bar;
  const { setNodeRef, listeners, isDragging } = useDraggable({
    id: bar.key,
    data: { taskKey },
    disabled: !isPlanned,
  });
  const onKeyDown = (event: KeyboardEvent) => {
    const way = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (!way || !isPlanned) return;
    event.preventDefault();
    onMove({ key: taskKey, byMs: way * KEY_STEP_MS * (event.shiftKey ? 10 : 1) });
  };
  return (
    <Box
      component="button"
      type="button"
      ref={setNodeRef}
      {...listeners}
      onKeyDown={onKeyDown}
      onClick={() => onPick(taskKey)}
      onFocus={() => onPick(taskKey)}
      aria-pressed={isPicked}
      data-bar={bar.key}
      data-planned={isPlanned}
      sx={{
        all: 'unset',
        boxSizing: 'border-box',
        position: 'absolute',
        top: `calc(var(--lane) * ${lane} + 1px)`,
        left: percent(from),
        width: percent(to - from),
        minWidth: 10,
        height: 'calc(var(--lane) - 4px)',
        display: 'flex',
        alignItems: 'center',
        cursor: isPlanned ? (isDragging ? 'grabbing' : 'grab') : 'pointer',
        touchAction: isPlanned ? 'none' : 'auto',
        '&:focus-visible': { outline: `3px solid ${token('ink')}`, outlineOffset: 1 },
      }}
    >
      <BarPicture bar={bar} isPicked={isPicked} />
      <Box
        sx={{
          ...LABEL_AT[labelAt],
          px: 0.75,
          fontSize: TYPE.text,
          fontWeight: 700,
          fontStretch: STRETCH.headline,
          lineHeight: 1.2,
          whiteSpace: 'nowrap',
          color: token('ink'),
        }}
      >
        {isInTrouble && tone === 'heat' ? '! ' : ''}
        {label}
      </Box>
    </Box>
  );
}

/** Hatched by what it is; dashed while it is only planned. */
function BarPicture({ bar, isPicked }: Pick<BarProps, 'bar' | 'isPicked'>) {
  const { tone, isPlanned } = bar;
  const colour = token(tone === 'cold' ? 'cold' : 'heat');
  return (
    <svg
      width="100%"
      height="100%"
      aria-hidden
      style={{ position: 'absolute', inset: 0, overflow: 'visible' }}
    >
      <rect
        width="100%"
        height="100%"
        fill={`url(#hatch-${tone})`}
        stroke={colour}
        strokeWidth={isPicked ? 4 : 2}
        strokeDasharray={isPlanned ? '7 5' : undefined}
      />
    </svg>
  );
}
