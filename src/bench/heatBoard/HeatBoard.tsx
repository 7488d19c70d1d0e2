'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMemo, useRef, useState } from 'react';
import type { BoardAct } from '@/core/board/boardActs';
import type { ShopSpot } from '@/core/board/heatSpots';
import { RUBBER_C, type JobHeatTask } from '@/core/board/heatTasks';
import type { HeatPlan } from '@/core/record/heatPlan';
import type { Person } from '@/core/record/person';
import type { Units } from '@/core/quantity/format';
import { asText, showTemperature } from '@/core/quantity/format';
import { NextMoveBand } from '@/bench/frame/NextMoveBand';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { Alert } from '@/ui/parts/Alert';
import { Link } from '@/ui/parts/Link';
import { Lead, Note } from '@/ui/parts/text';
import { TYPE } from '@/ui/theme/tokens';
import {
  sayAct,
  sayActReason,
  sayCold,
  sayConflict,
  sayEnd,
  sayHour,
  sayOrder,
  saySlack,
  sayTask,
  sayTrouble,
} from '@/ui/words/heatBoard';
import type { Board } from './boardWork';
import { HeatHatches } from '@/ui/drawing/HeatHatches';
import { buildTimeLine, type TimeLineWords } from './buildTimeLine';
import { stretchesOf } from './stretches';
import { DoorSheet } from './DoorSheet';
import { PickedHeat } from './PickedHeat';
import { TimeLineView } from './TimeLineView';
import { useHeatBoard, type BoardFacts } from './useHeatBoard';
import { usePlotWidth } from './usePlotWidth';
import { WantedRow } from './WantedRow';

type Props = BoardFacts & { people: readonly Person[]; units: Units };

const wordsOf = (units: Units, people: readonly Person[]): TimeLineWords => ({
  heat: (task) => `${sayTask(task)} ${asText(showTemperature(task.wantedC!, units))}`,
  cold: sayCold,
  cooling: (task) => `${sayTask(task)}, to ${asText(showTemperature(RUBBER_C, units))}`,
  drops: sayOrder,
  hands: ({ personId }) => people.find(({ id }) => id === personId)?.initials ?? '',
});

/** All that is hot, cold or waits for it, over every job on the bench. */
export function HeatBoard({ people, units, ...facts }: Props) {
  const state = useHeatBoard(facts);
  const { board, spots, nowMs, heatPlan } = state;
  const { tasks } = facts;
  const [picked, setPicked] = useState<string | null>(null);
  const shown = tasks.find(({ key }) => key === (picked ?? board.next?.task.key)) ?? null;
  return (
    <>
      <NextAct board={board} spots={spots} nowMs={nowMs} units={units} />
      <Trouble board={board} tasks={tasks} spots={spots} units={units} />
      {tasks.length > 0 && (
        <>
          <Lines
            state={state}
            board={board}
            tasks={tasks}
            words={wordsOf(units, people)}
            units={units}
            picked={shown?.key ?? null}
            onPick={setPicked}
          />
          <DoorSheet acts={board.acts} spots={spots} nowMs={nowMs} units={units} />
          <Forecast board={board} tasks={tasks} heatPlan={heatPlan} nowMs={nowMs} />
          {shown && <PickedHeat task={shown} state={state} board={board} units={units} />}
        </>
      )}
      <WantedRow state={state} />
      <Takeaways units={units} isEmpty={tasks.length === 0} />
    </>
  );
}

type NextProps = { board: Board; spots: readonly ShopSpot[]; nowMs: number; units: Units };

const pathOf = ({ task }: BoardAct) => `/jobs/${task.jobId}/${task.seatId}/run`;

/** The one thing to do now or next, and the way to where it is done. */
function NextAct({ board: { next }, spots, nowMs, units }: NextProps) {
  if (!next)
    return (
      <NextMoveBand
        headline="Nothing waits for heat."
        reason="A seat comes here as soon as a warm or cold way in is chosen for it."
      />
    );
  return (
    <NextMoveBand headline={sayAct(next, spots, nowMs, units)} reason={sayActReason(next)}>
      <Button
        variant="contained"
        component={Link}
        href={pathOf(next)}
        sx={{ minWidth: 168 }}
        className="no-print"
      >
        {next.is === 'open' ? 'Lay it out' : 'Go there'}
      </Button>
    </NextMoveBand>
  );
}

type TroubleProps = { board: Board; tasks: readonly JobHeatTask[]; spots: readonly ShopSpot[]; units: Units };

/** What breaks, by name, before it happens. */
function Trouble({ board, tasks, spots, units }: TroubleProps) {
  const said = board.plan.heats.flatMap(({ key, conflicts }) => {
    const task = tasks.find((each) => each.key === key)!;
    const against = [
      ...conflicts.map((each) => sayConflict(each, task, spots, units)),
      ...task.troubles.map((each) => sayTrouble(each, units)),
    ];
    return against.length > 0 ? [{ task, against }] : [];
  });
  if (said.length === 0) return null;
  return (
    <Alert testId="board-trouble">
      <Box sx={{ py: 0.75, fontSize: TYPE.lead, lineHeight: 1.25 }}>
        {said.map(({ task, against }) => (
          <Box key={task.key}>
            <b>{sayTask(task)}:</b> {against.join('; ')}.
          </Box>
        ))}
      </Box>
    </Alert>
  );
}

