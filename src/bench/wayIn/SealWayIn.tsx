'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { findBlocks, isShut } from '@/core/job/blocks';
import { sealOutsideFor } from '@/core/seal/outside';
import { topDepthMm } from '@/core/strip/coaxial';
import { BELOW_FLUSH_MM } from '@/core/tools/pickTools';
import { OUTSIDE_WORDS } from '@/ui/words/walk';
import { FORMULA_VERSION } from '@/core/job/seatFit';
import type { SeatView } from '@/core/job/seatView';
import { asText, showSize } from '@/core/quantity/format';
import { useJob } from '@/bench/record/JobProvider';
import { token, TYPE } from '@/ui/theme/tokens';
import { CAUTIONS } from '@/ui/words/verdicts';
import { BlockList } from './BlockList';
import { ToolsHere } from './ToolsHere';
import { Lead, Text } from '@/ui/parts/text';

/** A seal has one way in: cold, on its steel rim, with a driver a size bigger than itself so that the casting stops it. */
export function SealWayIn({ view }: { view: SeatView }) {
  const { addEvent, job, record, person } = useJob();
  const units = person?.units ?? 'metric';
  const { seat, history } = view;
  const blocks = findBlocks(view, job);
  const isBelow = topDepthMm(seat) > BELOW_FLUSH_MM;
  return (
    <Box data-testid="way-in-slate">
      <Typography variant="h2">{seat.name}</Typography>
      <BlockList seatId={seat.id} blocks={blocks} />
      <Text sx={{ lineHeight: 1.35 }}>
        Cold, spring side toward what is to be held. Lip greased; a sleeve over thread or splines.{' '}
        {isBelow
          ? 'It stands below the face: a thin driver on its steel rim, as deep as it was found; a soft one by hand with the collar in.'
          : `Driver bigger than ${asText(showSize(seat.spec.part.outsideMm, units, 1))} on the steel rim: flush when the casting stops it.`}
        {record.kind !== 'seal_only' && ' Only when the metal has cooled.'} Its outside, here:{' '}
        {OUTSIDE_WORDS[sealOutsideFor([view])].toLowerCase()}; schools differ (dry, a trace of grease, a skim
        of sealant in a scored bed).
      </Text>
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
