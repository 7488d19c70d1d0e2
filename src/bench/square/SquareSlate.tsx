'use client';
import { isConverging, type JudgedPass, passesOf, wouldEightTell } from '@/core/job/squarePasses';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { asText, showFit, type Units } from '@/core/quantity/format';
import { isOffSaidDepth, judgePassDepth, type DepthJudgement } from '@/core/job/depthJudgement';
import type { SeatView } from '@/core/job/seatView';
import { clockWords } from '@/core/seating/clockWords';
import type { Squareness } from '@/core/seating/squareness';
import { useJob } from '@/bench/record/JobProvider';
import { later } from '@/bench/record/later';
import { StateMark } from '@/ui/marks/StateMark';
import { STRETCH, TYPE } from '@/ui/theme/tokens';
import { seatMark } from '@/ui/words/states';
import { DEPTH_SOURCE_WORDS, sayDepth } from '@/ui/words/depths';
import { CAUTIONS, DEPTH_WORDS, SQUARE_WORDS } from '@/ui/words/verdicts';
import { Lead, Note, Quiet, Text } from '@/ui/parts/text';
import { Column } from '@/ui/parts/layout';

const EarLink = later(() => import('./EarLink'), 'EarLink');

const canAccept = ({ verdict }: Squareness) => verdict === 'square' || verdict === 'within_limit';

type Props = { view: SeatView; hasEight: boolean; onNewPass: () => void; onEight: () => void };

export function SquareSlate({ view, ...todo }: Props) {
  const { person } = useJob();
  const units = person?.units ?? 'metric';
  const pass = passesOf(view).at(-1);
  const result = pass?.result ?? null;
  const { accepted } = view.history;
  return (
    <Box data-testid="square-slate">
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
        <StateMark name={seatMark(view.seatState)} size={38} />
        <Box>
          <Typography variant="h2">{view.seat.name}</Typography>
          <Note>
            {pass
              ? `pass ${pass.pass}, ${pass.sense === 'sunk' ? 'sunk below the face' : 'standing out of the face'}`
              : 'not read round yet'}
          </Note>
        </Box>
      </Box>
      {pass && result && <Judgement view={view} pass={pass} result={result} units={units} />}
      {!result && pass && (
        <Lead sx={{ mt: 2 }}>{pass.readings.length} of 4 read. Four make a plane and show a slip.</Lead>
      )}
      <EarLink view={view} />
      {accepted ? (
        <Lead sx={{ mt: 2, fontWeight: 750 }}>
          {accepted.overruled ? 'Taken as it is, on the person’s word.' : 'Proven square and on record.'}
        </Lead>
      ) : (
        pass && result && <WhatNow view={view} pass={pass} result={result} {...todo} />
      )}
    </Box>
  );
}

type JudgementProps = { view: SeatView; pass: JudgedPass; result: Squareness; units: Units };

function Judgement({ view, pass, result, units }: JudgementProps) {
  const converging = isConverging(passesOf(view));
  const depth = judgePassDepth(view, pass);
  return (
    <Box sx={{ mt: 1.5 }}>
      <Typography variant="h2" data-testid="square-verdict">
        {SQUARE_WORDS[result.verdict]}.
      </Typography>
      <Box sx={{ fontSize: TYPE.big, fontWeight: 800, fontStretch: STRETCH.headline, lineHeight: 1.05 }}>
        {showFit(result.tiltAcrossRingMm, units).figure}
        <Box component="span" sx={{ fontSize: TYPE.title, ml: 1 }}>
          ± {showFit(2 * result.uTiltAcrossRingMm, units).figure} {showFit(0, units).unit} across the race
        </Box>
      </Box>
      <Text sx={{ mt: 1, lineHeight: 1.35 }}>
        <WhatItMeans pass={pass} result={result} units={units} />
        {depth && <Depth depth={depth} units={units} />}
        <Quiet>
          Limit without a manual: {asText(showFit(result.limitMm, units))}.{' '}
          {converging === null
            ? ''
            : converging
              ? 'The passes converge.'
              : 'The passes do not converge: stop, back it out, start again.'}
        </Quiet>
      </Text>
    </Box>
  );
}

