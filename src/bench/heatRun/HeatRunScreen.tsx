'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import { Link } from '@/ui/parts/Link';
import { useMemo, useState } from 'react';
import type { HeatRunView } from '@/core/job/heatRun';
import { isColdPush, isPushed } from '@/core/job/pushNow';
import { asProposed } from '@/core/job/seatJudgement';
import { notesAt } from '@/core/job/specialNotes';
import type { SeatView } from '@/core/job/seatView';
import type { Units } from '@/core/quantity/format';
import { useStepKeys } from '@/bench/frame/useStepKeys';
import { useWakeLock } from '@/bench/frame/useWakeLock';
import { useLink, useNow } from '@/bench/record/hooks';
import { useJob, useSeatView } from '@/bench/record/JobProvider';
import { ifOpen, later } from '@/bench/record/later';
import { useLoaded } from '@/bench/record/useLoaded';
import { STRETCH, TYPE } from '@/ui/theme/tokens';
import { sayReason } from '@/ui/words/runReasons';
import { CallSign } from './CallSign';
import { RunControls } from './RunControls';
import { useCalls } from './useCalls';
import { useProbe } from './useProbe';
import { useWalkHere } from './useWalkHere';
import { Quiet } from '@/ui/parts/text';
import { Column } from '@/ui/parts/layout';
import { PageTitle } from '@/ui/parts/PageTitle';
import { useRunNow, useShownPart } from './useHeatRun';
import { RunFoot, RunHead } from './RunEdges';
import { Figures } from './RunFigures';
import { sayCasting, sayDoor, signWords } from './runWords';

const PersonPicker = later(() => import('@/bench/frame/PersonPicker'), 'PersonPicker', ifOpen);

const UndoBar = later(() => import('@/bench/frame/UndoBar'), 'UndoBar');
const RunStatus = later(() => import('./RunStatus'), 'RunStatus');
const PushFigures = later(() => import('./PushFigures'), 'PushFigures');

const HeatOrder = later(() => import('./HeatOrder'), 'HeatOrder');

const loadChart = () => import('./ClearanceChart');

/** Full screen, for two metres: the sign, the clearance, the seconds, one black button. */
export function HeatRunScreen({ seatId }: { seatId: SeatId }) {
  const stored = useSeatView(seatId);
  const { record, job } = useJob();
  const [picked, setPicked] = useState<SeatId | null>(null);
  const view = useMemo(() => stored && asProposed(stored, job), [stored, job]);
  const shown = useShownPart(view, picked);
  return shown ? (
    <Run {...shown} onPick={setPicked} />
  ) : (
    <Box sx={{ p: 4, fontSize: TYPE.name }} role="alert">
      <PageTitle parts={['No such seat']} />
      This job has no such seat. <Link href={`/jobs/${record.id}`}>Open the job at its next move</Link>
    </Box>
  );
}

/** What the kind of job says of this moment: the nip of a spacer, the washer as gauge. */
const KindAdvice = ({ view }: { view: SeatView }) => {
  const said = notesAt(useJob().job, view).filter(({ step }) => step === 'heat_run');
  return (
    <Box data-testid="kind-notes" sx={{ fontSize: TYPE.lead, lineHeight: 1.2 }}>
      {said.map(({ text }) => (
        <Box key={text}>{text}</Box>
      ))}
    </Box>
  );
};

/** The one reason, in words that match the sign. */
const Reason = ({ run }: { run: HeatRunView }) => (
  <Box
    sx={{ fontSize: TYPE.head, fontWeight: 750, fontStretch: STRETCH.headline, lineHeight: 1.1, my: 0.5 }}
    data-testid="run-reason"
  >
    {sayReason(run)}
  </Box>
);

const RunFigures = ({ run, units, view }: { run: HeatRunView; units: Units; view: SeatView }) =>
  run.call === 'push' ? (
    <PushFigures view={view} push={run.push} units={units} />
  ) : isColdPush(view) ? null : (
    <Figures run={run} units={units} view={view} />
  );

const NextLine = ({ next }: { next: string | null }) => (
  <Quiet sx={{ fontSize: TYPE.name, lineHeight: 1.15, minHeight: 26 }} data-testid="run-next">
    {next && `Next: ${next}`}
  </Quiet>
);

type RunProps = NonNullable<ReturnType<typeof useShownPart>> & { onPick: (seatId: SeatId) => void };

function Run({ view, parts, order, onPick }: RunProps) {
  const { record, drawnMs, person, keptIds, isAskingPerson, stopAsking, lastActs, lastChange } = useJob();
  const nowMs = useNow(drawnMs, 500);
  const units = person?.units ?? 'metric';
  const link = useLink();
  const probe = useProbe(view);
  const chart = useLoaded(loadChart);
  const { seat, casting, heat } = view;
  const { next, ...walk } = useWalkHere(view);
  const { run, missing } = useRunNow(view, parts, probe, nowMs);
  useCalls(run, nowMs);
  useWakeLock(heat.phase !== 'cold');
  useStepKeys(record.id);

  const isCold = isColdPush(view) && heat.phase === 'cold';
  return (
    <Column sx={{ minHeight: '100vh', height: { md: '100vh' }, px: { xs: 2, sm: 4 } }} data-testid="heat-run">
      <PageTitle parts={['Heat run', view.seat.name, record.machine]} />
      <RunHead
        seat={seat}
        record={record}
        casting={casting}
        units={units}
        nowMs={nowMs}
        link={link}
        keptIds={keptIds}
        {...{ view, sinceDoor: isCold ? '' : sayDoor(view, nowMs) }}
      />
      <Box
        component="main"
        sx={{
          flex: 1,
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '44% minmax(0, 1fr)' },
          gridTemplateRows: { xs: 'auto 1fr', md: '1fr' },
          columnGap: 4,
          rowGap: 1,
          py: 2,
          minHeight: 0,
        }}
      >
        <Box sx={{ height: { xs: '26vh', md: 'auto' }, minHeight: { md: 0 } }}>
          <CallSign
            call={run.call}
            castingText={isCold ? '' : sayCasting(view, run, record.roomC, units)}
            isHot={heat.phase !== 'cold'}
            {...signWords(view, run)}
          />
        </Box>
        <Column sx={{ minHeight: 0, minWidth: 0 }}>
          <RunFigures run={run} units={units} view={view} />
          <RunStatus view={view} run={run} />
          <Reason run={run} />
          {order && parts.length > 1 ? (
            <HeatOrder order={order} shownId={seat.id} isOut={heat.phase === 'out'} onPick={onPick} />
          ) : (
            <NextLine next={isCold || run.call === 'too_late' ? null : next} />
          )}
          {/* The canvas takes a moment to follow a turned tablet: meanwhile it widens nothing. */}
          <Box sx={{ flex: 1, minHeight: 200, position: 'relative', overflow: 'hidden' }}>
            {chart && !isPushed(view) && run.curve.moments.length > 0 && (
              <chart.ClearanceChart
                run={run}
                units={units === 'metric' ? 'metric_um' : units}
                isOut={heat.phase === 'out'}
              />
            )}
          </Box>
          <KindAdvice view={view} />
          {!isCold && (
            <RunFoot run={run} record={record} units={units} heat={heat} view={view} probe={probe} />
          )}
        </Column>
      </Box>
      <RunControls {...{ view, parts, run, units, missing, probe }} {...walk} />
      {(lastActs.length > 0 || lastChange) && <UndoBar />}
      <PersonPicker people={record.people} isOpen={isAskingPerson} onClose={stopAsking} />
    </Column>
  );
}
