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
import { Column } from '@/ui/parts/layout';
import { Link } from '@/ui/parts/Link';
import { PageTitle } from '@/ui/parts/PageTitle';
import { Quiet } from '@/ui/parts/text';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { SHAFT_REASONS } from '@/ui/words/shafts';
import { LinkLine } from '../RunEdges';
import { Big } from '../RunFigures';
import { useSignCalls } from '../useSignCalls';
import { SlideControls } from './SlideControls';
import { SlideSign } from './SlideSign';

const SOUNDS = {
  signs: { go: 'hot', stop: 'forgotten', too_late: 'forgotten', grabbed: 'forgotten' },
  reasons: { hot_enough: 'hot' },
} as const;

const PersonPicker = later(() => import('@/bench/frame/PersonPicker'), 'PersonPicker', ifOpen);
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
      <Head view={view} does={does} />
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
        <Said run={run} units={units} />
      </Box>
      <SlideControls view={view} run={run} units={units} />
      {(lastActs.length > 0 || lastChange) && <UndoBar />}
      <PersonPicker people={record.people} isOpen={isAskingPerson} onClose={stopAsking} />
    </Column>
  );
}

/** Which bearing, on which shaft. */
function Head({ view, does }: { view: JournalView; does: 'on' | 'off' }) {
  const { record, person, keptIds } = useJob();
  const link = useLink();
  return (
    <Box
      component="header"
      sx={{
        display: 'flex',
        alignItems: 'center',
        gap: 2.5,
        minHeight: 62,
        borderBottom: `4px solid ${token('ink')}`,
      }}
    >
      <Box
        component="h1"
        sx={{
          m: 0,
          fontSize: { xs: TYPE.title, md: TYPE.figure },
          fontWeight: 800,
          fontStretch: STRETCH.headline,
        }}
      >
        {view.part.designation} {does === 'on' ? 'onto' : 'off'} its shaft
      </Box>
      <Quiet sx={{ fontSize: { xs: TYPE.small, md: TYPE.title }, minWidth: 0 }}>
        {record.machine}, {view.shaft.name}
      </Quiet>
      <Box sx={{ ml: 'auto' }}>
        <LinkLine link={link} keptIds={keptIds} />
      </Box>
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

/** The figures, the one reason, and what the bearing needs and stands. */
function Said({ run, units }: { run: ShaftRunView; units: Units }) {
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
    </Column>
  );
}

/** Clearance now, and how long: until it is hot enough, or while it surely slides. */
function Figures({ run, units }: { run: ShaftRunView; units: Units }) {
  const micro = units === 'metric' ? 'metric_um' : units;
  const { clearanceMm, readyInS, sureLeftS, call, does } = run;
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 4, rowGap: 1, alignItems: 'flex-end' }}>
      {clearanceMm && does === 'on' && call !== 'done' && (
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
