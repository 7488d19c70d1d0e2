'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo } from 'react';
import { neighboursOf, sealsBeside, type SeatView } from '@/core/job/seatView';
import { planRemoval, type PlannedRemoval } from '@/core/strip/removalPlan';
import { pickTools } from '@/core/tools/pickTools';
import { asText, showSize, showTemperature, type Units } from '@/core/quantity/format';
import { useJob } from '@/bench/record/JobProvider';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { FIRST_WORDS, OBJECTION_WORDS, RACE_WORDS, REMOVAL_WORDS } from '@/ui/words/work';
import { Lead, Note, Text } from '@/ui/parts/text';
import { Ruled } from '@/ui/parts/layout';

/** The ways out of one seat, from its drawn geometry: allowed ones with what they do, forbidden ones with the reason. */
export function RemovalList({ view, hasUnfound }: { view: SeatView; hasUnfound: boolean }) {
  const { addEvent, views, job, record, person } = useJob();
  const units = person?.units ?? 'metric';
  const { seat, casting, fit, history } = view;
  const isShaftInPlace = record.kind === 'seal_only';
  const plan = planRemoval({
    spec: seat.spec,
    material: casting.material,
    interferenceMm: fit?.interference.forDropMm ?? null,
    neighbours: neighboursOf(views, view, { isStripping: true }),
    leftIn: sealsBeside(view),
    hasHidden: hasUnfound,
    isShaftInPlace,
  });
  const needs = useMemo(
    () => pickTools({ spec: seat.spec, planned: null }, job.tools),
    [seat.spec, job.tools],
  );
  const toolFor = ({ way }: PlannedRemoval) =>
    needs.find(({ need }) => need === (way === 'slide_hammer' ? 'collet' : 'receiver'))?.fits[0]?.name;
  if (history.takenOut)
    return (
      <Text sx={{ mt: 1 }} data-testid="taken-out">
        <b>Out:</b> {REMOVAL_WORDS[history.takenOut.way].name.toLowerCase()}.
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
      {plan.ways.length === 0 && <Text role="alert">No way out is left: look at the sizes again.</Text>}
      {plan.ways.map((way, i) => (
        <Ruled
          key={way.way}
          data-removal={way.way}
          sx={{ py: 0.75, display: 'flex', gap: 1, alignItems: 'center' }}
        >
          <Box sx={{ flex: 1 }}>
            <Lead sx={{ fontWeight: 750, fontStretch: STRETCH.headline }}>
              {REMOVAL_WORDS[way.way].name}
              {i === 0 ? ' (kindest)' : ''}
            </Lead>
            <Note>
              {describe(way, units)} {REMOVAL_WORDS[way.way].how}
              {toolFor(way) && way.race ? ` On the wall: ${toolFor(way)}.` : ''}
            </Note>
          </Box>
          <Button
            variant="outlined"
            onClick={() =>
              addEvent('taken_out', { way: way.way, isSpoilt: way.isSpoilt }, { seatId: seat.id })
            }
            aria-label={`It is out: ${REMOVAL_WORDS[way.way].name}`}
          >
            Out
          </Button>
        </Ruled>
      ))}
      {plan.forbidden.map(({ way, against }) => (
        <Ruled key={way} data-forbidden={way} sx={{ py: 0.5, fontSize: TYPE.small }}>
          <Box component="span" sx={{ textDecoration: 'line-through', color: token('mid') }}>
            {REMOVAL_WORDS[way].name}
          </Box>
          : {against.map((each) => OBJECTION_WORDS[each]).join('; ')}.
        </Ruled>
      ))}
    </Box>
  );
}

function describe({ race, heatC, alsoLetGo, toolMm, isSpoilt }: PlannedRemoval, units: Units): string {
  const parts: string[] = [];
  if (heatC !== null)
    parts.push(
      `At about ${asText(showTemperature(heatC, units))} it lets go.${alsoLetGo.length > 0 ? ` So does ${alsoLetGo.join(' and ')}.` : ''}`,
    );
  if (race) parts.push(`Force ${RACE_WORDS[race]}${isSpoilt ? ': not used again' : ''}.`);
  if (toolMm && toolMm.max > toolMm.min)
    parts.push(`${asText(showSize(toolMm.min, units, 1))} to ${asText(showSize(toolMm.max, units, 1))}.`);
  return parts.join(' ');
}
