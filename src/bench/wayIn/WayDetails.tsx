'use client';
import Box from '@mui/material/Box';
import { WANTED_SECONDS } from '@/core/heat/describeWay';
import type { WayIn, WayInPlan } from '@/core/heat/wayIn';
import { isChilled, isDrop, isHeated } from '@/core/heat/waySorts';
import { freezerMinutes } from '@/core/job/freezerMinutes';
import { hasStop } from '@/core/job/seatJudgement';
import type { JobView, SeatView } from '@/core/job/seatView';
import type { SeatHistory } from '@/core/project/jobState';
import type { HeatSource, STOPS } from '@/core/record/vocabulary';
import { asText, showFit, showTemperature, type Units } from '@/core/quantity/format';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { token, TYPE } from '@/ui/theme/tokens';
import { CAUTIONS } from '@/ui/words/verdicts';
import { HEAT_FROM_WORDS, MILD_WORDS, STOP_WORDS } from '@/ui/words/wayIn';
import { Quiet } from '@/ui/parts/text';
import { Figure } from './WayRow';

type Stop = (typeof STOPS)[number];

type Props = SetUpProps & {
  plan: WayInPlan;
  shown: WayIn | null;
  units: Units;
  isWarned: boolean;
};

/** What stands behind the ways: why one is proposed, what it comes to, how it is set up, and what it asks for. */
export function WayDetails({ view, job, plan, shown, units, isWarned, ...setUp }: Props) {
  const { record } = useJob();
  return (
    <>
      <WhyProposed view={view} plan={plan} shown={shown} />
      {shown && isDrop(shown.way) && (
        <PlanFigures shown={shown} units={units} heatedBy={setUp.heatedBy} roomC={record.roomC} />
      )}
      <HowSetUp view={view} job={job} {...setUp} />
      <WaySettings
        shown={shown}
        units={units}
        plan={plan}
        history={view.history}
        isWarned={isWarned}
        caution={view.casting.material === 'az91' ? 'magnesium' : 'hot_metal'}
      />
    </>
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
