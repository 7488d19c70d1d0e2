'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import type { WayIn } from '@/core/heat/wayIn';
import { WANTED_SECONDS } from '@/core/heat/wayIn';
import { findBlocks, isShut } from '@/core/job/blocks';
import { FORMULA_VERSION } from '@/core/job/seatFit';
import { planSeat } from '@/core/job/planSeat';
import { neighboursOf } from '@/core/job/seatView';
import type { HeatSource } from '@/core/record/vocabulary';
import { asText, showFit, showForce, showTemperature, type Units } from '@/core/quantity/format';
import { useJob, useSeatView } from '@/bench/record/JobProvider';
import { ChoiceRow } from '@/ui/fields/ChoiceRow';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { CAUTIONS, sayCeiling, WAY_WORDS } from '@/ui/words/verdicts';
import { BlockList } from './BlockList';
import { SealWayIn } from './SealWayIn';
import { Name, Quiet } from '@/ui/parts/text';
import { Framed } from '@/ui/parts/layout';

const HEAT_FROM = [
  { value: 'oven', words: 'oven, all of it' },
  { value: 'gun', words: 'hot air, the boss' },
] as const;
const isHeated = (way: WayIn['way']) => way === 'heat' || way === 'heat_chill';

/** What speaks against a way, weakest thing first; null when it works. */
function objection(way: WayIn): string | null {
  if (way.broken[0])
    return `${sayCeiling(way.broken[0])}; this way needs ${way.broken[0].sees === 'casting' ? Math.round(way.housingC) : Math.round(way.settlingC)} °C.`;
  if (way.works) return null;
  if (way.way === 'drive') return 'The fit is not known well enough to say a force.';
  return way.sureSeconds === 0
    ? 'The bore would still be too small to be sure.'
    : `Only ${Math.round(way.sureSeconds ?? 0)} s would be sure.`;
}

function howLong(way: WayIn): string {
  if (way.sureSeconds === null) return 'over 30 min sure';
  return `drops ${Math.floor(way.chance * 100)} in 100; ${Math.round(way.sureSeconds)} s sure, ${way.likelySeconds === null ? 'over 1800' : Math.round(way.likelySeconds)} s likely`;
}

function WayRow({
  way,
  units,
  isChosen,
  isMildest,
  isBlocked,
  onChoose,
}: {
  way: WayIn;
  units: Units;
  isChosen: boolean;
  isMildest: boolean;
  isBlocked: boolean;
  onChoose: () => void;
}) {
  const against = objection(way);
  const { name, note } = WAY_WORDS[way.way];
  const isHand = way.forceN !== null && way.forceN.high === 0;
  return (
    <Box
      component="button"
      onClick={onChoose}
      disabled={against !== null || isBlocked}
      aria-pressed={isChosen}
      data-way={way.way}
      sx={{
        all: 'unset',
        boxSizing: 'border-box',
        width: '100%',
        cursor: against ? 'not-allowed' : 'pointer',
        display: 'block',
        py: 0.5,
        px: 1.25,
        minHeight: 50,
        borderTop: `1px solid ${token('rule')}`,
        backgroundColor: isChosen ? token('shade') : 'transparent',
        boxShadow: isChosen ? `inset 5px 0 0 ${token('ink')}` : 'none',
        '&:focus-visible': { outline: `3px solid ${token('cold')}` },
      }}
    >
      <Box sx={{ display: 'flex', alignItems: 'baseline', gap: 1 }}>
        <Name
          sx={{
            color: against ? token('mid') : token('ink'),
            textDecoration: against ? 'line-through' : 'none',
          }}
        >
          {name}
        </Name>
        <Quiet sx={{ fontSize: TYPE.fine, ml: 'auto' }}>
          {isChosen ? 'chosen' : isMildest ? 'mildest that is sure' : ''}
        </Quiet>
      </Box>
      <Box sx={{ fontSize: TYPE.small, color: against ? token('ink') : token('steel') }}>
        {against ??
          (way.forceN
            ? isHand
              ? 'goes in by hand'
              : `${asText(showForce(way.forceN.low, units))} to ${asText(showForce(way.forceN.high, units))}; ${note}`
            : `${asText(showTemperature(way.housingC, units))}${way.way === 'heat_chill' || way.way === 'chill' ? `, bearing ${asText(showTemperature(way.ringC, units))}` : ''}; ${howLong(way)}`)}
      </Box>
    </Box>
  );
}

export function WayInSlate({ seatId }: { seatId: string }) {
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
        <Box sx={{ display: 'flex', gap: 3, my: 0.5 }}>
          <Figure
            colour={token('heat')}
            {...showTemperature(shown.housingC, units)}
            below={`${heatedBy === 'gun' ? 'boss' : 'casting'}, at least ${showTemperature(shown.neededC, units).figure}`}
          />
          {shown.ringC < record.roomC && (
            <Figure colour={token('cold')} {...showTemperature(shown.ringC, units)} below="bearing" />
          )}
          <Figure
            colour={token('ink')}
            figure={shown.sureSeconds === null ? '∞' : String(Math.round(shown.sureSeconds))}
            unit="s"
            below="sure"
          />
        </Box>
      )}
      {leftIn.map(({ seatName, sealMaterial }) => (
        <Framed key={seatName} role="alert" sx={{ fontSize: TYPE.text }}>
          <b>The old seal at {seatName} is still in.</b> {sealMaterial.toUpperCase()} takes{' '}
          {sealMaterial === 'nbr' ? 100 : sealMaterial === 'acm' ? 130 : 200} °C and is heated with the
          casting.
          <Button
            variant="outlined"
            sx={{ display: 'block', mt: 1, minHeight: 48 }}
            onClick={() =>
              addEvent(
                'seal_taken_out',
                {},
                { seatId: casting.seats.find(({ name }) => name === seatName)!.id },
              )
            }
          >
            It is out
          </Button>
        </Framed>
      ))}
      <ChoiceRow label="Heat from" options={HEAT_FROM} value={heatedBy} onPick={setHeatedBy} />
      <Box>
        {plan.ways.map((way) => (
          <WayRow
            key={way.way}
            way={way}
            units={units}
            isChosen={isChosen(way)}
            isMildest={plan.mildest?.way === way.way}
            isBlocked={isShut(blocks)}
            onChoose={() => {
              setWarned(true);
              choose(way);
            }}
          />
        ))}
      </Box>
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
            <b>Only the boss is hot:</b> the cold web holds its bore back to{' '}
            {Math.round(plan.heldShare * 100)} % of free growth and draws its heat away. Trust the probe, not
            the clock.
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
    </Box>
  );
}

function Figure({
  figure,
  unit,
  below,
  colour,
}: {
  figure: string;
  unit: string;
  below: string;
  colour: string;
}) {
  return (
    <Box>
      <Box
        sx={{
          fontSize: TYPE.headline,
          fontWeight: 800,
          fontStretch: STRETCH.headline,
          color: colour,
          lineHeight: 1,
        }}
      >
        {figure}
        <Box component="span" sx={{ fontSize: TYPE.title, ml: 0.5 }}>
          {unit}
        </Box>
      </Box>
      <Quiet sx={{ fontSize: TYPE.fine }}>{below}</Quiet>
    </Box>
  );
}
