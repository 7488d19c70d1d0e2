'use client';
import Box from '@mui/material/Box';
import type { SeatFit } from '@/core/job/seatFit';
import type { SeatView } from '@/core/job/seatView';
import type { CurrentReading } from '@/core/project/readings';
import { asText, showFit, showForce, type Units } from '@/core/quantity/format';
import { Quiet } from '@/ui/parts/text';
import { token, TYPE } from '@/ui/theme/tokens';
import { FIT_FIGURE_WORDS, sayTight } from '@/ui/words/fits';
import { DOUBT_WORDS } from '@/ui/words/verdicts';
import { BoreShape } from './BoreShape';
import { FitPlot } from './FitPlot';
import { RunningStates } from './RunningStates';

type Props = { view: SeatView; fit: SeatFit; units: Units; counting: CurrentReading[] };

/** What the readings come to: the fit drawn, in words, and in each state of the machine. */
export const FitFigures = ({ view, fit, units, counting }: Props) => (
  <>
    <FitPlot view={view} units={units} />
    <InWords fit={fit} units={units} counting={counting} />
    <RunningStates view={view} fit={fit} units={units} />
  </>
);

type InWordsProps = {
  fit: SeatFit;
  units: Units;
  counting: CurrentReading[];
};

/** Force, shape, the largest doubt, and the fit's three figures by their names. */
function InWords({ fit, units, counting }: InWordsProps) {
  return (
    <Box
      sx={{
        fontSize: TYPE.small,
        borderTop: `1.5px solid ${token('steel')}`,
        pt: 0.5,
        lineHeight: 1.25,
      }}
    >
      {fit.push && (
        <Box>
          Cold, oiled:{' '}
          <b>
            {asText(showForce(fit.push.forceN.low, units))} to{' '}
            {asText(showForce(fit.push.forceN.high, units))}
          </b>{' '}
          to push, {fit.push.pressureMPa.low.toFixed(0)}–{fit.push.pressureMPa.high.toFixed(0)} MPa.
        </Box>
      )}
      {fit.bore && <BoreShape readings={counting} units={units} />}
      {fit.bore?.outOfRoundMm != null && (
        <Box>
          Out of round {asText(showFit(fit.bore.outOfRoundMm, units))}
          {fit.bore.taperMm !== null ? `, taper ${asText(showFit(Math.abs(fit.bore.taperMm), units))}` : ''};
          lobes unseen.
        </Box>
      )}
      <Quiet>
        {DOUBT_WORDS[fit.interference.largestDoubt]} {sayTight(fit.interference.meanMm.value, units)}{' '}
        {FIT_FIGURE_WORDS.mean}; {sayTight(fit.benchMm.value, units)} {FIT_FIGURE_WORDS.hold};{' '}
        {sayTight(fit.interference.forDropMm.value, units)} {FIT_FIGURE_WORDS.drop}.
      </Quiet>
    </Box>
  );
}
