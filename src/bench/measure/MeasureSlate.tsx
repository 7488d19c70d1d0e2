'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { smoothingLossMm } from '@/core/fit/interference';
import { showForce, showFit, showSize, asText } from '@/core/quantity/format';
import { countingReadings, type CurrentReading } from '@/core/job/currentReadings';
import type { SeatView } from '@/core/job/seatView';
import { EarlierRebuilds } from '@/bench/record/EarlierRebuilds';
import { useJob } from '@/bench/record/JobProvider';
import { useLoaded } from '@/bench/record/useLoaded';
import { StateMark } from '@/ui/marks/StateMark';
import { STRETCH, token, TYPE } from '@/ui/theme/tokens';
import { acrossWords } from '@/ui/words/moves';
import { DOUBT_WORDS, FIT_WORDS } from '@/ui/words/verdicts';
import { seatMark } from '@/ui/words/states';
import { BoreShape } from './BoreShape';
import { FitPlot } from './FitPlot';
import { SeatCondition } from './SeatCondition';
import { Note, Quiet } from '@/ui/parts/text';
import { Ruled } from '@/ui/parts/layout';

const loadSizes = () => import('./SizesDialog');

type Props = {
  view: SeatView;
  slot: string;
  hasThird: boolean;
  onThird: () => void;
  onSlot: (slot: string) => void;
};

const cell = {
  fontSize: TYPE.lead,
  fontWeight: 700,
  fontStretch: STRETCH.headline,
  textAlign: 'right' as const,
  minHeight: 28,
  px: 0.75,
  cursor: 'pointer',
  border: 0,
  background: 'none',
  color: 'inherit',
  fontFamily: 'inherit',
};

export function MeasureSlate({ view, slot, hasThird, onThird, onSlot }: Props) {
  const { person, addEvent, keptIds } = useJob();
  const units = person?.units ?? 'metric';
  const [isSizing, setSizing] = useState(false);
  const sizes = useLoaded(loadSizes, isSizing);
  const { seat, fit, history, isMeasured } = view;
  const counting = countingReadings(view.readings, '');
  const struckCount = view.readings.filter(
    ({ status, slot: name }) => status !== 'counts' && !name.startsWith('depth'),
  ).length;
  const angles = hasThird ? [0, 60, 90] : [0, 90];
  const verdict = fit && FIT_WORDS[fit.judgement.verdict];
  return (
    <Box data-testid="measure-slate">
      <Box sx={{ display: 'flex', alignItems: 'center', gap: 1.5 }}>
        <StateMark name={seatMark(view.seatState)} size={38} />
        <Box sx={{ flex: 1 }}>
          <Typography variant="h2">{seat.name}</Typography>
          <Note>
            {seat.spec.part.designation}, {seat.spec.part.boreMm} × {seat.spec.part.outsideMm} ×{' '}
            {seat.spec.part.widthMm}
          </Note>
        </Box>
      </Box>
      {verdict && (
        <Box sx={{ mt: 0.5 }}>
          <Typography variant="h3" data-testid="fit-verdict">
            {verdict.word}.
          </Typography>
          <Note>
            {isMeasured ? '' : 'From the usual fit where nothing is measured. '}
            {verdict.meaning}
            {fit.isProvisional ? ' Read on warm or cold metal: provisional.' : ''}
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
        <thead>
          <tr>
            <Box
              component="th"
              sx={{ textAlign: 'left', fontWeight: 450, fontSize: TYPE.fine, color: token('steel') }}
            >
              bore
            </Box>
            {angles.map((angle) => (
              <Box
                component="th"
                key={angle}
                sx={{
                  textAlign: 'right',
                  fontWeight: 450,
                  fontSize: TYPE.fine,
                  color: token('steel'),
                  pr: '6px !important',
                }}
              >
                {acrossWords(angle)}
              </Box>
            ))}
          </tr>
        </thead>
        <tbody>
          {[1, 2].map((plane) => (
            <tr key={plane}>
              <Box component="td" sx={{ fontSize: TYPE.small }}>
                {plane === 1 ? 'near the mouth' : 'near the shoulder'}
              </Box>
              {angles.map((angle) => (
                <td key={angle} style={{ textAlign: 'right' }}>
                  <ReadingCell
                    name={`bore.${plane}.${angle}`}
                    slot={slot}
                    onSlot={onSlot}
                    readings={counting}
                    keptIds={keptIds}
                    show={(mm) => showSize(mm, units).figure}
                  />
                </td>
              ))}
            </tr>
          ))}
          <Box component="tr" sx={{ borderTop: `1px solid ${token('rule')}` }}>
            <Box component="td" sx={{ fontSize: TYPE.small }}>
              bearing outside
            </Box>
            {[0, 90].map((angle) => (
              <td key={angle} style={{ textAlign: 'right' }}>
                <ReadingCell
                  name={`outside.${angle}`}
                  slot={slot}
                  onSlot={onSlot}
                  readings={counting}
                  keptIds={keptIds}
                  show={(mm) => showSize(mm, units).figure}
                />
              </td>
            ))}
            {hasThird && <td />}
          </Box>
        </tbody>
      </Box>
      <SeatCondition view={view} />
      {fit && (
        <>
          <FitPlot view={view} units={units} />
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
                {fit.bore.taperMm !== null
                  ? `, taper ${asText(showFit(Math.abs(fit.bore.taperMm), units))}`
                  : ''}
                ; lobes unseen.
              </Box>
            )}
            <Quiet>
              {DOUBT_WORDS[fit.interference.largestDoubt]} Less {asText(showFit(smoothingLossMm(), units))}{' '}
              smoothing.
            </Quiet>
          </Box>
        </>
      )}
      <Ruled sx={{ display: 'flex', columnGap: 2, alignItems: 'center', flexWrap: 'wrap', mt: 0.5 }}>
        <Button
          variant="text"
          onClick={() => setSizing(true)}
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
          <Box sx={{ fontSize: TYPE.small }}>Usual fit {seat.spec.usualClass} taken.</Box>
        )}
        {struckCount > 0 && (
          <Quiet sx={{ fontSize: TYPE.fine, ml: 'auto' }}>{struckCount} struck out, in the record</Quiet>
        )}
      </Ruled>
      {isSizing && sizes && <sizes.SizesDialog seat={seat} onClose={() => setSizing(false)} />}
    </Box>
  );
}

function ReadingCell({
  name,
  slot,
  onSlot,
  readings,
  keptIds,
  show,
}: {
  name: string;
  slot: string;
  onSlot: (slot: string) => void;
  readings: readonly CurrentReading[];
  keptIds: ReadonlySet<string>;
  show: (mm: number) => string;
}) {
  const reading = readings.find((each) => each.slot === name);
  const isWaiting = slot === name;
  const isKept = reading !== undefined && keptIds.has(reading.id);
  return (
    <Box
      component="button"
      tabIndex={-1}
      onClick={() => onSlot(name)}
      data-slot={name}
      data-stored={reading ? !isKept : undefined}
      title={reading ? (isKept ? 'kept here, not yet sent' : 'stored') : undefined}
      sx={{
        ...cell,
        ...(isWaiting && !reading
          ? { backgroundColor: token('block'), color: token('onBlock'), fontWeight: 500 }
          : isWaiting
            ? { boxShadow: `inset 0 0 0 2px ${token('ink')}` }
            : {}),
      }}
    >
      {reading ? show(reading.value) : isWaiting ? 'waiting' : '—'}
      {isKept && (
        <Box component="span" sx={{ fontSize: TYPE.fine, fontWeight: 500, ml: 0.5 }}>
          kept here
        </Box>
      )}
    </Box>
  );
}
