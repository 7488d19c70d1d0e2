'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { type WayIn, WANTED_SECONDS, type WayInPlan } from '@/core/heat/wayIn';
import { findBlocks } from '@/core/job/blocks';
import { FORMULA_VERSION } from '@/core/job/seatFit';
import { planSeat } from '@/core/job/planSeat';
import { neighboursOf } from '@/core/job/seatView';
import type { HeatSource } from '@/core/record/vocabulary';
import { asText, showFit, showTemperature, type Units } from '@/core/quantity/format';
import { later } from '@/bench/record/later';
import { useJob, useSeatView } from '@/bench/record/JobProvider';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { token, TYPE } from '@/ui/theme/tokens';
import { CAUTIONS } from '@/ui/words/verdicts';
import { Quiet } from '@/ui/parts/text';
import { Framed } from '@/ui/parts/layout';
import type { SeatHistory } from '@/core/project/jobState';
import { LIMIT_C, type SealMaterial } from '@/core/catalogue/materials';
import type { Casting } from '@/core/record/job';
import { BlockList } from './BlockList';
import { isHeated, WayRows, Figure } from './WayRow';

const SealWayIn = later(() => import('./SealWayIn'), 'SealWayIn');

const HEAT_FROM = [
  { value: 'oven', words: 'oven, all of it' },
  { value: 'gun', words: 'hot air, the boss' },
] as const;

export function WayInSlate({ seatId }: { seatId: SeatId }) {
  const { record, person, addEvent, views, job } = useJob();
  const view = useSeatView(seatId);
  const units = person?.units ?? 'metric';
  const [isWarned, setWarned] = useState(false);
  const [heatedBy, setHeatedBy] = useState<HeatSource>(view?.history.wayIn?.heatedBy ?? 'oven');
  // The plan does not change with the clock, only with readings, sizes and what is left in.
  const plan = useMemo(
    () => view && planSeat(view, record.roomC, neighboursOf(views, view), heatedBy),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the view is new each second, what it holds is not
    [view?.fit, view?.leftIn.length, view?.seat, record.roomC, heatedBy],
  );
  if (!view) return null;
  if (view.seat.spec.part.type === 'seal') return <SealWayIn view={view} />;
  if (!plan || !view.fit) return <Box>This size stands in no table: measure bore and bearing first.</Box>;
  const { history, leftIn, seat, casting } = view;
  const blocks = findBlocks(view, job).filter(({ code }) => code !== 'seal_left_in');
  const isChosen = ({ way }: WayIn) =>
    way === history.wayIn?.way && (!isHeated(way) || (history.wayIn.heatedBy ?? 'oven') === heatedBy);
  const chosen = plan.ways.find(isChosen);
  const shown = chosen ?? plan.mildest;
  const choose = (way: WayIn) =>
    addEvent(
      'way_in_chosen',
      {
        way: way.way,
        housingC: way.housingC,
        ringC: way.ringC,
        formulaVersion: FORMULA_VERSION,
        ...(isHeated(way.way) && { heatedBy, boreC: way.boreC }),
      },
      { seatId },
    );
  const caution = casting.material === 'az91' ? ('magnesium' as const) : ('hot_metal' as const);
  return (
    <Box data-testid="way-in-slate">
      <Typography variant="h2">{seat.name}</Typography>
      <BlockList view={view} blocks={blocks} />
      {!shown && (
        <Typography variant="h3" sx={{ mt: 0.5 }}>
          No way in is sure.
        </Typography>
      )}
      {shown && shown.way !== 'drive' && (
        <PlanFigures shown={shown} units={units} heatedBy={heatedBy} roomC={record.roomC} />
      )}
      {leftIn.map(({ seatName, sealMaterial }) => (
        <BesideIt
          key={seatName}
          seatName={seatName}
          sealMaterial={sealMaterial}
          casting={casting}
          units={units}
        />
      ))}
      <ChoiceRow label="Heat from" options={HEAT_FROM} value={heatedBy} onPick={setHeatedBy} />
      <WayRows
        plan={plan}
        units={units}
        isChosen={isChosen}
        blocks={blocks}
        setWarned={setWarned}
        choose={choose}
      />
      <WaySettings
        shown={shown}
        units={units}
        plan={plan}
        history={history}
        isWarned={isWarned}
        caution={caution}
      />
    </Box>
  );
}

