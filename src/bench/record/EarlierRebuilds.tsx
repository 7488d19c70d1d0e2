'use client';
import Box from '@mui/material/Box';
import { TapLink } from '@/ui/parts/TapLink';
import { judgeRelaxation } from '@/core/fit/relaxation';
import type { SeatView } from '@/core/job/seatView';
import { asText, showFit, showSize, type Units } from '@/core/quantity/format';
import { TYPE } from '@/ui/theme/tokens';
import { useRebuilds } from './useRebuilds';

/**
 * What this seat was at other rebuilds of the same machine, newest first, and what its bore has done since; nothing where there is
 * none.
 */
export function EarlierRebuilds({ view, units, most = 3 }: { view: SeatView; units: Units; most?: number }) {
  const rebuilds = useRebuilds(view.seat.id);
  if (rebuilds.length === 0) return null;
  const bore = view.fit?.bore?.meanMm;
  return (
    <Box data-testid="earlier-rebuilds" sx={{ fontSize: TYPE.small, lineHeight: 1.25 }}>
      {[...rebuilds]
        .reverse()
        .slice(0, most)
        .map(({ jobId, jobNumber, seatId, measuredAt, boreMm, interferenceMm }) => {
          const since = bore && judgeRelaxation(boreMm, bore);
          const change =
            since &&
            `${asText(showFit(Math.abs(since.changeMm.value), units))} ± ${showFit(2 * since.changeMm.u, units).figure}`;
          return (
            <Box key={seatId}>
              <TapLink href={`/jobs/${jobId}/${seatId}/record`}>
                {`Job ${jobNumber}, ${measuredAt.slice(0, 10)}`}
              </TapLink>
              : bore {asText(showSize(boreMm.value, units))}
              {interferenceMm &&
                `, ${asText(showFit(Math.abs(interferenceMm.value), units))} ${interferenceMm.value >= 0 ? 'tight' : 'clear'}`}
              . {since?.verdict === 'wider' && <b>Wider by {change} now: it relaxes or wears.</b>}
              {since?.verdict === 'narrower' && (
                <b>Narrower by {change} now: another casting, or a slip in one of the readings?</b>
              )}
              {since?.verdict === 'no_change_seen' &&
                `No change that the gauges can tell (± ${showFit(2 * since.changeMm.u, units).figure}).`}
            </Box>
          );
        })}
    </Box>
  );
}
