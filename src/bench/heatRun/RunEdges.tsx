'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import CloseOutlined from '@mui/icons-material/CloseOutlined';
import IconButton from '@mui/material/IconButton';
import { Link } from '@/ui/parts/Link';
import { useState } from 'react';
import type { CastingHeat } from '@/core/job/castingHeat';
import type { HeatRunView } from '@/core/job/heatRun';
import type { SeatView } from '@/core/job/seatView';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import type { ProjectedJob } from '@/core/project/project';
import type { Casting, Seat } from '@/core/record/job';
import { ifOpen, later } from '@/bench/record/later';
import type { LinkState } from '@/bench/record/liveStream';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { Quiet } from '@/ui/parts/text';
import type { LogOf } from './HeatLog';
import type { useProbe } from './useProbe';

const TypedTemperature = later(() => import('./TypedTemperature'), 'TypedTemperature');
const RehearsalClock = later(() => import('./Rehearsal'), 'RehearsalClock');
const HeatLog = later(() => import('./HeatLog'), 'HeatLog', ifOpen);
const OtherHeat = later(() => import('@/bench/frame/OtherHeat'), 'OtherHeat');

const ONE_LINE = { overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap' } as const;

/** Whether what happens here reaches the server. */
export const LinkLine = ({ link, keptIds }: Pick<RunHeadProps, 'link' | 'keptIds'>) => (
  <Box role="status" data-link={link} sx={{ fontSize: TYPE.name, fontWeight: 700 }}>
    {link === 'server_away' || link === 'database_away'
      ? 'server away: the clock runs on here'
      : keptIds.size > 0
        ? `${keptIds.size} kept here`
        : ''}
  </Box>
);

type RunHeadProps = {
  seat: Seat;
  record: ProjectedJob;
  casting: Casting;
  units: Units;
  nowMs: number;
  link: LinkState;
  keptIds: ReadonlySet<string>;
  sinceDoor: string;
  view: SeatView;
  /** In place of the seat's name. */
  title?: string;
};

/** The head of a run; on a phone it takes more than one line. */
export const RUN_HEAD = {
  display: 'flex',
  flexWrap: { xs: 'wrap', sm: 'nowrap' },
  alignItems: 'center',
  gap: { xs: 1, md: 2.5 },
  minHeight: 62,
  borderBottom: `4px solid ${token('ink')}`,
} as const;
/** What it is the run of. */
export const RUN_TITLE = {
  m: 0,
  fontSize: { xs: TYPE.title, md: TYPE.figure },
  fontWeight: 800,
  fontStretch: STRETCH.headline,
  whiteSpace: { md: 'nowrap' },
} as const;

/** Whose run it is, what else is hot, and how long it has been out. */
export function RunHead({
  seat,
  record,
  casting,
  units,
  nowMs,
  link,
  keptIds,
  sinceDoor,
  view,
  title,
}: RunHeadProps) {
  return (
    <Box component="header" sx={RUN_HEAD}>
      <Box component="h1" sx={RUN_TITLE}>
        {title ?? seat.name}
      </Box>
      <Quiet sx={{ fontSize: { xs: TYPE.small, md: TYPE.title }, minWidth: 0, ...ONE_LINE }}>
        {record.machine}, {casting.name}
      </Quiet>
      <Box sx={{ ml: 'auto', display: { xs: 'none', md: 'block' } }}>
        <OtherHeat except={[casting.id, seat.id]} units={units} initialMs={nowMs} />
      </Box>
      <LinkLine link={link} keptIds={keptIds} />
      <DoorAndScreen view={view} record={record} sinceDoor={sinceDoor} />
      {record.isDemo && <RehearsalClock phase={view.heat.phase} />}
      <IconButton component={Link} href={`/jobs/${record.id}/${seat.id}/way-in`} aria-label="Back to the job">
        <CloseOutlined />
      </IconButton>
    </Box>
  );
}

/** How long it has been in its heat or out of it, with what happened behind it. */
export function SinceDoor({ words, ...of }: { words: string } & LogOf) {
  const [isLogOpen, setLogOpen] = useState(false);
  return (
    <>
      {words && (
        <Button
          variant="text"
          aria-label={`${words}. What happened, and when`}
          onClick={() => setLogOpen(true)}
          data-testid="since-door"
          sx={{
            fontSize: { xs: TYPE.text, md: TYPE.title },
            whiteSpace: 'nowrap',
            fontWeight: 500,
            textDecoration: 'underline',
            textUnderlineOffset: 6,
            textDecorationThickness: 1,
          }}
          suppressHydrationWarning
        >
          {words}
        </Button>
      )}
      <HeatLog {...of} isOpen={isLogOpen} onClose={() => setLogOpen(false)} />
    </>
  );
}

/** That, and the way to a second screen. */
function DoorAndScreen({ view, record, sinceDoor }: Pick<RunHeadProps, 'view' | 'record' | 'sinceDoor'>) {
  const { seat } = view;
  return (
    <>
      <SinceDoor words={sinceDoor} castingId={view.casting.id} seats={view.casting.seats} seatId={seat.id} />
      <Button
        variant="text"
        component={Link}
        href={`/jobs/${record.id}/${seat.id}/watch`}
        target="_blank"
        aria-label="2nd screen: the run across the shop"
        sx={{ display: { xs: 'none', lg: 'inline-flex' }, fontSize: TYPE.lead, whiteSpace: 'nowrap' }}
      >
        2nd screen
      </Button>
    </>
  );
}

type RunFootProps = {
  run: HeatRunView;
  record: ProjectedJob;
  units: Units;
  heat: CastingHeat;
  view: SeatView;
  probe: ReturnType<typeof useProbe>;
};

/** The bearing, how long there is, and the probe. */
export function RunFoot({ run, record, units, heat, view, probe }: RunFootProps) {
  return (
    <Quiet
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        columnGap: 3,
        fontSize: { xs: TYPE.text, md: TYPE.name },
        minHeight: 48,
        alignItems: 'center',
      }}
    >
      <span>
        bearing{' '}
        <b style={{ color: token('cold') }}>
          {asText(showTemperature(run.now?.ringC ?? record.roomC, units))}
        </b>
      </span>
      <span>
        {run.gripsAfterS !== null && heat.phase === 'out' && view.history.letGoMs === null ? (
          <>
            let go now, it grips in <b>{Math.max(1, Math.round(run.gripsAfterS))} s</b>
          </>
        ) : run.freeC !== null ? (
          <>
            stays free above <b>{asText(showTemperature(run.freeC, units))}</b> together
          </>
        ) : (
          ''
        )}
      </span>
      <ProbeLine view={view} probe={probe} units={units} isDemo={record.isDemo} />
    </Quiet>
  );
}

type ProbeLineProps = Pick<RunFootProps, 'view' | 'probe' | 'units'> & { isDemo: boolean };

/** What the probe shows, or how hot it is by what speaks to no screen. */
export const ProbeLine = ({ view, probe, units, isDemo }: ProbeLineProps) => (
  <Box sx={{ ml: 'auto' }}>
    {probe.isOn ? (
      <span>
        probe{' '}
        <b data-testid="probe-live">
          {probe.liveC === null ? '–' : asText(showTemperature(probe.liveC, units))}
        </b>
      </span>
    ) : (
      <>
        {probe.probe && (
          <Button variant="text" onClick={probe.take} sx={{ minHeight: 48 }}>
            {probe.isTaken
              ? 'Probe is on another screen: take it'
              : `Put the ${probe.probe.isSimulated && !isDemo ? 'simulated ' : ''}probe on`}
          </Button>
        )}
      </>
    )}
    <TypedTemperature view={view} units={units} hasProbe={probe.isOn} />
  </Box>
);
