'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from '@/ui/parts/Link';
import { type ReactNode } from 'react';
import { FORMULA_VERSION, type SeatFit } from '@/core/job/seatFit';
import type { ProjectedJob } from '@/core/project/project';
import type { SeatView } from '@/core/job/seatView';
import { asText, showFit, showForce, showTemperature, type Units } from '@/core/quantity/format';
import { REFERENCE_C } from '@/core/quantity/measured';
import { EarlierRebuilds } from '@/bench/record/EarlierRebuilds';
import { MARK_WORDS, StateMark } from '@/ui/marks/StateMark';
import { token, TYPE } from '@/ui/theme/tokens';
import { seatMark } from '@/ui/words/states';
import { saySizes } from '@/ui/words/sizes';
import { FIT_FIGURE_WORDS, sayFit } from '@/ui/words/fits';
import { FIT_WORDS, SQUARE_WORDS, WAY_WORDS } from '@/ui/words/verdicts';
import { Quiet } from '@/ui/parts/text';
import type { Seat, Casting } from '@/core/record/job';
import type { Squareness } from '@/core/seating/squareness';

type SheetHeadProps = {
  view: SeatView;
  seat: Seat;
  record: ProjectedJob;
  casting: Casting;
  fit: SeatFit | null;
  units: Units;
  pass: Squareness | null | undefined;
  drawing: ReactNode;
};

/** What seat it is, with its sizes and fits. */
export function SheetHead({ view, seat, record, casting, fit, units, pass, drawing }: SheetHeadProps) {
  return (
    <Box>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'center' }}>
        <StateMark name={seatMark(view.seatState)} size={44} />
        <Box>
          <Typography variant="h2">{seat.name}</Typography>
          <Quiet>
            {record.machine}, {casting.name} · job {record.number}
          </Quiet>
        </Box>
      </Box>
      <SheetFigures view={view} seat={seat} fit={fit} units={units} pass={pass} />
      <Box sx={{ mt: 1 }}>
        <EarlierRebuilds view={view} units={units} />
      </Box>
      <Box className="no-print" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.25, mt: 2 }}>
        <Button variant="outlined" component={Link} href={`/jobs/${record.id}/sheet?for=customer`}>
          Sheet for the customer
        </Button>
        <Button variant="outlined" component={Link} href={`/jobs/${record.id}/sheet?for=workshop`}>
          Sheet of the whole job
        </Button>
        <Button variant="text" onClick={() => window.print()}>
          Print this seat
        </Button>
        <Button variant="outlined" component="a" href={`/api/v1/jobs/${record.id}/export`} download>
          Job as a file
        </Button>
        <Button variant="outlined" component="a" href={`/api/v1/jobs/${record.id}/readings.csv`} download>
          Readings as CSV
        </Button>
      </Box>
      <Box sx={{ height: 400, mt: 2, breakInside: 'avoid' }}>{drawing}</Box>
    </Box>
  );
}

type SheetFiguresProps = {
  view: SeatView;
  seat: Seat;
  fit: SeatFit | null;
  units: Units;
  pass: Squareness | null | undefined;
};

function SheetFigures({ view, seat, fit, units, pass }: SheetFiguresProps) {
  return (
    <Box
      component="dl"
      sx={{
        display: 'grid',
        gridTemplateColumns: '128px 1fr',
        rowGap: 0.75,
        mt: 2,
        fontSize: TYPE.text,
        '& dt': { color: token('steel') },
        '& dd': { m: 0, fontWeight: 650 },
      }}
    >
      <dt>state</dt>
      <dd>{MARK_WORDS[seatMark(view.seatState)]}</dd>
      <dt>bearing</dt>
      <dd>
        {seat.spec.part.designation}, {saySizes(seat.spec.part, units)}
      </dd>
      {fit && (
        <>
          <dt>fit at {asText(showTemperature(REFERENCE_C, units))}</dt>
          <dd>
            {sayFit(fit.benchMm, units)}, {FIT_FIGURE_WORDS.hold}
          </dd>
          <dd style={{ gridColumn: 2 }}>
            {sayFit(fit.interference.meanMm, units)}, {FIT_FIGURE_WORDS.mean}
          </dd>
          <dd style={{ gridColumn: 2 }}>
            {sayFit(fit.interference.forDropMm, units)}, {FIT_FIGURE_WORDS.drop}
          </dd>
          <dt>running</dt>
          <dd>{sayFit(fit.runningMm, units)}, smoothed</dd>
          <dt>verdict</dt>
          <dd>{FIT_WORDS[fit.judgement.verdict].word}</dd>
        </>
      )}
      {fit?.push && (
        <>
          <dt>cold push</dt>
          <dd>
            {asText(showForce(fit.push.forceN.low, units))} to{' '}
            {asText(showForce(fit.push.forceN.high, units))}
          </dd>
        </>
      )}
      {view.history.wayIn && (
        <>
          <dt>way in</dt>
          <dd>
            {WAY_WORDS[view.history.wayIn.way].name}
            {view.history.wayIn.heatedBy === 'gun' ? ', hot air on the boss' : ''}
          </dd>
        </>
      )}
      {pass && (
        <>
          <dt>square</dt>
          <dd>
            {SQUARE_WORDS[pass.verdict]}, {asText(showFit(pass.tiltAcrossRingMm, units))} ±{' '}
            {showFit(2 * pass.uTiltAcrossRingMm, units).figure}
          </dd>
        </>
      )}
      <dt>formulas</dt>
      <dd>{FORMULA_VERSION}</dd>
    </Box>
  );
}
