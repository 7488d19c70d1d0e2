'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import type { WayIn } from '@/core/heat/wayIn';
import { isHeated } from '@/core/heat/waySorts';
import { findBlocks, isShut } from '@/core/job/blocks';
import { FORMULA_VERSION } from '@/core/job/seatFit';
import { planSeat, surroundingsOf } from '@/core/job/planSeat';
import { usualHeatOf } from '@/core/job/workpiece';
import type { SeatView } from '@/core/job/seatView';
import type { HeatSource, STOPS } from '@/core/record/vocabulary';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import { later } from '@/bench/record/later';
import { useJob, useSeatView } from '@/bench/record/JobProvider';
import { TYPE } from '@/ui/theme/tokens';
import { Framed } from '@/ui/parts/layout';
import { LIMIT_C, type SealMaterial } from '@/core/catalogue/materials';
import type { Casting } from '@/core/record/job';
import { WayRows } from './WayRow';

type Stop = (typeof STOPS)[number];

const BlockList = later(() => import('./BlockList'), 'BlockList');
const WayDetails = later(() => import('./WayDetails'), 'WayDetails');
const ToolsHere = later(() => import('./ToolsHere'), 'ToolsHere');
const Schools = later(() => import('./Schools'), 'Schools');
const WayWas = later(() => import('./WayWas'), 'WayWas');
const SealWayIn = later(() => import('./SealWayIn'), 'SealWayIn');

export function WayInSlate({ seatId }: { seatId: SeatId }) {
  const { record, person, addEvent, job } = useJob();
  const view = useSeatView(seatId);
  const units = person?.units ?? 'metric';
  const [isWarned, setWarned] = useState(false);
  const [isAgain, setAgain] = useState(false);
  const [heatedBy, setHeatedBy] = useState<HeatSource>(view?.history.wayIn?.heatedBy ?? usualHeatOf(job));
  const [stop, setStop] = useState<Stop | undefined>(view?.history.wayIn?.stop);
  // The plan does not change with the clock, only with readings, sizes and what is left in.
  const plan = useMemo(
    () => view && planSeat(view, surroundingsOf(view, job), heatedBy, stop),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the view is new each second, what it holds is not
    [view?.fit, view?.leftIn.length, view?.seat, record.roomC, heatedBy, stop],
  );
  if (!view) return null;
  if (view.seat.spec.part.type === 'seal') return <SealWayIn view={view} />;
  if (!plan || !view.fit) return <Box>This size stands in no table: measure bore and bearing first.</Box>;
  const { history, seat } = view;
  if (history.homeMs !== null && !isAgain)
    return <WayWas view={view} plan={plan} units={units} onAgain={() => setAgain(true)} />;
  const blocks = findBlocks(view, job).filter(({ code }) => code !== 'seal_left_in');
  const isChosen = ({ way }: WayIn) =>
    way === history.wayIn?.way &&
    (!isHeated(way) || (history.wayIn.heatedBy ?? usualHeatOf(job)) === heatedBy);
  const chosen = plan.ways.find(isChosen);
  const shown = chosen ?? plan.mildest;
  const choose = (way: WayIn, because?: string) =>
    addEvent(
      'way_in_chosen',
      {
        way: way.way,
        housingC: way.housingC,
        ringC: way.ringC,
        formulaVersion: FORMULA_VERSION,
        ...(isHeated(way.way) && { heatedBy, boreC: way.boreC }),
        ...(stop && { stop }),
        ...(because && { because }),
      },
      { seatId },
    );
  return (
    <Box data-testid="way-in-slate">
      <Typography variant="h2">{seat.name}</Typography>
      <BlockList seatId={seatId} blocks={blocks} />
      {!shown && (
        <Typography variant="h3" sx={{ mt: 0.5 }}>
          No way in is sure.
        </Typography>
      )}
      <SealsLeftIn view={view} units={units} />
      <WayRows
        plan={plan}
        units={units}
        isChosen={isChosen}
        blocks={blocks}
        setWarned={setWarned}
        choose={choose}
      />
      <WayDetails
        view={view}
        job={job}
        plan={plan}
        shown={shown}
        units={units}
        stop={stop}
        setStop={setStop}
        heatedBy={heatedBy}
        setHeatedBy={setHeatedBy}
        isWarned={isWarned}
      />
      <Schools plan={plan} units={units} isShut={isShut(blocks)} choose={choose} />
      <ToolsHere view={view} />
    </Box>
  );
}

const SealsLeftIn = ({ view: { leftIn, casting }, units }: { view: SeatView; units: Units }) => (
  <>
    {leftIn
      .filter(({ isNew }) => !isNew)
      .map(({ seatName, sealMaterial }) => (
        <BesideIt
          key={seatName}
          seatName={seatName}
          sealMaterial={sealMaterial}
          casting={casting}
          units={units}
        />
      ))}
  </>
);

type BesideItProps = {
  seatName: string;
  sealMaterial: SealMaterial;
  casting: Casting;
  units: Units;
};

/** A seat beside it, that lets go in the same heat. */
function BesideIt({ seatName, sealMaterial, casting, units }: BesideItProps) {
  const { addEvent } = useJob();
  const takeSealOut = ({ id: seatId, spec }: Casting['seats'][number]) =>
    spec.kind === 'seal_in_bore'
      ? addEvent('taken_out', { way: 'hook_or_lever', isSpoilt: true }, { seatId })
      : addEvent('seal_taken_out', {}, { seatId });
  return (
    <Framed
      role="alert"
      sx={{ fontSize: TYPE.text, display: 'flex', alignItems: 'center', columnGap: 1.5, py: 0.5, my: 0.5 }}
    >
      <Box sx={{ flex: 1, lineHeight: 1.2 }}>
        <b>The old seal at {seatName} is still in.</b> {sealMaterial.toUpperCase()} takes{' '}
        {asText(showTemperature(LIMIT_C[sealMaterial], units))} and is heated with the casting.
      </Box>
      <Button
        variant="outlined"
        sx={{ minHeight: 48, whiteSpace: 'nowrap' }}
        onClick={() => takeSealOut(casting.seats.find(({ name }) => name === seatName)!)}
      >
        It is out
      </Button>
    </Framed>
  );
}
