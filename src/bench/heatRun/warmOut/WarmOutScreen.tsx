'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import { useMemo } from 'react';
import type { WarmOutView } from '@/core/job/warmOutView';
import type { SeatView } from '@/core/job/seatView';
import { asText, showClock, showForce, showTemperature, type Units } from '@/core/quantity/format';
import { useStepKeys } from '@/bench/frame/useStepKeys';
import { useWakeLock } from '@/bench/frame/useWakeLock';
import { useLink, useNow } from '@/bench/record/hooks';
import { useJob, useSeatView } from '@/bench/record/JobProvider';
import { ifOpen, later } from '@/bench/record/later';
import { useLoaded } from '@/bench/record/useLoaded';
import { Column } from '@/ui/parts/layout';
import { Link } from '@/ui/parts/Link';
import { PageTitle } from '@/ui/parts/PageTitle';
import { Quiet } from '@/ui/parts/text';
import { STRETCH, TYPE } from '@/ui/theme/tokens';
import { sayWarm } from '@/ui/words/warmOut';
import { ProbeLine, RunHead } from '../RunEdges';
import { Big } from '../RunFigures';
import { sayDoor } from '../runWords';
import { probedInput } from '../probedInput';
import { useProbe } from '../useProbe';
import { OutSign } from './OutSign';
import { useWarmCalls } from './useWarmCalls';
import { WarmControls } from './WarmControls';

const PersonPicker = later(() => import('@/bench/frame/PersonPicker'), 'PersonPicker', ifOpen);
const HeatLadder = later(() => import('./HeatLadder'), 'HeatLadder');
const UndoBar = later(() => import('@/bench/frame/UndoBar'), 'UndoBar');

/** Full screen, for two metres: old parts out by heat. */
export function WarmOutScreen({ seatId }: { seatId: SeatId }) {
  const { record } = useJob();
  const view = useSeatView(seatId);
  return view ? (
    <WarmOut view={view} />
  ) : (
    <Box sx={{ p: 4, fontSize: TYPE.name }} role="alert">
      <PageTitle parts={['No such seat']} />
      This job has no such seat. <Link href={`/jobs/${record.id}`}>Open the job at its next move</Link>
    </Box>
  );
}

const loadCore = () => import('@/core/job/warmOut');

/** The removal at this half second, by what the probe shows where it is fresh. */
function useWarmOut(view: SeatView, probe: ReturnType<typeof useProbe>, nowMs: number): WarmOutView | null {
  const core = useLoaded(loadCore);
  const { record, job } = useJob();
  const half = Math.floor(nowMs / 500);
  const { roomC } = record;
  const { liveC, liveAtMs, freshMs } = probe;
  return useMemo(
    () =>
      core &&
      core.viewWarmOut(probedInput(view, { liveC, liveAtMs, freshMs }, { tickedMs: half * 500, roomC }), job),
    [core, half, view, job, roomC, liveC, liveAtMs, freshMs],
  );
}

function WarmOut({ view }: { view: SeatView }) {
  const { record, drawnMs, person, keptIds, isAskingPerson, stopAsking, lastActs, lastChange } = useJob();
  const nowMs = useNow(drawnMs, 500);
  const units = person?.units ?? 'metric';
  const link = useLink();
  const probe = useProbe(view);
  const run = useWarmOut(view, probe, nowMs);
  const { heat, casting, seat } = view;
  useWakeLock(heat.phase !== 'cold');
  useStepKeys(record.id);
  return (
    <Column sx={{ minHeight: '100vh', height: { md: '100vh' }, px: { xs: 2, sm: 4 } }} data-testid="warm-out">
      <PageTitle parts={['Out by heat', casting.name, record.machine]} />
      <RunHead
        title={`Out of the ${casting.name}`}
        seat={seat}
        record={record}
        casting={casting}
        units={units}
        nowMs={nowMs}
        link={link}
        keptIds={keptIds}
        sinceDoor={sayDoor(view, nowMs)}
        view={view}
      />
      {run && <Body view={view} run={run} probe={probe} units={units} />}
      {(lastActs.length > 0 || lastChange) && <UndoBar />}
      <PersonPicker people={record.people} isOpen={isAskingPerson} onClose={stopAsking} />
    </Column>
  );
}

type BodyProps = { view: SeatView; run: WarmOutView; probe: ReturnType<typeof useProbe>; units: Units };

/** The sign, the figures, the ladder, and the buttons. */
function Body({ view, run, probe, units }: BodyProps) {
  const { record } = useJob();
  useWarmCalls(run);
  const nowC = run.celsius && asText(showTemperature(run.celsius.value, units));
  return (
    <>
      <Box
        component="main"
        sx={{
          flex: 1,
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '40% minmax(0, 1fr)' },
          gridTemplateRows: { xs: 'auto 1fr', md: 'minmax(0, 1fr)' },
          columnGap: 4,
          rowGap: 1,
          py: 2,
          minHeight: 0,
        }}
      >
        <Box sx={{ height: { xs: '26vh', md: 'auto' }, minHeight: { md: 0 } }}>
          <OutSign call={run.call} castingText={nowC ?? '?'} isHot={view.heat.phase !== 'cold'} />
        </Box>
        <Column sx={{ minHeight: 0, minWidth: 0 }}>
          <Figures run={run} units={units} />
          <Box
            role="status"
            data-testid="warm-reason"
            sx={{
              fontSize: TYPE.head,
              fontWeight: 750,
              fontStretch: STRETCH.headline,
              lineHeight: 1.1,
              my: 0.5,
            }}
          >
            {sayWarm(run, units)}
          </Box>
          <Box sx={{ flex: 1, minHeight: 180 }}>
            <HeatLadder run={run} roomC={record.roomC} units={units} />
          </Box>
          <Quiet sx={{ display: 'flex', minHeight: 48, alignItems: 'center', fontSize: TYPE.name }}>
            <ProbeLine view={view} probe={probe} units={units} isDemo={record.isDemo} />
          </Quiet>
        </Column>
      </Box>
      <WarmControls view={view} run={run} units={units} />
    </>
  );
}

/** The force that is left in the next part, and how long: until it is hot enough, or until it is held again. */
function Figures({ run, units }: { run: WarmOutView; units: Units }) {
  const { next, readyInS, holdsAgainInS, targetC, call } = run;
  const force = next?.forceN && showForce(next.forceN.high, units);
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 4, rowGap: 1, alignItems: 'flex-end' }}>
      {next && force && (
        <Big
          figure={force.figure}
          unit={force.unit}
          word={next.forceN!.high > 0 ? 'still holds it' : 'holds it'}
          note={
            next.forceN!.high > 0 ? `at most now; at least ${asText(showForce(next.forceN!.low, units))}` : ''
          }
          id="force"
          isSmall
        />
      )}
      {holdsAgainInS !== null && holdsAgainInS > 0 && call !== 'all_out' && (
        <Big
          figure={String(Math.floor(holdsAgainInS))}
          unit="s free"
          word=""
          note="until it is held again"
          id="seconds"
          isSmall
        />
      )}
      {readyInS !== null && readyInS > 0 && (
        <Big
          figure={showClock(readyInS)}
          unit="to go"
          word=""
          note="until it is hot enough"
          id="seconds"
          isSmall
        />
      )}
      {readyInS === null && holdsAgainInS === null && targetC !== null && (
        <Big {...showTemperature(targetC, units)} word="" note="wanted in the casting" id="seconds" isSmall />
      )}
    </Box>
  );
}
