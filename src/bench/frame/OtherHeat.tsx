'use client';
import Box from '@mui/material/Box';
import type { Units } from '@/core/quantity/format';
import { useNow } from '@/bench/record/hooks';
import { StateMark } from '@/ui/marks/StateMark';
import { Link } from '@/ui/parts/Link';
import { token, TYPE } from '@/ui/theme/tokens';
import { describe, useHeatItems } from './HeatBar';
import { pathOfHeat } from './HeatBarItems';

/** What else is hot or cold in the shop, small: for screens that have no room for the strip. */
export function OtherHeat({
  except,
  units,
  initialMs,
}: {
  except: readonly string[];
  units: Units;
  initialMs: number;
}) {
  const nowMs = useNow(initialMs);
  const items = useHeatItems(null, 0, null, nowMs).filter(({ key }) => !except.includes(key));
  return (
    <Box
      component="aside"
      aria-label="Hot and cold elsewhere"
      sx={{ display: 'flex', gap: 2.5, overflow: 'hidden' }}
    >
      {items.slice(0, 2).map((item) => (
        <Box
          key={item.key}
          component={Link}
          href={pathOfHeat(item)}
          sx={{
            display: 'flex',
            gap: 1,
            alignItems: 'center',
            minHeight: 48,
            color: token('ink'),
            textDecoration: 'none',
            whiteSpace: 'nowrap',
            fontSize: TYPE.lead,
          }}
        >
          <StateMark name={item.kind === 'cold' ? 'cold' : 'hot'} size={24} />
          {item.machine}
          <b>{describe(item, nowMs, units).clock}</b>
        </Box>
      ))}
    </Box>
  );
}
