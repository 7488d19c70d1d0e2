'use client';
import Box from '@mui/material/Box';
import { useMemo } from 'react';
import { TapLink } from '@/ui/parts/TapLink';
import type { SeatView } from '@/core/job/seatView';
import { asText, showSize } from '@/core/quantity/format';
import { pickTools } from '@/core/tools/pickTools';
import { useJob } from '@/bench/record/JobProvider';
import { TYPE } from '@/ui/theme/tokens';
import { TOOL_NEED_WORDS } from '@/ui/words/work';

/** The tools that serve a seat, and what is missing on the wall. */
export function ToolsHere({ view: { seat, history } }: { view: SeatView }) {
  const { record, job, person } = useJob();
  const units = person?.units ?? 'metric';
  const needs = useMemo(
    () => pickTools({ spec: seat.spec, planned: history.wayIn }, job.tools),
    [seat.spec, history.wayIn, job.tools],
  );
  if (job.tools.length === 0) return null;
  return (
    <Box sx={{ fontSize: TYPE.small, my: 0.5 }} data-testid="tools-here">
      {needs
        .filter(({ need }) => need !== 'collet')
        .map(({ need, fits, nearly, min, max }) => (
          <Box key={need}>
            {TOOL_NEED_WORDS[need]}:{' '}
            {fits[0] ? (
              <b>{fits[0].name}</b>
            ) : (
              <>
                none on the wall
                {nearly[0]
                  ? `; ${nearly[0].tool.name} misses by ${asText(showSize(nearly[0].by, units, 1))}`
                  : ''}
                {max < 500 && min > -100 && need !== 'heat' && need !== 'cold'
                  ? ` (${showSize(min, units, 1).figure} to ${asText(showSize(max, units, 1))})`
                  : ''}
              </>
            )}
          </Box>
        ))}
      <TapLink href={`/tools?job=${record.id}&seat=${seat.id}`}>Tool wall for this seat</TapLink>
    </Box>
  );
}
