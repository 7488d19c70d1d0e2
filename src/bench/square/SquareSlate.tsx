'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { asText, showFit } from '@/core/quantity/format';
import { isConverging } from '@/core/job/squarePasses';
import type { SeatView } from '@/core/job/seatView';
import { clockWords, type Squareness } from '@/core/seating/squareness';
import { useJob } from '@/bench/record/JobProvider';
import { StateMark } from '@/ui/marks/StateMark';
import { STRETCH, token } from '@/ui/theme/tokens';
import { seatMark } from '@/ui/words/states';
import { CAUTIONS, SQUARE_WORDS } from '@/ui/words/verdicts';

const canAccept = ({ verdict }: Squareness) => verdict === 'square' || verdict === 'within_limit';

type Props = { view: SeatView; hasEight: boolean; onNewPass: () => void; onEight: () => void };

export function SquareSlate({ view, hasEight, onNewPass, onEight }: Props) {
  const { person, addEvent } = useJob();
  const units = person?.units ?? 'metric';
  const pass = view.passes.at(-1);
  const result = pass?.result ?? null;
  const converging = isConverging(view.passes);
  const { accepted } = view.history;
  const accept = (overruled: boolean) =>
    pass && addEvent('square_accepted', { pass: pass.pass, overruled }, { seatId: view.seat.id });
  return (
    <Box data-testid="square-slate">
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
        <StateMark name={seatMark(view.seatState)} size={38} />
        <Box>
          <Typography variant="h2">{view.seat.name}</Typography>
          <Box sx={{ fontSize: 16, color: token('steel') }}>
            {pass
              ? `pass ${pass.pass}, ${pass.sense === 'sunk' ? 'sunk below the face' : 'standing out of the face'}`
              : 'not read round yet'}
          </Box>
        </Box>
      </Box>
      {result && (
        <Box sx={{ mt: 1.5 }}>
          <Typography variant="h2" data-testid="square-verdict">
            {SQUARE_WORDS[result.verdict]}.
          </Typography>
          <Box sx={{ fontSize: 50, fontWeight: 800, fontStretch: STRETCH.headline, lineHeight: 1.05 }}>
            {showFit(result.tiltAcrossRingMm, units).figure}
            <Box component="span" sx={{ fontSize: 22, ml: 1 }}>
              ± {showFit(2 * result.uTiltAcrossRingMm, units).figure} {showFit(0, units).unit} across the race
            </Box>
          </Box>
          <Box sx={{ fontSize: 17, mt: 1, lineHeight: 1.35 }}>
            {result.tapAtDeg !== null && result.verdict !== 'within_limit' && (
              <Box>
                <b>Tap at {clockWords(result.tapAtDeg)}</b>: it stands{' '}
                {asText(showFit(result.tiltAcrossRingMm, units))} high there.
              </Box>
            )}
            {result.verdict === 'square' && (
              <Box>
                Under the noise floor of {asText(showFit(result.noiseFloorMm, units))}: no lean can be told
                from the readings’ own scatter.
              </Box>
            )}
            {result.verdict === 'cannot_tell' && (
              <Box>
                The lean is near the limit and the readings scatter as much. Read again, or eight round.
              </Box>
            )}
            {result.misread?.kind === 'one_of_four' && (
              <Box>These four do not lie in one plane; which one is wrong takes more than four.</Box>
            )}
            {result.misread?.kind === 'this_one' && pass && (
              <Box>
                The one {`at ${clockWords(pass.readings[result.misread.reading.index]!.angleDeg)}`} is out by{' '}
                {asText(showFit(Math.abs(result.misread.reading.minusPredictionMm), units))}: read it again.
              </Box>
            )}
            <Box sx={{ color: token('steel') }}>
              Limit without a manual: {asText(showFit(result.limitMm, units))}.{' '}
              {converging === null
                ? ''
                : converging
                  ? 'The passes converge.'
                  : 'The passes do not converge: stop, back it out, start again.'}
            </Box>
          </Box>
        </Box>
      )}
      {!result && pass && (
        <Box sx={{ mt: 2, fontSize: 18 }}>
          {pass.readings.length} of 4 read. Four make a plane and show a slip.
        </Box>
      )}
      {accepted ? (
        <Box sx={{ mt: 2, fontSize: 19, fontWeight: 750 }}>
          {accepted.overruled ? 'Taken as it is, on the person’s word.' : 'Proven square and on record.'}
        </Box>
      ) : (
        result && (
          <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1.25, mt: 2, alignItems: 'flex-start' }}>
            {canAccept(result) && (
              <Button variant="contained" onClick={() => accept(false)}>
                It is square: keep it
              </Button>
            )}
            {!canAccept(result) && (
              <Button variant="contained" onClick={onNewPass}>
                Tapped: read round again
              </Button>
            )}
            {canAccept(result) && (
              <Button variant="outlined" onClick={onNewPass}>
                Another pass
              </Button>
            )}
            {result.misread && !hasEight && (
              <Button variant="outlined" onClick={onEight}>
                Read eight round
              </Button>
            )}
            {!canAccept(result) && (
              <Button variant="text" sx={{ px: 0 }} onClick={() => accept(true)}>
                The manual allows it: keep it so
              </Button>
            )}
            {!canAccept(result) && <Box sx={{ fontSize: 15, color: token('steel') }}>{CAUTIONS.press}</Box>}
          </Box>
        )
      )}
    </Box>
  );
}