type LinesProps = {
  state: ReturnType<typeof useHeatBoard>;
  board: Board;
  tasks: readonly JobHeatTask[];
  words: TimeLineWords;
  units: Units;
  picked: string | null;
  onPick: (taskKey: string) => void;
};

/** The time line; on a phone the list of acts stands in its place. */
function Lines({ state, board, tasks, words, units, picked, onPick }: LinesProps) {
  const { spots, nowMs, hold, setDoor } = state;
  const { ref, widthPx } = usePlotWidth();
  // Where the door was when its bar was taken hold of: the plan moves under the finger.
  const from = useRef<number | null>(null);
  const stretches = useMemo(() => stretchesOf(tasks, board.plan), [tasks, board.plan]);
  const [lookedAt, setLookedAt] = useState(0);
  const stretch = stretches[lookedAt] ?? stretches[0]!;
  const line = useMemo(
    () => buildTimeLine({ tasks, plan: board.plan, stretch, spots, nowMs, widthPx, words }),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the words follow the units
    [tasks, board.plan, stretch, spots, nowMs, widthPx, units],
  );
  const doorOf = (key: string) => board.plan.heats.find((heat) => heat.key === key)!.hands.fromMs;
  return (
    <Box sx={{ display: { xs: 'none', sm: 'block' } }} className="no-print">
      <HeatHatches />
      {stretches.length > 1 && (
        <ChoiceRow
          label="Looked at"
          options={stretches.map(({ fromMs }, i) => ({
            value: String(i),
            words: fromMs <= nowMs ? 'now' : `from ${sayHour(fromMs, nowMs)}`,
          }))}
          value={String(stretches[lookedAt] ? lookedAt : 0)}
          onPick={(value) => setLookedAt(Number(value))}
        />
      )}
      <TimeLineView
        line={line}
        nowMs={nowMs}
        units={units}
        picked={picked}
        onPick={onPick}
        plotRef={ref}
        widthPx={widthPx}
        onHold={(move) => {
          if (!move) {
            from.current = null;
            hold(null);
            return;
          }
          from.current ??= doorOf(move.key);
          hold({ key: move.key, doorMs: from.current + move.byMs });
        }}
        onMove={({ key, byMs }) => {
          const doorMs = (from.current ?? doorOf(key)) + byMs;
          from.current = null;
          hold(null);
          const task = tasks.find((each) => each.key === key)!;
          setDoor(key, doorMs, `${sayTask(task)} opens at ${sayHour(doorMs, nowMs)}.`);
        }}
      />
    </Box>
  );
}

type ForecastProps = { board: Board; tasks: readonly JobHeatTask[]; heatPlan: HeatPlan; nowMs: number };

/** How late the next door may be, and when the day is done. */
function Forecast({ board: { plan, door }, tasks, heatPlan, nowMs }: ForecastProps) {
  const rubberMs = Math.max(...plan.heats.map(({ rubberMs: ms }) => ms));
  const doorTask = tasks.find(({ key }) => key === door?.key);
  const { wanted } = heatPlan;
  const startMs = wanted.is === 'start' ? Date.parse(wanted.at) : null;
  const firstMs = Math.min(...plan.heats.map(({ hands }) => hands.fromMs));
  return (
    <Box sx={{ mt: 3.25 }} data-testid="forecast">
      {doorTask && (
        <Lead>
          {sayTask(doorTask)}: {saySlack(door!.slack, tasks, nowMs)}
        </Lead>
      )}
      <Lead sx={{ fontWeight: 700 }}>
        {sayEnd(plan.endMs, rubberMs, nowMs)}
        {startMs !== null && firstMs > startMs + 60_000 && startMs > nowMs
          ? ` Not before ${sayHour(firstMs, nowMs)}: freezer and oven take so long.`
          : ''}
      </Lead>
      <Note>
        {plan.isProvenBest
          ? 'No order of these heats is done sooner: every one was tried.'
          : 'So many heats that not every order was tried: the longest are placed first.'}
      </Note>
    </Box>
  );
}

/** The plan to take along. */
const Takeaways = ({ units, isEmpty }: { units: Units; isEmpty: boolean }) => (
  <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.25, mt: 2 }} className="no-print">
    {!isEmpty && (
      <>
        <Button variant="outlined" onClick={() => window.print()}>
          Print it for the oven’s door
        </Button>
        <Button
          variant="outlined"
          component="a"
          href={`/api/v1/heat/plan.ics?units=${units === 'imperial' ? 'imperial' : 'metric'}`}
        >
          As a calendar
        </Button>
        <Button variant="text" component={Link} href="/heat/drops">
          What came of the drops
        </Button>
      </>
    )}
    <Button variant="text" component={Link} href="/tools">
      Ovens and freezers on the tool wall
    </Button>
  </Box>
);
