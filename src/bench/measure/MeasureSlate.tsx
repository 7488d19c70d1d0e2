'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { counting } from '@/core/job/counting';
import { isSizedByBore } from '@/core/job/seatView';
import type { DoubtedReading } from '@/core/job/doubtedReading';
import type { SeatView } from '@/core/job/seatView';
import type { WarmReading } from '@/core/job/seatFit';
import { asText, showFit, showSize, showTemperature, type Units } from '@/core/quantity/format';
import { later } from '@/bench/record/later';
import { useJob } from '@/bench/record/JobProvider';
import { StateMark } from '@/ui/marks/StateMark';
import { token, TYPE } from '@/ui/theme/tokens';
import { FIT_WORDS } from '@/ui/words/verdicts';
import { saySizes } from '@/ui/words/sizes';
import { seatMark } from '@/ui/words/states';
import { Note, Quiet } from '@/ui/parts/text';
import { Ruled } from '@/ui/parts/layout';
import type { SeatHistory } from '@/core/project/jobState';
import type { Seat } from '@/core/record/job';
import { AngleHead, DepthRows } from './BoreTable';

const SeatCondition = later(() => import('./SeatCondition'), 'SeatCondition');

const FitFigures = later(() => import('./FitFigures'), 'FitFigures');
const EarlierRebuilds = later(() => import('@/bench/record/EarlierRebuilds'), 'EarlierRebuilds');

const PartDialog = later(() => import('@/bench/sizes/PartDialog'), 'PartDialog');
const Unsuited = later(() => import('@/bench/sizes/Unsuited'), 'Unsuited');

const SizesDialog = later(() => import('@/bench/sizes/SizesDialog'), 'SizesDialog');
type Opened = 'part' | 'sizes';

type Props = {
  view: SeatView;
  slot: string;
  hasThird: boolean;
  onThird: () => void;
  onSlot: (slot: string) => void;
};

/** Which one, among what. */
const sayDoubted = ({ reading, fellowsMm }: DoubtedReading, units: Units) =>
  `${showSize(reading.value, units, 3).figure} among ${showSize(fellowsMm, units, 3).figure}: `;

/** Brought back to 20 °C it still is a guess: casting and air are not one temperature. */
const sayWarm = ({ family, metalC, biggerMm }: WarmReading, units: Units) =>
  `The ${family === 'bore' ? 'bore' : 'part'} was read at ${asText(showTemperature(metalC, units))}: ` +
  `${asText(showFit(Math.abs(biggerMm), units))} ${biggerMm > 0 ? 'bigger' : 'smaller'} than at ` +
  `${asText(showTemperature(20, units))}; that is taken off. Measure again when it is as warm as the bench.`;

export function MeasureSlate({ view, slot, hasThird, onThird, onSlot }: Props) {
  const { person, keptIds } = useJob();
  const units = person?.units ?? 'metric';
  const [open, setOpen] = useState<Opened | null>(null);
  const { seat, fit, history, isMeasured, setAside } = view;
  const readings = counting(view.readings);
  const angles = hasThird ? [0, 60, 90] : [0, 90];
  const verdict = fit && FIT_WORDS[fit.judgement.verdict];
  return (
    <Box data-testid="measure-slate">
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5 }}>
        <StateMark name={seatMark(view.seatState)} size={38} />
        <Box sx={{ flex: 1 }}>
          <Typography variant="h2">{seat.name}</Typography>
          <Note>
            {seat.spec.part.designation}, {saySizes(seat.spec.part, units)}
          </Note>
        </Box>
      </Box>
      {view.unsuited.length > 0 && <Unsuited view={view} />}
      {verdict && (
        <Box sx={{ mt: 0.5 }}>
          <Typography variant="h3" data-testid="fit-verdict">
            {verdict.word}.
          </Typography>
          <Note>
            {isMeasured ? '' : 'From the usual fit where nothing is measured. '}
            {fit.doubted && sayDoubted(fit.doubted, units)}
            {verdict.meaning}
            {fit.warm && ` ${sayWarm(fit.warm, units)}`}
          </Note>
          <EarlierRebuilds view={view} units={units} most={1} />
        </Box>
      )}
      <Box
        component="table"
        sx={{
          width: '100%',
          borderCollapse: 'collapse',
          mt: 0.5,
          borderTop: `1.5px solid ${token('steel')}`,
          '& td, & th': { p: 0 },
        }}
      >
        <AngleHead angles={angles} />
        <DepthRows
          angles={angles}
          slot={slot}
          onSlot={onSlot}
          counting={readings}
          keptIds={keptIds}
          units={units}
          hasThird={hasThird}
        />
      </Box>
      {isSizedByBore(seat) && <CupNote />}
      <SeatCondition view={view} />
      {fit && <FitFigures view={view} fit={fit} units={units} counting={readings} />}
      <Condition
        onOpen={setOpen}
        hasThird={hasThird}
        onThird={onThird}
        isMeasured={isMeasured}
        history={history}
        seat={seat}
        setAside={setAside}
      />
      {open === 'part' && <PartDialog view={view} onClose={() => setOpen(null)} />}
      {open === 'sizes' && <SizesDialog seat={seat} onClose={() => setOpen(null)} />}
    </Box>
  );
}

/** Why no outside is asked for. */
const CupNote = () => (
  <Note role="note" data-testid="cup-note">
    A drawn cup is sized by its bore: free, it is out of round and its outside tells little. Measure the bore;
    a plug in the needles proves it when it is in.
  </Note>
);

type ConditionProps = {
  onOpen: (next: Opened) => void;
  hasThird: boolean;
  onThird: () => void;
  isMeasured: boolean;
  history: SeatHistory;
  seat: Seat;
  setAside: number;
};

function Condition({ onOpen, hasThird, onThird, isMeasured, history, seat, setAside }: ConditionProps) {
  const { addEvent } = useJob();
  return (
    <Ruled sx={{ display: 'flex', columnGap: 2, alignItems: 'center', flexWrap: 'wrap', mt: 0.5 }}>
      <Button
        variant="text"
        onClick={() => onOpen('part')}
        sx={{ px: 0, minHeight: 48, fontSize: TYPE.text }}
      >
        Another part
      </Button>
      <Button
        variant="text"
        onClick={() => onOpen('sizes')}
        sx={{ px: 0, minHeight: 48, fontSize: TYPE.text }}
      >
        Sizes
      </Button>
      {!hasThird && (
        <Button variant="text" onClick={onThird} sx={{ px: 0, minHeight: 48, fontSize: TYPE.text }}>
          A third across
        </Button>
      )}
      {!isMeasured && !history.usualFitAccepted && (
        <Button
          variant="text"
          onClick={() => addEvent('usual_fit_accepted', {}, { seatId: seat.id })}
          sx={{ px: 0, minHeight: 48, fontSize: TYPE.text }}
        >
          Not measured: usual fit
        </Button>
      )}
      {history.usualFitAccepted && !isMeasured && (
        <Box sx={{ fontSize: TYPE.small }}>
          Usual fit {'usualClass' in seat.spec && seat.spec.usualClass} taken.
        </Box>
      )}
      {setAside > 0 && (
        <Quiet sx={{ fontSize: TYPE.fine, ml: 'auto' }}>{setAside} struck out, in the record</Quiet>
      )}
    </Ruled>
  );
}
