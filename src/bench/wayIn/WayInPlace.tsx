'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import { findBlocks, isShut } from '@/core/job/blocks';
import { wayInProblem } from '@/core/job/planSeat';
import type { SeatView } from '@/core/job/seatView';
import { usualHeatOf } from '@/core/job/workpiece';
import { asText, showSize, type Units } from '@/core/quantity/format';
import type { SeatId } from '@/core/record/ids';
import type { WayIn } from '@/core/heat/wayIn';
import { isSameWay, WAYS_OF_LANE } from '@/core/heat/lanes';
import { isHeated } from '@/core/heat/waySorts';
import { toolsForWay } from '@/core/tools/wayTools';
import { useJob, useSeatView } from '@/bench/record/JobProvider';
import { later } from '@/bench/record/later';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { Column } from '@/ui/parts/layout';
import { Quiet } from '@/ui/parts/text';
import { TYPE } from '@/ui/theme/tokens';
import { sayFit } from '@/ui/words/fits';
import type { Ghost } from './DropCurve';
import { LaneBoard } from './LaneBoard';
import { HeatHatches } from '@/ui/drawing/HeatHatches';
import { useWayIn } from './useWayIn';

const BlockList = later(() => import('./BlockList'), 'BlockList');
const SealsLeftIn = later(() => import('./SealsLeftIn'), 'SealsLeftIn');
const TrialPanel = later(() => import('./TrialPanel'), 'TrialPanel');
const WayNotes = later(() => import('./WayNotes'), 'WayNotes');
const CurveView = later(() => import('./CurveView'), 'CurveView');
const HeatLimits = later(() => import('./HeatLimits'), 'HeatLimits');
const LanePick = later(() => import('./LanePick'), 'LanePick');
const ToolsHere = later(() => import('./ToolsHere'), 'ToolsHere');
const Schools = later(() => import('./Schools'), 'Schools');
const WayWas = later(() => import('./WayWas'), 'WayWas');
const SealWayIn = later(() => import('./SealWayIn'), 'SealWayIn');

const LOOKS = [
  { value: 'ways', words: 'Ways' },
  { value: 'curve', words: 'Curve' },
  { value: 'limits', words: 'Limits' },
  { value: 'seat', words: 'Seat' },
] as const;
type Look = (typeof LOOKS)[number]['value'];

type Props = {
  seatId: SeatId;
  /** What the kind of job says here, photographs and notes. */
  notes: ReactNode;
  /** Where the seat is, and its section. */
  sits: ReactNode;
  /** A seat with one way, or whose part is in: its words beside map and section. */
  beside: (slate: ReactNode) => ReactNode;
};

/** The ways into a seat; for a seal its one way, for a part that is in how it went. */
export function WayInPlace({ seatId, beside, ...rest }: Props) {
  const view = useSeatView(seatId);
  const [isAgain, setAgain] = useState(false);
  if (!view) return null;
  if (view.seat.spec.part.type === 'seal') return beside(<SealWayIn view={view} />);
  if (!view.fit) return beside(<Box>This size stands in no table: measure bore and bearing first.</Box>);
  if (view.history.homeMs !== null && !isAgain)
    return beside(<WayWas view={view} onAgain={() => setAgain(true)} />);
  return <WaysIn view={view} {...rest} />;
}

const GRID = {
  flex: 1,
  display: 'grid',
  columnGap: 3.5,
  rowGap: 2,
  pt: 1,
  minHeight: 0,
  gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: '268px minmax(0, 1fr)' },
  gridTemplateRows: { lg: 'minmax(0, 1fr)' },
} as const;

