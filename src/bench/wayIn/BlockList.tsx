'use client';
import type { SeatId } from '@/core/record/ids';
import Button from '@mui/material/Button';
import { Link } from '@/ui/parts/Link';
import type { Block, BlockCode } from '@/core/job/blocks';
import { useJob } from '@/bench/record/JobProvider';
import { ChoiceRow, optionsFrom } from '@/ui/fields/ChoiceRow';
import { TYPE } from '@/ui/theme/tokens';
import { BLOCK_WORDS, OVERRULE_WORDS, TOOL_NEED_WORDS, TOOL_WAY_WORDS } from '@/ui/words/work';
import { Framed } from '@/ui/parts/layout';
import type { ProjectedJob } from '@/core/project/project';

/** What has to be cleared before this seat is filled, each with its own way out. */
export function BlockList({ seatId, blocks }: { seatId: SeatId; blocks: readonly Block[] }) {
  const { record } = useJob();
  return blocks.map(({ code, name }) => (
    <Block key={code + (name ?? '')} code={code} name={name} record={record} seatId={seatId} />
  ));
}

/** Word and way out side by side: the ways below begin as high as they can. */
const ROW = {
  fontSize: TYPE.text,
  display: 'flex',
  flexWrap: 'wrap',
  alignItems: 'center',
  columnGap: 1,
  py: 0.5,
  my: 0.5,
} as const;

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
    <Framed role="alert" data-block={code} sx={ROW}>
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
            sx={{ minHeight: 48, ml: 'auto' }}
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
          sx={{ minHeight: 48, ml: 'auto' }}
        >
          Its order
        </Button>
      )}
      {(code === 'seat_slack' || code === 'remedy_not_checked') && (
        <Button
          variant="outlined"
          component={Link}
          href={`/jobs/${record.id}/${seatId}/measure`}
          sx={{ minHeight: 48, ml: 'auto' }}
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
