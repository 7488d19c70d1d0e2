'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { viewSeal } from '@/core/job/sealView';
import { Link } from '@/ui/parts/Link';
import { DRIVER_WORDS, sayWay } from '@/ui/words/seals';
import { findBlocks, isShut } from '@/core/job/blocks';
import { FORMULA_VERSION } from '@/core/job/seatFit';
import type { SeatView } from '@/core/job/seatView';
import { useJob } from '@/bench/record/JobProvider';
import { token, TYPE } from '@/ui/theme/tokens';
import { CAUTIONS } from '@/ui/words/verdicts';
import { BlockList } from './BlockList';
import { ToolsHere } from './ToolsHere';
import { Lead, Text } from '@/ui/parts/text';

/** A seal has one way in: cold, on its steel rim, with a driver a size bigger than itself so that the casting stops it. */
export function SealWayIn({ view }: { view: SeatView }) {
  const { addEvent, job, record } = useJob();
  const { seat, history } = view;
  const blocks = findBlocks(view, job);
  const seal = viewSeal(view, job);
  return (
    <Box data-testid="way-in-slate">
      <Typography variant="h2">{seat.name}</Typography>
      <BlockList seatId={seat.id} blocks={blocks} />
      <Text sx={{ lineHeight: 1.35 }}>
        {seal && sayWay(seal).headline}. Lip greased; a sleeve over thread or splines.{' '}
        {seal && DRIVER_WORDS[seal.driver]}
        {record.kind !== 'seal_only' && ' Only when the metal has cooled.'}
      </Text>
      <Link href={`/jobs/${record.id}/${seat.id}/seal`}>
        Which way, how deep, and what goes on its outside
      </Link>
      {history.wayIn ? (
        <Lead sx={{ mt: 1 }}>
          <b>Chosen:</b> driven in cold.
        </Lead>
      ) : (
        <Button
          variant="contained"
          data-way="drive"
          disabled={isShut(blocks)}
          sx={{ mt: 1.5 }}
          onClick={() =>
            addEvent(
              'way_in_chosen',
              { way: 'drive', housingC: record.roomC, ringC: record.roomC, formulaVersion: FORMULA_VERSION },
              { seatId: seat.id },
            )
          }
        >
          Drive it in cold
        </Button>
      )}
      <Box sx={{ borderTop: `1.5px solid ${token('steel')}`, mt: 1.5, pt: 0.75, fontSize: TYPE.small }}>
        <b>{CAUTIONS.press}</b> {CAUTIONS.manual_first}
      </Box>
      <ToolsHere view={view} />
    </Box>
  );
}
