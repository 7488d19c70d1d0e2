'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import type { JobHeatTask } from '@/core/board/heatTasks';
import { dialFor } from '@/core/tools/heatPlaces';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import { Link } from '@/ui/parts/Link';
import { Row } from '@/ui/parts/layout';
import { Name, Quiet } from '@/ui/parts/text';
import { sayHour, sayOrder, sayTask } from '@/ui/words/heatBoard';
import { asHeadline } from '@/ui/words/sentence';
import type { Board } from './boardWork';
import type { HeatBoardState } from './useHeatBoard';

const MINUTE_MS = 60_000;
const STEPS_MIN = [-10, -1, 1, 10];

type Props = { task: JobHeatTask; state: HeatBoardState; board: Board; units: Units };

/** The heat that is looked at: its door, its order, and ways to move it. */
export function PickedHeat({ task, state, board, units }: Props) {
  const { nowMs, heatPlan, setDoor, spots } = state;
  const heat = board.plan.heats.find(({ key }) => key === task.key);
  if (!heat) return null;
  const isBegun = task.inMs !== null;
  const isSet = task.key in heatPlan.doors;
  const doorMs = heat.hands.fromMs;
  const move = (minutes: number) => {
    const atMs = doorMs + minutes * MINUTE_MS;
    setDoor(task.key, atMs, `${sayTask(task)} opens at ${sayHour(atMs, nowMs)}.`);
  };
  return (
    <Box data-testid="picked-heat" sx={{ mt: 1.5 }} className="no-print">
      <Row>
        <Name>{asHeadline(sayTask(task))}</Name>
        <Quiet>{sayDoor(task, doorMs, isSet, nowMs)}</Quiet>
        {!isBegun &&
          STEPS_MIN.map((minutes) => (
            <Button
              key={minutes}
              variant="outlined"
              aria-label={`${Math.abs(minutes)} min ${minutes < 0 ? 'sooner' : 'later'}`}
              onClick={() => move(minutes)}
              sx={{ minWidth: 64 }}
            >
              {minutes < 0 ? '−' : '+'}
              {Math.abs(minutes)} min
            </Button>
          ))}
        {isSet && !isBegun && (
          <Button variant="text" onClick={() => setDoor(task.key, null, `${sayTask(task)} is free again.`)}>
            Let it go free
          </Button>
        )}
        <Button variant="text" component={Link} href={`/jobs/${task.jobId}/${task.seatId}/run`}>
          Go there
        </Button>
      </Row>
      <Quiet>{sayHow(task, heat.placeKey, spots, units)}</Quiet>
    </Box>
  );
}

function sayDoor(task: JobHeatTask, doorMs: number, isSet: boolean, nowMs: number): string {
  if (task.outMs !== null) return `out since ${sayHour(task.outMs, nowMs)}`;
  const verb = task.source === null ? 'goes in' : 'opens';
  return `${verb} at ${sayHour(doorMs, nowMs)}${isSet ? ', as it was set' : ''}`;
}

function sayHow(
  task: JobHeatTask,
  placeKey: string | null,
  spots: HeatBoardState['spots'],
  units: Units,
): string {
  const order = task.drops.length > 0 ? `In: ${sayOrder(task)}.` : 'Nothing goes in: it cools.';
  const spot = spots.find(({ key }) => key === placeKey);
  if (task.source !== 'oven' || !spot) return order;
  const dial = asText(showTemperature(dialFor(task.dialC, spot.offsetK), units));
  const wanted = asText(showTemperature(task.wantedC!, units));
  const count = task.heats > 1 ? ` It takes ${task.heats} heats.` : '';
  return `${spot.name} at ${dial} by its dial, until the casting has ${wanted}. ${order}${count}`;
}