/** Does it stand where it must? Square alone does not say so. */
const Depth = ({ depth, units }: { depth: DepthJudgement; units: Units }) => (
  <Box data-testid="depth-verdict">
    <b>{DEPTH_WORDS[depth.verdict]}</b>: {sayDepth(depth.readMm.value, units)} ±{' '}
    {showFit(2 * depth.readMm.u, units).figure}, wanted {sayDepth(depth.depthMm, units)} ±{' '}
    {showFit(depth.toleranceMm, units).figure},{' '}
    {depth.from === 'drawn' ? 'as drawn' : DEPTH_SOURCE_WORDS[depth.from]}.
  </Box>
);

/** Where to tap, what the readings can not tell and what would, or which of them is wrong. */
function WhatItMeans({ pass, result, units }: Omit<JudgementProps, 'view'>) {
  const fit = (mm: number) => asText(showFit(mm, units));
  const { misread, wouldTell, tapAtDeg } = result;
  return (
    <>
      {tapAtDeg !== null && result.verdict !== 'within_limit' && (
        <Box>
          <b>Tap at {clockWords(tapAtDeg)}</b>: it stands {fit(result.tiltAcrossRingMm)} high there.
        </Box>
      )}
      {result.verdict === 'square' && (
        <Box>
          Under the noise floor of {fit(result.noiseFloorMm)}: no lean can be told from the readings’ own
          scatter.
        </Box>
      )}
      {wouldTell && (
        <Box data-testid="would-tell">
          These readings scatter as much as a lean of {fit(result.noiseFloorMm)} would.{' '}
          {wouldTell.moreReadings} more round it would tell, or a gauge good to {fit(wouldTell.gaugeSigmaMm)}{' '}
          (u).
        </Box>
      )}
      {misread?.kind === 'one_of_four' && (
        <Box>These four do not lie in one plane; which one is wrong takes more than four.</Box>
      )}
      {misread?.kind === 'this_one' && (
        <Box>
          The one {`at ${clockWords(pass.readings[misread.reading.index]!.angleDeg)}`} is out by{' '}
          {fit(Math.abs(misread.reading.minusPredictionMm))}: read it again.
        </Box>
      )}
    </>
  );
}

type WhatNowProps = Props & { pass: JudgedPass; result: Squareness };

function WhatNow({ view, pass, result, hasEight, onNewPass, onEight }: WhatNowProps) {
  const { addEvent } = useJob();
  const accept = (overruled: boolean) =>
    addEvent('square_accepted', { pass: pass.pass, overruled }, { seatId: view.seat.id });
  const isSquare = canAccept(result);
  const isOffDepth = isOffSaidDepth(judgePassDepth(view, pass));
  const isUnseen = result.verdict === 'cannot_tell' && result.tapAtDeg === null;
  const isEightWanted = !hasEight && (result.misread !== null || wouldEightTell(pass));
  return (
    <Column sx={{ gap: 1.25, mt: 2, alignItems: 'flex-start' }}>
      {isSquare && !isOffDepth && (
        <Button variant="contained" onClick={() => accept(false)}>
          It is square: keep it
        </Button>
      )}
      {isSquare && isOffDepth && (
        <>
          <Button variant="contained" onClick={onNewPass}>
            Moved: read round again
          </Button>
          <Button variant="text" sx={{ px: 0 }} onClick={() => accept(true)}>
            Square, and this depth is right: keep it so
          </Button>
        </>
      )}
      {isEightWanted && (
        <Button variant={isUnseen ? 'contained' : 'outlined'} onClick={onEight}>
          Read eight round
        </Button>
      )}
      {!isSquare && !isUnseen && (
        <Button variant="contained" onClick={onNewPass}>
          Tapped: read round again
        </Button>
      )}
      {isUnseen && (
        <Button variant={isEightWanted ? 'outlined' : 'contained'} onClick={() => accept(true)}>
          Even gap all round: keep it so
        </Button>
      )}
      {((isSquare && !isOffDepth) || isUnseen) && (
        <Button variant="outlined" onClick={onNewPass}>
          Another pass
        </Button>
      )}
      {!isSquare && !isUnseen && (
        <>
          <Button variant="text" sx={{ px: 0 }} onClick={() => accept(true)}>
            The manual allows it: keep it so
          </Button>
          <Quiet sx={{ fontSize: TYPE.fine }}>{CAUTIONS.press}</Quiet>
        </>
      )}
    </Column>
  );
}
