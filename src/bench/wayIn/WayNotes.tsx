'use client';
import Box from '@mui/material/Box';
import { isSameWay, type Lane } from '@/core/heat/lanes';
import type { WayIn, WayInPlan } from '@/core/heat/wayIn';
import { isDrop, isHeated } from '@/core/heat/waySorts';
import { hasStop } from '@/core/record/seatFacts';
import type { SeatView } from '@/core/job/seatView';
import { asText, showFit, showTemperature, type Units } from '@/core/quantity/format';
import type { STOPS } from '@/core/record/vocabulary';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { Quiet, Text } from '@/ui/parts/text';
import { token, TYPE } from '@/ui/theme/tokens';
import { CAUTIONS, WAY_WORDS } from '@/ui/words/verdicts';
import { LANE_SCHOOLS, sayInstead, sayRisk } from '@/ui/words/behindWays';
import { MILD_WORDS, STOP_WORDS } from '@/ui/words/wayIn';

type Stop = (typeof STOPS)[number];

type Props = {
  view: SeatView;
  plan: WayInPlan;
  lane: Lane;
  shown: WayIn;
  units: Units;
  stop: Stop | undefined;
  setStop: (stop: Stop | undefined) => void;
};

/** Below the lanes: why the proposed one is, what the shown one means in its place, what it risks, and what schools say of it. */
export function WayNotes({ view, plan, lane, shown, units, stop, setStop }: Props) {
  const degrees = (celsius: number) => asText(showTemperature(celsius, units));
  const { mildest, asked } = plan;
  const isProposed = isSameWay(shown, mildest);
  return (
    <Box sx={{ fontSize: TYPE.text, lineHeight: 1.25, pt: 0.5 }}>
      <Box data-testid="why-proposed">
        <b>{isProposed || !mildest ? 'Why this: ' : `${WAY_WORDS[mildest.way].name} is proposed: `}</b>
        {MILD_WORDS[asked.why]}
      </Box>
      {!isProposed && mildest && shown.works && (
        <Box data-testid="what-follows">
          <b>{WAY_WORDS[shown.way].name} in its place:</b> {sayInstead(shown, mildest, units)}.
        </Box>
      )}
      <Box data-testid="way-risks">
        <b>At stake:</b>{' '}
        {shown.risks.length > 0
          ? `${shown.risks.map((risk) => sayRisk(risk, units)).join('; ')}.`
          : 'nothing much, as long as it stays square.'}{' '}
        <Box component="span" sx={{ color: token('steel') }}>
          {LANE_SCHOOLS[lane.lane](degrees)}
        </Box>
      </Box>
      {isDrop(shown.way) && <DropFigures shown={shown} plan={plan} units={units} />}
      {shown.heldShare !== null && (
        <Box role="note">
          <b>Only the boss is hot:</b> the cold web holds its bore back to {Math.round(shown.heldShare * 100)}{' '}
          % of free growth and draws its heat away. Trust the probe, not the clock.
        </Box>
      )}
      {!hasStop(view.seat.spec) && (
        <ChoiceRow
          label="What stops it"
          options={[{ value: 'none', words: 'nothing' }, ...optionsFrom(STOP_WORDS)]}
          value={stop ?? 'none'}
          onPick={(next) => setStop(next === 'none' ? undefined : next)}
        />
      )}
      <Cautions shown={shown} view={view} />
    </Box>
  );
}

type FigureProps = { shown: WayIn; plan: WayInPlan; units: Units };

/** When the bore holds it: at once, or when both have cooled. */
function sayGrip({ settlingC }: WayIn, { freeC }: WayInPlan, units: Units): string {
  if (freeC === null) return ', and the bore grips within seconds';
  const free = asText(showTemperature(freeC, units));
  return settlingC > freeC
    ? `, free above ${free}: hold it down until it grips`
    : `, below the ${free} at which they let go: the bore grips within seconds`;
}

/** Figures of a drop that the lane has no room for. */
const DropFigures = ({ shown, plan, units }: FigureProps) => (
  <Quiet>
    At the drop {asText(showFit(shown.clearanceMm.value, units))} ±{' '}
    {showFit(2 * shown.clearanceMm.u, units).figure} clear, {asText(showFit(plan.wantedMm, units))} wanted.
    Hold it square within {asText(showFit(shown.holdableTiltMm, units))}; casting and bearing settle at{' '}
    {asText(showTemperature(shown.settlingC, units))}
    {sayGrip(shown, plan, units)}.
  </Quiet>
);

/** Where the step can hurt. */
const Cautions = ({ shown, view }: { shown: WayIn; view: SeatView }) => (
  <Text sx={{ borderTop: `1.5px solid ${token('steel')}`, mt: 0.75, pt: 0.5, fontSize: TYPE.small }}>
    <b>
      {isHeated(shown.way)
        ? CAUTIONS[view.casting.material === 'az91' ? 'magnesium' : 'hot_metal']
        : isDrop(shown.way)
          ? 'Cold metal burns: gloves. Wipe off frost, oil at once.'
          : CAUTIONS.press}
    </b>{' '}
    {CAUTIONS.manual_first}
  </Text>
);
