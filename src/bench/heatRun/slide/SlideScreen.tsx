'use client';
import type { JournalId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import CloseOutlined from '@mui/icons-material/CloseOutlined';
import { useMemo } from 'react';
import type { JournalView } from '@/core/job/journalView';
import { viewShaftRun, type ShaftRunView } from '@/core/job/shaftRun';
import { asText, showClock, showFit, showTemperature, type Units } from '@/core/quantity/format';
import { jobPath } from '@/bench/frame/places';
import { useStepKeys } from '@/bench/frame/useStepKeys';
import { useWakeLock } from '@/bench/frame/useWakeLock';
import { useLink, useNow } from '@/bench/record/hooks';
import { useJob } from '@/bench/record/JobProvider';
import { ifOpen, later } from '@/bench/record/later';
import { useLoaded } from '@/bench/record/useLoaded';
import { Column } from '@/ui/parts/layout';
import { Link } from '@/ui/parts/Link';
import { PageTitle } from '@/ui/parts/PageTitle';
import { Quiet } from '@/ui/parts/text';
import { STRETCH, TYPE } from '@/ui/theme/tokens';
import { RACE_HEAT_WORDS, SHAFT_REASONS } from '@/ui/words/shafts';
import { LinkLine, RUN_HEAD, RUN_TITLE, SinceDoor } from '../RunEdges';
import { Big } from '../RunFigures';
import { useSignCalls } from '../useSignCalls';
import { SlideControls } from './SlideControls';
import { SlideSign } from './SlideSign';

const SOUNDS = {
  signs: { go: 'hot', stop: 'forgotten', too_late: 'forgotten', grabbed: 'forgotten' },
  reasons: { hot_enough: 'hot' },
} as const;

const PersonPicker = later(() => import('@/bench/frame/PersonPicker'), 'PersonPicker', ifOpen);
const OtherHeat = later(() => import('@/bench/frame/OtherHeat'), 'OtherHeat');
const RehearsalClock = later(() => import('../Rehearsal'), 'RehearsalClock');

const loadChart = () => import('../ClearanceChart');

const UndoBar = later(() => import('@/bench/frame/UndoBar'), 'UndoBar');

/** Full screen, for two metres: a warmed bearing onto its shaft, or off it. */
export function SlideScreen({ seatId, does }: { seatId: JournalId; does: 'on' | 'off' }) {
  const { record, job } = useJob();
  const view = job.journals.find(({ seat }) => seat.id === seatId);
  return view ? (
    <Slide view={view} does={does} />
  ) : (
    <Box sx={{ p: 4, fontSize: TYPE.name }} role="alert">
      <PageTitle parts={['No such seat']} />
      This job has no such seat on a shaft.{' '}
      <Link href={`/jobs/${record.id}`}>Open the job at its next move</Link>
    </Box>
  );
}

function Slide({ view, does }: { view: JournalView; does: 'on' | 'off' }) {
  const { record, drawnMs, person, isAskingPerson, stopAsking, lastActs, lastChange } = useJob();
  const nowMs = useNow(drawnMs, 500);
  const units = person?.units ?? 'metric';
  const half = Math.floor(nowMs / 500) * 500;
  const run = useMemo(
    () => viewShaftRun({ view, does, roomC: record.roomC, nowMs: half }),
    [view, does, record.roomC, half],
  );
  useSignCalls(run, SOUNDS);
  useWakeLock(view.history.raceHeat !== null);
  useStepKeys(record.id);
  const degrees = (celsius: number) => asText(showTemperature(celsius, units));
  return (
    <Column sx={{ minHeight: '100vh', height: { md: '100vh' }, px: { xs: 2, sm: 4 } }} data-testid="slide">
      <PageTitle
        parts={[does === 'on' ? 'Onto its shaft' : 'Off its shaft', view.shaft.name, record.machine]}
      />
      <Head view={view} does={does} nowMs={nowMs} />
      <Box
        component="main"
        sx={{
          flex: 1,
          display: 'grid',
          gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '40% minmax(0, 1fr)' },
          gridTemplateRows: { xs: 'auto 1fr', md: 'minmax(0, 1fr)' },
          columnGap: 4,
          py: 2,
          minHeight: 0,
        }}
      >
        <Box sx={{ height: { xs: '26vh', md: 'auto' }, minHeight: { md: 0 } }}>
          <SlideSign
            call={run.call}
            does={does}
            raceText={run.raceC ? degrees(run.raceC.value) : '?'}
            shaftText={degrees(run.shaftC)}
            isHot={view.history.raceHeat !== null}
            isCold={view.history.shaftCold !== null}
          />
        </Box>
        <Said run={run} units={units} isOut={(view.history.raceHeat?.outMs ?? null) !== null} />
      </Box>
      <SlideControls view={view} run={run} units={units} />
      {(lastActs.length > 0 || lastChange) && <UndoBar />}
      <PersonPicker people={record.people} isOpen={isAskingPerson} onClose={stopAsking} />
    </Column>
  );
}

