'use client';
import Box from '@mui/material/Box';
import type { WayIn, WayInPlan } from '@/core/heat/wayIn';
import { isShut, type Block } from '@/core/job/blocks';
import { asText, showForce, showTemperature, type Units } from '@/core/quantity/format';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { isChilled, isDrop, isHeated } from '@/core/heat/waySorts';
import { sayCeiling, WAY_OBJECTION_WORDS, WAY_WORDS } from '@/ui/words/verdicts';
import { Name, Quiet } from '@/ui/parts/text';

/** What speaks against a way, weakest thing first; null when it works. */
function objection(way: WayIn, units: Units): string | null {
  const [weakest] = way.broken;
  if (weakest) {
    const neededC = weakest.sees === 'casting' ? way.housingC : way.settlingC;
    return `${sayCeiling(weakest, units)}; this way needs ${asText(showTemperature(neededC, units))}.`;
  }
  if (way.against.length > 0)
    return `Here ${way.against.map((each) => WAY_OBJECTION_WORDS[each]).join('; ')}.`;
  if (way.works) return null;
  if (!isDrop(way.way)) return 'The fit is not known well enough to say a force.';
  return way.sureSeconds === 0
    ? 'The bore would still be too small to be sure.'
    : `Only ${Math.round(way.sureSeconds ?? 0)} s would be sure.`;
}

function howLong(way: WayIn): string {
  if (way.sureSeconds === null) return 'over 30 min sure';
  const likely = way.likelySeconds === null ? 'over 1800' : Math.round(way.likelySeconds);
  return `drops ${Math.floor(way.chance * 100)} in 100; ${Math.round(way.sureSeconds)} s sure, ${likely} s likely`;
}

/** What a way asks for and gives: a force, or temperatures and seconds. */
function sayWay(way: WayIn, units: Units): string {
  const bearing = isChilled(way.way) ? `part ${asText(showTemperature(way.ringC, units))}` : '';
  const heat = isHeated(way.way) ? asText(showTemperature(way.housingC, units)) : '';
  const force = way.forceN
    ? way.forceN.high < 1
      ? 'no force left'
      : `${asText(showForce(way.forceN.low, units))} to ${asText(showForce(way.forceN.high, units))}`
    : howLong(way);
  return `${[heat, bearing, force].filter(Boolean).join(', ')}; ${WAY_WORDS[way.way].note}`;
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
  const against = objection(way, units);
  const { name } = WAY_WORDS[way.way];
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
          {isChosen ? 'chosen' : isMildest ? 'proposed' : ''}
        </Quiet>
      </Box>
      <Box sx={{ fontSize: TYPE.small, color: against ? token('ink') : token('steel') }}>
        {against ?? sayWay(way, units)}
      </Box>
    </Box>
  );
}

type WayRowsProps = {
  plan: WayInPlan;
  units: Units;
  isChosen: ({ way }: WayIn) => boolean;
  blocks: Block[];
  setWarned: (next: boolean) => void;
  choose: (way: WayIn) => string | null;
};

/** Ways that work, the proposed one first; those that do not, each with its reason, after them. */
export function WayRows({ plan, units, isChosen, blocks, setWarned, choose }: WayRowsProps) {
  const rank = (way: WayIn) => (isChosen(way) ? 0 : plan.mildest?.way === way.way ? 1 : way.works ? 2 : 3);
  const ways = [...plan.ways].sort((a, b) => rank(a) - rank(b));
  return (
    <Box>
      {ways.map((way) => (
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
  );
}

export function Figure({
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
