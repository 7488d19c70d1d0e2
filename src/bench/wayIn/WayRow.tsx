'use client';
import Box from '@mui/material/Box';
import type { WayIn } from '@/core/heat/wayIn';
import { isShut } from '@/core/job/blocks';
import { asText, showForce, showTemperature, type Units } from '@/core/quantity/format';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { sayCeiling, WAY_WORDS } from '@/ui/words/verdicts';
import { Name, Quiet } from '@/ui/parts/text';
import type { WayInPlan } from '@/core/heat/wayIn';
import type { Block } from '@/core/job/blocks';

export const isHeated = (way: WayIn['way']) => way === 'heat' || way === 'heat_chill';

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

type WayRowsProps = {
  plan: WayInPlan;
  units: Units;
  isChosen: ({ way }: WayIn) => boolean;
  blocks: Block[];
  setWarned: (next: boolean) => void;
  choose: (way: WayIn) => string | null;
};

export function WayRows({ plan, units, isChosen, blocks, setWarned, choose }: WayRowsProps) {
  return (
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
