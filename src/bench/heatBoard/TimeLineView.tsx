'use client';
import { DndContext, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { restrictToHorizontalAxis } from '@dnd-kit/modifiers';
import Box from '@mui/material/Box';
import type { ReactNode, Ref } from 'react';
import type { Units } from '@/core/quantity/format';
import { token, TYPE } from '@/ui/theme/tokens';
import { sayHour, saySpot } from '@/ui/words/heatBoard';
import { BarOnLine, LANES, MINUTE_MS, type Move } from './BarOnLine';
import type { TimeBar, TimeLine, TimeRow } from './buildTimeLine';
import { LABELS_PX, percent, ROW, RowName } from './rowParts';
import { CoolingRow, DropsRow, HandsRow } from './WorkRows';

export type MoveDoor = {
  /** While it is dragged: everything is planned anew, nothing is kept. Null: it was let go of elsewhere. */
  onHold: (move: Move | null) => void;
  onMove: (move: Move) => void;
};

type Props = MoveDoor & {
  line: TimeLine;
  nowMs: number;
  units: Units;
  picked: string | null;
  onPick: (taskKey: string) => void;
  /** Measures the width in which time is drawn. */
  plotRef: Ref<HTMLDivElement>;
  widthPx: number;
};

/** Ovens, hot air, freezers, what goes in, what cools and whose hands are busy, over all jobs on one time line. */
export function TimeLineView({
  line,
  nowMs,
  units,
  picked,
  onPick,
  onHold,
  onMove,
  plotRef,
  widthPx,
}: Props) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  const msOf = (px: number) =>
    Math.round(((px / widthPx) * (line.toMs - line.fromMs)) / MINUTE_MS) * MINUTE_MS;
  const moveOf = ({
    active,
    delta,
  }: {
    active: { data: { current?: unknown } };
    delta: { x: number };
  }): Move => ({
    key: (active.data.current as { taskKey: string }).taskKey,
    byMs: msOf(delta.x),
  });
  const bars = (lanes: readonly TimeBar[][]) => (
    <>
      {lanes.map((lane, at) =>
        lane.map((bar) => (
          <BarOnLine
            key={bar.key}
            bar={bar}
            lane={at}
            isPicked={bar.taskKey === picked}
            onPick={onPick}
            onMove={onMove}
          />
        )),
      )}
    </>
  );
  return (
    <DndContext
      sensors={sensors}
      // The bar moves with the plan: nothing else is to follow it.
      autoScroll={false}
      modifiers={[restrictToHorizontalAxis]}
      onDragMove={(event) => onHold(moveOf(event))}
      onDragEnd={(event) => onMove(moveOf(event))}
      onDragCancel={() => onHold(null)}
      accessibility={{ screenReaderInstructions: { draggable: 'Arrow keys move it by a minute.' } }}
    >
      <Box data-testid="time-line" sx={{ position: 'relative', ...LANES }}>
        <Axis line={line} nowMs={nowMs} plotRef={plotRef} />
        {line.rows.map((row) => (
          <RowOnLine key={row.spot.key} row={row} units={units}>
            {bars(row.lanes)}
          </RowOnLine>
        ))}
        <DropsRow drops={line.drops} />
        <CoolingRow lanes={line.cooling} />
        <HandsRow hands={line.hands} />
        {line.now !== null && <NowLine at={line.now} nowMs={nowMs} />}
      </Box>
    </DndContext>
  );
}

/** A place with what is in it; an empty one takes one line. */
function RowOnLine({ row, units, children }: { row: TimeRow; units: Units; children: ReactNode }) {
  const { spot, lanes } = row;
  return (
    <Box sx={ROW} role="group" aria-label={spot.name} data-row={spot.key}>
      <RowName name={spot.name} note={saySpot(spot, units)} isOneLine={lanes.length === 0} />
      <Box sx={{ position: 'relative', minHeight: `calc(var(--lane) * ${lanes.length})` }}>{children}</Box>
    </Box>
  );
}

const hoursOf = (ticks: TimeLine['ticks']) =>
  ticks.flatMap(({ at, atMs }) => (atMs === null ? [] : [{ at, atMs }]));

function Axis({ line, nowMs, plotRef }: { line: TimeLine; nowMs: number; plotRef: Ref<HTMLDivElement> }) {
  return (
    <Box sx={{ ...ROW, border: 0, py: 0 }} aria-hidden>
      <span />
      <Box ref={plotRef} sx={{ position: 'relative', height: 36, borderBottom: `2px solid ${token('ink')}` }}>
        {line.ticks.map(({ at, atMs }) => (
          <Box
            key={at}
            sx={{
              position: 'absolute',
              left: percent(at),
              bottom: 0,
              height: atMs === null ? 6 : 12,
              borderLeft: `2px solid ${token('ink')}`,
            }}
          />
        ))}
        {hoursOf(line.ticks).map(({ at, atMs }, i, hours) => (
          <Box
            key={atMs}
            data-hour
            sx={{
              position: 'absolute',
              // The last one keeps to the page.
              left: `min(${percent(at)}, calc(100% - 10px))`,
              bottom: 12,
              transform: 'translateX(-50%)',
              fontSize: TYPE.text,
              fontWeight: 750,
              whiteSpace: 'nowrap',
            }}
          >
            {/* The day is said once, where it begins. */}
            {sayHour(atMs, hours[i - 1]?.atMs ?? nowMs)}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

/** Black, over everything: where the day stands. */
function NowLine({ at, nowMs }: { at: number; nowMs: number }) {
  return (
    <Box sx={{ position: 'absolute', inset: 0, left: LABELS_PX, pointerEvents: 'none' }} aria-hidden>
      <Box
        sx={{
          position: 'absolute',
          left: percent(at),
          top: 30,
          bottom: 0,
          width: 4,
          ml: '-2px',
          backgroundColor: token('ink'),
        }}
      />
      <Box
        sx={{
          position: 'absolute',
          left: percent(at),
          bottom: -24,
          transform: 'translateX(-50%)',
          px: 1,
          backgroundColor: token('block'),
          color: token('onBlock'),
          fontSize: TYPE.text,
          fontWeight: 750,
        }}
      >
        {sayHour(nowMs, nowMs)}
      </Box>
    </Box>
  );
}
