'use client';
import Box from '@mui/material/Box';
import type { HeatRunView } from '@/core/job/heatRun';
import { isPushed } from '@/core/job/pushNow';
import { isHanging } from '@/core/job/hanging';
import type { SeatView } from '@/core/job/seatView';
import { isHeated } from '@/core/heat/waySorts';
import { asText, showClock, showFit, showForce, showTemperature, type Units } from '@/core/quantity/format';
import { STRETCH, TYPE } from '@/ui/theme/tokens';
import { Quiet } from '@/ui/parts/text';

type Count = { figure: string; unit: string; note: string };

/** Of a part that hangs in its bore: when, or at least how hot, both are free. */
function countOfRescue({ hotInS, freeC }: HeatRunView, units: Units): Count {
  if (hotInS !== null && hotInS > 0)
    return { figure: showClock(hotInS), unit: 'to go', note: 'until both are free' };
  return freeC === null
    ? { figure: '–', unit: '', note: 'no heat frees it' }
    : { ...showTemperature(freeC, units), note: 'frees both, together' };
}

/**
 * The second figure: what is planned while cold, time to go while heating, sure seconds once it is out. Null: this heat never gets
 * there.
 */
function countOf(run: HeatRunView, view: SeatView, units: Units): Count | null {
  const { heat, history } = view;
  const way = history.wayIn;
  if (isHanging(view)) return countOfRescue(run, units);
  if (heat.phase === 'in_heat' && heat.source === 'gun')
    return {
      ...showTemperature(way?.housingC ?? heat.sourceC, units),
      note: 'wanted in the boss, by the probe',
    };
  if (heat.phase === 'in_heat')
    return run.hotInS === null || run.hotInS <= 0
      ? null
      : {
          figure: showClock(run.hotInS),
          unit: 'to go',
          note: 'until it is hot enough to work in',
        };
  // Nothing can be said of seconds: what is wanted stands there.
  const isUnknown = run.now === null || heat.phase === 'cold';
  if (isUnknown && way && isHeated(way.way))
    return {
      ...showTemperature(way.housingC, units),
      note: way.heatedBy === 'gun' ? 'planned for the boss' : 'planned for the casting',
    };
  if (run.now === null) return { figure: '–', unit: '', note: 'the fit is not known' };
  return {
    figure: run.sureLeftS === null ? '900+' : String(Math.floor(run.sureLeftS)),
    unit: 's sure',
    note: run.likelyLeftS === null ? 'likely over 900' : `likely ${Math.floor(run.likelyLeftS)}`,
  };
}

export function Figures({ run, units, view }: { run: HeatRunView; units: Units; view: SeatView }) {
  const micro = units === 'metric' ? 'metric_um' : units;
  const isFalling = !isPushed(view);
  // No seconds are sure for blows: they go on as long as it is warm.
  const isCounted = isFalling || view.heat.phase !== 'out';
  const clearance = isFalling && run.now && showFit(Math.abs(run.now.clearanceMm.value), micro);
  const seconds = countOf(run, view, units);
  return (
    <Box
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        columnGap: { xs: 2, md: 4 },
        rowGap: 1,
        alignItems: 'flex-end',
      }}
    >
      {clearance && run.now && (
        <Big
          figure={clearance.figure}
          unit={clearance.unit}
          word={run.now.clearanceMm.value >= 0 ? 'clear' : 'tight'}
          note={`± ${showFit(2 * run.now.clearanceMm.u, micro).figure}, at least ${showFit(run.marginMm, micro).figure}`}
          id="clearance"
        />
      )}
      {run.push && <ForceFigure forceN={run.push.forceN} units={units} />}
      {isCounted && seconds && (
        <Big figure={seconds.figure} unit={seconds.unit} word="" note={seconds.note} id="seconds" />
      )}
      {isCounted && !seconds && (
        <Box sx={{ fontSize: TYPE.head, fontWeight: 750, pb: 3 }}>
          This heat never gets there: turn it up.
        </Box>
      )}
    </Box>
  );
}

/** How hard it has to be pushed, as warm and cold as everything is now. */
export function ForceFigure({ forceN, units }: { forceN: { low: number; high: number }; units: Units }) {
  const { figure, unit } = showForce(forceN.high, units);
  return (
    <Big
      figure={figure}
      unit={unit}
      word="at most"
      note={`now, from ${asText(showForce(forceN.low, units))}; oiled`}
      id="force"
    />
  );
}

/** A figure for two metres, with its unit and what it means. */
export function Big({
  figure,
  unit,
  word,
  note,
  id,
  isSmall = false,
}: {
  figure: string;
  unit: string;
  word: string;
  note: string;
  id: string;
  /** Where a picture beside it says as much. */
  isSmall?: boolean;
}) {
  return (
    <Box sx={{ display: 'flex', alignItems: 'flex-end', gap: 1.5 }}>
      <Box
        sx={{
          // Sized by the screen: readable at two metres on a tablet, whole on a phone, and beside its neighbour at 1024.
          fontSize: isSmall
            ? 'clamp(56px, 8vw, 104px)'
            : figure.length > 3
              ? 'clamp(56px, 9vw, 116px)'
              : 'clamp(72px, 13.4vw, 172px)',
          fontWeight: 850,
          fontStretch: STRETCH.headline,
          lineHeight: 0.86,
          letterSpacing: '-0.02em',
        }}
        data-testid={`run-${id}`}
      >
        {figure}
      </Box>
      <Box sx={{ lineHeight: 1.1, pb: 0.5 }}>
        <Box sx={{ fontSize: TYPE.head, fontWeight: 700 }}>{unit}</Box>
        <Box sx={{ fontSize: TYPE.head, fontWeight: 700 }}>{word}</Box>
        <Quiet sx={{ fontSize: TYPE.lead }}>{note}</Quiet>
      </Box>
    </Box>
  );
}