/** Which bearing, on which shaft. */
function Head({ view, does, nowMs }: { view: JournalView; does: 'on' | 'off'; nowMs: number }) {
  const { raceHeat } = view.history;
  const { record, person, keptIds } = useJob();
  const link = useLink();
  return (
    <Box component="header" sx={RUN_HEAD}>
      <Box component="h1" sx={RUN_TITLE}>
        {view.part.designation} {does === 'on' ? 'onto' : 'off'} its shaft
      </Box>
      <Quiet sx={{ fontSize: { xs: TYPE.small, md: TYPE.title }, minWidth: 0 }}>
        {record.machine}, {view.shaft.name}
      </Quiet>
      <Box sx={{ ml: 'auto', display: { xs: 'none', md: 'block' } }}>
        <OtherHeat except={[view.seat.id]} units={person?.units ?? 'metric'} initialMs={nowMs} />
      </Box>
      <LinkLine link={link} keptIds={keptIds} />
      <SinceDoor
        words={saySince(view, nowMs)}
        castingId={null}
        seats={[{ id: view.seat.id, name: '' }]}
        seatId={view.seat.id}
      />
      {record.isDemo && (
        <RehearsalClock phase={!raceHeat ? 'cold' : raceHeat.outMs === null ? 'in_heat' : 'out'} />
      )}
      <IconButton
        component={Link}
        href={jobPath(record.id, person?.walk ?? 'full')}
        aria-label="Back to the job"
      >
        <CloseOutlined />
      </IconButton>
    </Box>
  );
}

/** How long it has been in its heat or out of it, or its shaft in the cold. */
function saySince({ history: { raceHeat, shaftCold } }: JournalView, nowMs: number): string {
  const ago = (sinceMs: number) => showClock((nowMs - sinceMs) / 1000);
  if (raceHeat?.outMs) return `out for ${ago(raceHeat.outMs)}`;
  if (raceHeat) return `${RACE_HEAT_WORDS[raceHeat.source]} for ${ago(raceHeat.sinceMs)}`;
  return shaftCold ? `shaft in the freezer for ${ago(shaftCold.sinceMs)}` : '';
}

/** The figures, the one reason, and what the bearing needs and stands. */
function Said({ run, units, isOut }: { run: ShaftRunView; units: Units; isOut: boolean }) {
  const chart = useLoaded(loadChart);
  const degrees = (celsius: number) => asText(showTemperature(celsius, units));
  return (
    <Column sx={{ minWidth: 0, justifyContent: 'center', gap: 2 }}>
      <Figures run={run} units={units} />
      <Box
        role="status"
        data-testid="slide-reason"
        sx={{ fontSize: TYPE.head, fontWeight: 750, fontStretch: STRETCH.headline, lineHeight: 1.1 }}
      >
        {SHAFT_REASONS[run.reason]}
      </Box>
      <Quiet sx={{ fontSize: TYPE.name }}>
        {run.neededC !== null && (
          <>
            its inner race needs <b>{degrees(run.neededC)}</b>; it stands <b>{degrees(run.limitC)}</b>, seals,
            grease and cage
          </>
        )}
        {run.gripsAfterS !== null && run.call === 'go' && run.does === 'on' && (
          <>
            {' '}
            · slid over now, it grips in <b>{Math.max(1, Math.round(run.gripsAfterS))} s</b>
          </>
        )}
      </Quiet>
      {run.curve && run.call !== 'done' && run.call !== 'grabbed' && (
        <Box sx={{ flex: 1, minHeight: 200, maxHeight: 380, position: 'relative', overflow: 'hidden' }}>
          {chart && (
            <chart.ClearanceChart
              run={{ curve: run.curve, marginMm: run.marginMm }}
              units={units === 'metric' ? 'metric_um' : units}
              isOut={isOut}
              lastWords="last sure moment"
            />
          )}
        </Box>
      )}
    </Column>
  );
}

/** Clearance now, and how long: until it is hot enough, or while it surely slides. */
function Figures({ run, units }: { run: ShaftRunView; units: Units }) {
  const micro = units === 'metric' ? 'metric_um' : units;
  const { clearanceMm, readyInS, sureLeftS, call, does } = run;
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 4, rowGap: 1, alignItems: 'flex-end' }}>
      {clearanceMm && does === 'on' && call !== 'done' && call !== 'grabbed' && (
        <Big
          figure={showFit(Math.abs(clearanceMm.value), micro).figure}
          unit={showFit(Math.abs(clearanceMm.value), micro).unit}
          word={clearanceMm.value >= 0 ? 'clear' : 'tight'}
          note={`± ${showFit(2 * clearanceMm.u, micro).figure}, at least ${showFit(run.marginMm, micro).figure}`}
          id="clearance"
        />
      )}
      {readyInS !== null && readyInS > 0 && (
        <Big figure={showClock(readyInS)} unit="to go" word="" note="until it slides" id="seconds" />
      )}
      {call === 'go' && does === 'on' && sureLeftS !== null && (
        <Big figure={String(Math.floor(sureLeftS))} unit="s sure" word="" note="" id="seconds" />
      )}
    </Box>
  );
}