function WaysIn({ view, notes, sits }: { view: SeatView } & Pick<Props, 'notes' | 'sits'>) {
  const { job, person } = useJob();
  const units = person?.units ?? 'metric';
  const [look, setLook] = useState<Look>('ways');
  const [ghosts, setGhosts] = useState<readonly Ghost[]>([]);
  const ways = useWayIn(view);
  const { trial, usual, looked, input } = ways;
  return (
    <Box data-testid="way-in-slate" sx={GRID}>
      <HeatHatches />
      <Box sx={{ order: { xs: 2, lg: 0 }, minHeight: 0, overflowY: { lg: 'auto' }, pr: 0.5 }}>
        <SeatSays view={view} units={units} />
        <ChoiceRow label="Look at" isLabelHidden options={LOOKS} value={look} onPick={setLook} />
        <TrialPanel
          trial={trial}
          usual={usual}
          plannedC={looked?.way.housingC ?? job.roomC}
          diameterMm={view.seat.spec.part.outsideMm}
          units={units}
          onTry={ways.onTry}
        />
        {notes}
      </Box>
      <Column sx={{ minWidth: 0, minHeight: 0, overflowY: { lg: 'auto' }, pr: 0.5 }}>
        <InTheWay view={view} units={units} />
        {look === 'seat' && sits}
        {(look === 'curve' || look === 'limits') && looked && ways.lanes && (
          <LanePick
            lanes={ways.lanes.filter(({ lane }) => look === 'curve' || isHeated(WAYS_OF_LANE[lane][0]!))}
            looked={looked.lane}
            shownOf={ways.shownOf}
            onLook={ways.look}
          />
        )}
        {look === 'curve' && looked && (
          <CurveView input={input} way={looked.way} units={units} ghosts={ghosts} setGhosts={setGhosts} />
        )}
        {look === 'limits' && looked && <LimitsOf view={view} ways={ways} way={looked.way} units={units} />}
        {look === 'ways' && <Ways view={view} ways={ways} units={units} />}
      </Column>
    </Box>
  );
}

/** Which seat, its part, and how tight it is. */
function SeatSays({ view: { seat, fit }, units }: { view: SeatView; units: Units }) {
  const { designation, boreMm, outsideMm, widthMm } = seat.spec.part;
  const size = (mm: number) => showSize(mm, units, 1).figure;
  const fine = units === 'metric' ? 'metric_um' : units;
  return (
    <Box sx={{ mb: 0.5 }}>
      <Typography variant="h2">{seat.name}</Typography>
      <Quiet sx={{ fontSize: TYPE.small, lineHeight: 1.2 }}>
        {designation}, {size(boreMm)} × {size(outsideMm)} × {asText(showSize(widthMm, units, 1))}
      </Quiet>
      {fit && (
        <Quiet sx={{ fontSize: TYPE.small, lineHeight: 1.2 }}>
          {sayFit(fit.interference.forDropMm, fine)} for the drop{fit.bore ? '' : ', not measured'}
        </Quiet>
      )}
    </Box>
  );
}

/** What has to be cleared before anything is chosen. */
function InTheWay({ view, units }: { view: SeatView; units: Units }) {
  const { job } = useJob();
  const blocks = findBlocks(view, job).filter(({ code }) => code !== 'seal_left_in');
  return (
    <>
      <BlockList seatId={view.seat.id} blocks={blocks} />
      {/* A wheel is not heated: its seals are the stripping's to name. */}
      {job.workpiece !== 'wheel' && <SealsLeftIn view={view} units={units} />}
    </>
  );
}

type WaysProps = { view: SeatView; ways: ReturnType<typeof useWayIn>; units: Units };

function Ways({ view, ways, units }: WaysProps) {
  const { job } = useJob();
  const [asked, setAsked] = useState<WayIn | null>(null);
  const { lanes, plan, proposed, looked, stop, setStop } = ways;
  if (!lanes || !plan || !looked) return null;
  const isBarred = isShut(findBlocks(view, job));
  const onChoose = (way: WayIn, because?: string) => {
    setAsked(null);
    ways.take(way, because);
  };
  return (
    <>
      {!proposed && (
        <Typography variant="h3" sx={{ mt: 0.5 }}>
          No way in is sure.
        </Typography>
      )}
      <LaneBoard
        lanes={lanes}
        shownOf={ways.shownOf}
        wantedMm={plan.wantedMm}
        looked={looked.way}
        isOld={ways.isOld}
        onLook={ways.look}
        units={units}
        isShut={isBarred}
        isChosen={ways.isChosen}
        isProposed={(way) => isSameWay(way, proposed)}
        toolsOf={(way) => toolsForWay(view.seat.spec, way, job.wall)}
        asked={asked}
        onAsk={setAsked}
        onChoose={onChoose}
      />
      <WayNotes
        view={view}
        plan={plan}
        lane={looked.lane}
        shown={looked.way}
        units={units}
        stop={stop}
        setStop={setStop}
      />
      <Schools plan={plan} units={units} isShut={isBarred} choose={ways.take} />
      <ToolsHere view={view} />
    </>
  );
}

/** What the heat of the way that is looked at does to everything on both sides of the drop. */
function LimitsOf({ view, ways: { input }, way, units }: WaysProps & { way: WayIn }) {
  const { job } = useJob();
  const heatedBy = way.heatedBy ?? usualHeatOf(job);
  const problem = wayInProblem(view, input.surroundings, heatedBy, input.isStopSet, input.trial);
  return problem && <HeatLimits view={view} problem={problem} way={way} units={units} />;
}
