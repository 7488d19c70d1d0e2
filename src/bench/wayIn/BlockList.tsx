'use client';
import type { SeatId } from '@/core/record/ids';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Link from 'next/link';
import { useMemo } from 'react';
import type { Block, BlockCode } from '@/core/job/blocks';
import type { SeatView } from '@/core/job/seatView';
import { pickTools } from '@/core/tools/pickTools';
import { asText, showSize } from '@/core/quantity/format';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { token, TYPE } from '@/ui/theme/tokens';
import { BLOCK_WORDS, OVERRULE_WORDS, TOOL_NEED_WORDS, TOOL_WAY_WORDS } from '@/ui/words/work';
import { Framed } from '@/ui/parts/layout';
import type { ProjectedJob } from '@/core/project/project';

/** What has to be cleared before this seat is filled, each with its own way out; then the tools that serve it. */
export function BlockList({ view, blocks }: { view: SeatView; blocks: readonly Block[] }) {
  const { record, job, person } = useJob();
  const units = person?.units ?? 'metric';
  const { seat, history } = view;
  const seatId = seat.id;
  const needs = useMemo(
    () => pickTools({ spec: seat.spec, planned: history.wayIn }, job.tools),
    [seat.spec, history.wayIn, job.tools],
  );
  return (
    <>
      {blocks.map(({ code, name }) => (
        <Block key={code + (name ?? '')} code={code} name={name} record={record} seatId={seatId} />
      ))}
      {job.tools.length > 0 && (
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
          <Link href={`/tools?job=${record.id}&seat=${seatId}`} style={{ color: token('ink') }}>
            Tool wall for this seat
          </Link>
        </Box>
      )}
    </>
  );
}

type BlockProps = {
  code: BlockCode;
  name: string | undefined;
  record: ProjectedJob;
  seatId: SeatId;
};

/** One thing in the way, and what clears it. */
function Block({ code, name, record, seatId }: BlockProps) {
  const { addEvent } = useJob();
  return (
    <Framed role="alert" data-block={code} sx={{ fontSize: TYPE.text }}>
      <b>
        Not yet: {BLOCK_WORDS[code]}
        {name && code === 'other_seat_first'
          ? ` (${name.toLowerCase()})`
          : name && code === 'tool_missing'
            ? ` (${TOOL_NEED_WORDS[name as keyof typeof TOOL_NEED_WORDS]})`
            : ''}
        .
      </b>
      {(code === 'part_not_compared' || code === 'part_wrong') && (
        <>
          <Button
            variant="outlined"
            component={Link}
            href={`/jobs/${record.id}/${seatId}/parts`}
            sx={{ display: 'flex', minHeight: 48, mt: 0.5 }}
          >
            Compare it
          </Button>
          <ChoiceRow
            label="Or"
            options={optionsFrom(OVERRULE_WORDS)}
            value={null}
            onPick={(reason) => addEvent('compare_overruled', { reason }, { seatId })}
          />
        </>
      )}
      {code === 'part_missing' && (
        <Button
          variant="outlined"
          component={Link}
          href={`/jobs/${record.id}/${seatId}/parts`}
          sx={{ display: 'flex', minHeight: 48, mt: 0.5 }}
        >
          Its order
        </Button>
      )}
      {(code === 'seat_slack' || code === 'remedy_not_checked') && (
        <Button
          variant="outlined"
          component={Link}
          href={`/jobs/${record.id}/${seatId}/measure`}
          sx={{ display: 'flex', minHeight: 48, mt: 0.5 }}
        >
          To its repair
        </Button>
      )}
      {code === 'tool_missing' && name && (
        <ChoiceRow
          label="So"
          options={optionsFrom(TOOL_WAY_WORDS)}
          value={null}
          onPick={(how) => addEvent('tool_sorted', { need: name, how }, { seatId })}
        />
      )}
    </Framed>
  );
}
