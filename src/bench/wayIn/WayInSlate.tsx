'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { WANTED_SECONDS } from '@/core/heat/describeWay';
import type { WayIn, WayInPlan } from '@/core/heat/wayIn';
import { isChilled, isDrop, isHeated } from '@/core/heat/waySorts';
import { findBlocks, isShut } from '@/core/job/blocks';
import { FORMULA_VERSION } from '@/core/job/seatFit';
import { freezerMinutes } from '@/core/job/freezerMinutes';
import { planSeat, surroundingsOf } from '@/core/job/planSeat';
import { usualHeatOf } from '@/core/job/workpiece';
import { hasStop } from '@/core/job/seatJudgement';
import type { JobView, SeatView } from '@/core/job/seatView';
import type { HeatSource, STOPS } from '@/core/record/vocabulary';
import { asText, showFit, showTemperature, type Units } from '@/core/quantity/format';
import { later } from '@/bench/record/later';
import { useJob, useSeatView } from '@/bench/record/JobProvider';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { token, TYPE } from '@/ui/theme/tokens';
import { CAUTIONS } from '@/ui/words/verdicts';
import { HEAT_FROM_WORDS, MILD_WORDS, STOP_WORDS } from '@/ui/words/wayIn';
import { Quiet } from '@/ui/parts/text';
import { Framed } from '@/ui/parts/layout';
import type { SeatHistory } from '@/core/project/jobState';
import { LIMIT_C, type SealMaterial } from '@/core/catalogue/materials';
import type { Casting } from '@/core/record/job';
import { WayRows, Figure } from './WayRow';

type Stop = (typeof STOPS)[number];

const BlockList = later(() => import('./BlockList'), 'BlockList');
const ToolsHere = later(() => import('./ToolsHere'), 'ToolsHere');
const Schools = later(() => import('./Schools'), 'Schools');
const SealWayIn = later(() => import('./SealWayIn'), 'SealWayIn');

export function WayInSlate({ seatId }: { seatId: SeatId }) {
  const { record, person, addEvent, job } = useJob();
  const view = useSeatView(seatId);
  const units = person?.units ?? 'metric';
  const [isWarned, setWarned] = useState(false);
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
  const { history, seat, casting } = view;
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
      <WhyProposed view={view} plan={plan} shown={shown} />
      {shown && isDrop(shown.way) && (
        <PlanFigures shown={shown} units={units} heatedBy={heatedBy} roomC={record.roomC} />
      )}
      <HowSetUp
        view={view}
        job={job}
        stop={stop}
        setStop={setStop}
        heatedBy={heatedBy}
        setHeatedBy={setHeatedBy}
      />
      <Schools plan={plan} units={units} isShut={isShut(blocks)} choose={choose} />
      <WaySettings
        shown={shown}
        units={units}
        plan={plan}
        history={history}
        isWarned={isWarned}
        caution={casting.material === 'az91' ? 'magnesium' : 'hot_metal'}
      />
      <ToolsHere view={view} />
    </Box>
  );
}

/** Why the proposed way is proposed, and how long the freezer takes before anything is in it. */
function WhyProposed({ view, plan, shown }: { view: SeatView; plan: WayInPlan; shown: WayIn | null }) {
  const { record } = useJob();
  const minutes = Math.ceil(freezerMinutes(view, record.roomC) / 5) * 5;
  return (
    <Quiet sx={{ fontSize: TYPE.small }} data-testid="why-proposed">
      {MILD_WORDS[plan.asked.why]}
      {shown !== null && isChilled(shown.way) && ` In the freezer about ${minutes} min.`}
    </Quiet>
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

type SetUpProps = {
  view: SeatView;
  job: JobView;
  stop: Stop | undefined;
  setStop: (stop: Stop | undefined) => void;
  heatedBy: HeatSource;
  setHeatedBy: (source: HeatSource) => void;
};

/** What stops a part that no shoulder does, and where heat would come from; a wheel is not heated. */
const HowSetUp = ({ view: { seat }, job, stop, setStop, heatedBy, setHeatedBy }: SetUpProps) => (
  <>
    {!hasStop(seat.spec) && (
      <ChoiceRow
        label="What stops it"
        options={[{ value: 'none', words: 'nothing' }, ...optionsFrom(STOP_WORDS)]}
        value={stop ?? 'none'}
        onPick={(next) => setStop(next === 'none' ? undefined : next)}
      />
    )}
    {job.workpiece !== 'wheel' && (
      <ChoiceRow
        label="Heat from"
        options={optionsFrom(HEAT_FROM_WORDS)}
        value={heatedBy}
        onPick={setHeatedBy}
      />
    )}
  </>
);

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
  const takeSealOut = ({ id: seatId, spec }: Casting['seats'][number]) =>
    spec.kind === 'seal_in_bore'
      ? addEvent('taken_out', { way: 'hook_or_lever', isSpoilt: true }, { seatId })
      : addEvent('seal_taken_out', {}, { seatId });
  return (
    <Framed role="alert" sx={{ fontSize: TYPE.text }}>
      <b>The old seal at {seatName} is still in.</b> {sealMaterial.toUpperCase()} takes{' '}
      {asText(showTemperature(LIMIT_C[sealMaterial], units))} and is heated with the casting.
      <Button
        variant="outlined"
        sx={{ display: 'block', mt: 1, minHeight: 48 }}
        onClick={() => takeSealOut(casting.seats.find(({ name }) => name === seatName)!)}
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
      {shown && isDrop(shown.way) && (
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
      {shown && isDrop(shown.way) && (
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
          <b>{shown && !isHeated(shown.way) ? CAUTIONS.press : CAUTIONS[caution]}</b> {CAUTIONS.manual_first}
        </Box>
      )}
    </Box>
  );
}
