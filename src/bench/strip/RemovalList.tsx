'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { planStrip } from '@/core/job/planStrip';
import type { SeatView } from '@/core/job/seatView';
import { isOutByHeat, type PlannedRemoval } from '@/core/strip/removal';
import { pickTools } from '@/core/tools/pickTools';
import { asText, showForce, showSize, showTemperature, type Units } from '@/core/quantity/format';
import { useJob } from '@/bench/record/JobProvider';
import { AllTheSame } from '@/ui/fields/AllTheSame';
import { EntryField, readText } from '@/ui/fields/EntryField';
import { STRETCH, TYPE } from '@/ui/theme/tokens';
import { FIRST_WORDS, OBJECTION_WORDS, RACE_WORDS, REMOVAL_WORDS } from '@/ui/words/work';
import { Link } from '@/ui/parts/Link';
import { Lead, Note, Text } from '@/ui/parts/text';
import { Ruled } from '@/ui/parts/layout';

/**
 * The ways out of one seat, from its drawn geometry: allowed ones with what they do, then what can always be recorded, then the forbidden
 * ones, each with its reason; a person who knows better taps why.
 */
export function RemovalList({ view }: { view: SeatView }) {
  const { job, person, addEvent } = useJob();
  const units = person?.units ?? 'metric';
  const { seat, history } = view;
  const plan = useMemo(() => planStrip(view, job), [view, job]);
  const needs = useMemo(
    () => pickTools({ spec: seat.spec, planned: null }, job.tools),
    [seat.spec, job.tools],
  );
  const toolFor = ({ way }: PlannedRemoval) =>
    way === 'expanding_puller'
      ? job.tools.find(
          (tool) =>
            tool.sort === 'blind_puller' &&
            tool.fromMm <= seat.spec.part.boreMm &&
            tool.toMm >= seat.spec.part.boreMm,
        )?.name
      : needs.find(({ need }) => need === (way === 'slide_hammer' ? 'collet' : 'receiver'))?.fits[0]?.name;
  if (history.takenOut)
    return (
      <Text sx={{ mt: 1 }} data-testid="taken-out">
        <b>Out:</b> {history.takenOut.how || REMOVAL_WORDS[history.takenOut.way].name.toLowerCase()}.
        {history.takenOut.isSpoilt ? ' The old part is not used again.' : ''}
      </Text>
    );
  return (
    <Box data-testid="removal" sx={{ mt: 1.5 }}>
      <Typography variant="h3">
        Ways out{plan.exit === 'face' ? ', toward this face' : ', either side'}
      </Typography>
      {plan.first.length > 0 && (
        <Box sx={{ fontSize: TYPE.small }}>
          <b>First:</b> {plan.first.map((each) => FIRST_WORDS[each]).join(', then ')}.
        </Box>
      )}
      {plan.ways
        .filter(({ way }) => way !== 'another')
        .map((way, i) => (
          <AllowedWay
            key={way.way}
            way={way}
            isKindest={i === 0}
            seatId={seat.id}
            units={units}
            tool={way.race ? toolFor(way) : undefined}
          />
        ))}
      <AnotherWay seatId={seat.id} />
      {plan.forbidden.map(({ way, against, isSpoilt }) => (
        <AllTheSame
          key={way}
          way={way}
          name={REMOVAL_WORDS[way].name}
          against={against.map((each) => OBJECTION_WORDS[each])}
          onTake={(because) => addEvent('taken_out', { way, isSpoilt, because }, { seatId: seat.id })}
        />
      ))}
    </Box>
  );
}

type SeatId = SeatView['seat']['id'];

type AllowedProps = {
  way: PlannedRemoval;
  isKindest: boolean;
  seatId: SeatId;
  units: Units;
  tool: string | undefined;
};

function AllowedWay({ way, isKindest, seatId, units, tool }: AllowedProps) {
  const { addEvent, record } = useJob();
  const { name, how } = REMOVAL_WORDS[way.way];
  return (
    <Ruled data-removal={way.way} sx={{ py: 0.75, display: 'flex', gap: 1, alignItems: 'center' }}>
      <Box sx={{ flex: 1 }}>
        <Lead sx={{ fontWeight: 750, fontStretch: STRETCH.headline }}>
          {name}
          {isKindest ? ' (kindest)' : ''}
        </Lead>
        <Note>
          {describe(way, units)} {how}
          {tool ? ` On the wall: ${tool}.` : ''}
        </Note>
      </Box>
      {isOutByHeat(way.way) && (
        <Button
          variant="outlined"
          component={Link}
          href={`/jobs/${record.id}/${seatId}/out`}
          aria-label={`Warm it: ${name}`}
        >
          Warm it
        </Button>
      )}
      <Button
        variant="outlined"
        onClick={() => addEvent('taken_out', { way: way.way, isSpoilt: way.isSpoilt }, { seatId })}
        aria-label={`It is out: ${name}`}
      >
        Out
      </Button>
    </Ruled>
  );
}

/** Whatever worked is worth writing down. */
function AnotherWay({ seatId }: { seatId: SeatId }) {
  const { addEvent } = useJob();
  return (
    <Ruled data-removal="another" sx={{ py: 0.75 }}>
      <EntryField
        label="Another way: how it came out"
        name="another-way"
        shown=""
        read={readText}
        onTake={(how) => how && addEvent('taken_out', { way: 'another', isSpoilt: false, how }, { seatId })}
      />
    </Ruled>
  );
}

function describe(
  { race, heatC, forceLeftN, alsoLetGo, toolMm, isSpoilt, way }: PlannedRemoval,
  units: Units,
): string {
  const parts: string[] = [];
  if (heatC !== null && way === 'fall_out_hot')
    parts.push(`Heated to about ${asText(showTemperature(heatC, units))} it lets go.`);
  if (heatC !== null && way === 'warm_and_pull')
    parts.push(
      `At ${asText(showTemperature(heatC, units))} ${forceLeftN === null ? 'it comes lighter' : `about ${asText(showForce(forceLeftN, units))} is left`}.`,
    );
  // Said only with the heat that does it.
  if (heatC !== null && alsoLetGo.length > 0) parts.push(`So does ${alsoLetGo.join(' and ')}.`);
  if (race) parts.push(`Force ${RACE_WORDS[race]}${isSpoilt ? ': not used again' : ''}.`);
  if (toolMm && toolMm.max > toolMm.min)
    parts.push(`${asText(showSize(toolMm.min, units, 1))} to ${asText(showSize(toolMm.max, units, 1))}.`);
  return parts.join(' ');
}