type PlanFiguresProps = { shown: WayIn; units: Units; heatedBy: HeatSource; roomC: number };

/** What is planned: how hot, how cold, and the seconds that are sure. */
const PlanFigures = ({ shown, units, heatedBy, roomC }: PlanFiguresProps) => (
  <Box sx={{ display: 'flex', gap: 3, my: 0.5 }}>
    <Figure
      colour={token('heat')}
      {...showTemperature(shown.housingC, units)}
      below={`${heatedBy === 'gun' ? 'boss' : 'casting'}, at least ${showTemperature(shown.neededC, units).figure}`}
    />
    {shown.ringC < roomC && (
      <Figure colour={token('cold')} {...showTemperature(shown.ringC, units)} below="bearing" />
    )}
    <Figure
      colour={token('ink')}
      figure={shown.sureSeconds === null ? '∞' : String(Math.round(shown.sureSeconds))}
      unit="s"
      below="sure"
    />
  </Box>
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
  return (
    <Framed role="alert" sx={{ fontSize: TYPE.text }}>
      <b>The old seal at {seatName} is still in.</b> {sealMaterial.toUpperCase()} takes{' '}
      {asText(showTemperature(LIMIT_C[sealMaterial], units))} and is heated with the casting.
      <Button
        variant="outlined"
        sx={{ display: 'block', mt: 1, minHeight: 48 }}
        onClick={() =>
          addEvent('seal_taken_out', {}, { seatId: casting.seats.find(({ name }) => name === seatName)!.id })
        }
      >
        It is out
      </Button>
    </Framed>
  );
}

type WaySettingsProps = {
  shown: WayIn | null;
  units: Units;
  plan: WayInPlan;
  history: SeatHistory;
  isWarned: boolean;
  caution: 'magnesium' | 'hot_metal';
};

/** Where the heat and the cold come from, and how hot and cold. */
function WaySettings({ shown, units, plan, history, isWarned, caution }: WaySettingsProps) {
  return (
    <Box
      sx={{
        borderTop: `1.5px solid ${token('steel')}`,
        pt: 0.75,
        fontSize: TYPE.small,
        lineHeight: 1.25,
        mt: 0.5,
      }}
    >
      {shown && shown.way !== 'drive' && (
        <Box>
          At the drop {asText(showFit(shown.clearanceMm.value, units))} ±{' '}
          {showFit(2 * shown.clearanceMm.u, units).figure} clear; least{' '}
          {asText(showFit(plan.leastClearanceMm, units))}. Hold it square within{' '}
          {asText(showFit(shown.holdableTiltMm, units))}.
        </Box>
      )}
      {plan.heldShare !== null && (
        <Box role="note">
          <b>Only the boss is hot:</b> the cold web holds its bore back to {Math.round(plan.heldShare * 100)}{' '}
          % of free growth and draws its heat away. Trust the probe, not the clock.
        </Box>
      )}
      {shown && shown.way !== 'drive' && (
        <Box>Casting and bearing settle at {asText(showTemperature(shown.settlingC, units))}.</Box>
      )}
      {shown && shown.alsoLetGo.length > 0 && (
        <Box role="note">
          <b>At this heat {shown.alsoLetGo.join(' and ')} may let go too:</b> face up, or held.
        </Box>
      )}
      {shown?.minutesAllowed && (
        <Box role="note">
          <b>Not longer than {shown.minutesAllowed} min at this heat:</b> the casting loses its temper.
        </Box>
      )}
      {plan.freeC !== null ? (
        <Box>
          Above {asText(showTemperature(plan.freeC, units))} together it stays free; below, the bore grips
          within seconds.
        </Box>
      ) : (
        <Box>Like metals: no free temperature, it grips within seconds.</Box>
      )}
      <Quiet>Planned for {WANTED_SECONDS} sure seconds at the band’s worse edge.</Quiet>
      {(history.wayIn || isWarned) && (
        <Box sx={{ mt: 0.75 }}>
          <b>{shown?.way === 'drive' ? CAUTIONS.press : CAUTIONS[caution]}</b> {CAUTIONS.manual_first}
        </Box>
      )}
    </Box>
  );
}
