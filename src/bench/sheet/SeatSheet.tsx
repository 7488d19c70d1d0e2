'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import { timedEvents } from '@/core/job/currentReadings';
import { FORMULA_VERSION } from '@/core/job/seatFit';
import type { SeatView } from '@/core/job/seatView';
import type { JobEvent } from '@/core/record/entries';
import { asText, showFit, showForce, showTemperature, type Units } from '@/core/quantity/format';
import { EarlierRebuilds } from '@/bench/record/EarlierRebuilds';
import { useJob, useSeatView } from '@/bench/record/JobProvider';
import { MARK_WORDS, StateMark } from '@/ui/marks/StateMark';
import { token, TYPE } from '@/ui/theme/tokens';
import { clock, sayEvent } from '@/ui/words/events';
import { slotWords } from '@/ui/words/moves';
import { seatMark } from '@/ui/words/states';
import { FIT_WORDS, SQUARE_WORDS, WAY_WORDS } from '@/ui/words/verdicts';
import { RetimeDialog } from './RetimeDialog';
import { Quiet } from '@/ui/parts/text';

type Line = {
  id: string;
  at: string;
  person: string;
  what: string;
  figure: string;
  note: string;
  isStruck: boolean;
  isKept: boolean;
  canRetime: boolean;
};

/** Events whose moment the heat run counts from. */
const TIMED: readonly JobEvent['kind'][] = [
  'part_into_freezer',
  'casting_into_heat',
  'casting_out',
  'let_go',
  'home',
  'stuck',
];

/** Every reading and event of the seat and its casting, in the order in which they happened. */
function linesOf(
  view: SeatView,
  record: ReturnType<typeof useJob>['record'],
  keptIds: ReadonlySet<string>,
  units: Units,
): Line[] {
  const initials = new Map(record.people.map(({ id, initials: text }) => [id, text]));
  const instruments = new Map(record.instruments.map(({ id, name }) => [id, name]));
  const readings = view.readings.map((reading): Line => ({
    id: reading.id,
    at: reading.takenAt,
    person: initials.get(reading.personId) ?? '',
    what: slotWords(reading.slot),
    figure: reading.typed,
    note: `${instruments.get(reading.instrumentId) ?? ''}, metal ${asText(showTemperature(reading.metalC, units))}`,
    isStruck: reading.status !== 'counts',
    isKept: keptIds.has(reading.id),
    canRetime: false,
  }));
  const events = timedEvents(record.entries.events)
    .filter((event) => event.seatId === view.seat.id || event.castingId === view.casting.id)
    .map((event): Line => ({
      id: event.id,
      at: event.at,
      person: initials.get(event.personId) ?? '',
      what: sayEvent(event, units),
      figure: '',
      note: '',
      isStruck: event.isWithdrawn,
      isKept: keptIds.has(event.id),
      canRetime: TIMED.includes(event.kind) && !event.isWithdrawn,
    }));
  return [...readings, ...events].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
}

/** The seat's sheet: result first, then everything that led to it. Prints as it stands. */
export function SeatSheet({ seatId, drawing }: { seatId: string; drawing: ReactNode }) {
  const { record, person, keptIds, nowMs, addEvent } = useJob();
  const [retiming, setRetiming] = useState<Line | null>(null);
  const view = useSeatView(seatId);
  const units = person?.units ?? 'metric';
  if (!view) return null;
  const { seat, fit, casting } = view;
  const pass = view.passes.at(-1)?.result;
  const lines = linesOf(view, record, keptIds, units);
  return (
    <Box
      sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', md: '372px 1fr' }, columnGap: 4, py: 2 }}
      data-testid="seat-sheet"
    >
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
            {seat.spec.part.designation}, {seat.spec.part.boreMm} × {seat.spec.part.outsideMm} ×{' '}
            {seat.spec.part.widthMm}
          </dd>
          {fit && (
            <>
              <dt>fit at 20 °C</dt>
              <dd>
                {asText(showFit(Math.abs(fit.benchMm.value), units))} ±{' '}
                {showFit(2 * fit.benchMm.u, units).figure} {fit.benchMm.value >= 0 ? 'tight' : 'clear'}
              </dd>
              <dt>running</dt>
              <dd>
                {asText(showFit(Math.abs(fit.runningMm.value), units))} ±{' '}
                {showFit(2 * fit.runningMm.u, units).figure} {fit.runningMm.value >= 0 ? 'tight' : 'clear'}
              </dd>
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
        <Box sx={{ mt: 1 }}>
          <EarlierRebuilds view={view} units={units} />
        </Box>
        <Box className="no-print" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.25, mt: 2 }}>
          <Button variant="outlined" onClick={() => window.print()}>
            Print this sheet
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
      <Box sx={{ overflowX: 'auto' }}>
        <Box
          component="table"
          sx={{
            width: '100%',
            borderCollapse: 'collapse',
            fontSize: TYPE.small,
            '& th': {
              textAlign: 'left',
              fontWeight: 500,
              color: token('steel'),
              borderBottom: `2px solid ${token('ink')}`,
            },
            '& td, & th': { py: 0.6, pr: 2, verticalAlign: 'baseline' },
            '& tr': { borderBottom: `1px solid ${token('rule')}` },
          }}
        >
          <thead>
            <tr>
              <th>when</th>
              <th>who</th>
              <th>what</th>
              <th style={{ whiteSpace: 'nowrap' }}>as taken</th>
              <th>with</th>
              <th />
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => (
              <tr
                key={line.id}
                style={{
                  textDecoration: line.isStruck ? 'line-through' : 'none',
                  color: line.isStruck ? token('steel') : token('ink'),
                }}
              >
                <td style={{ whiteSpace: 'nowrap' }} suppressHydrationWarning>
                  {clock(line.at)}
                </td>
                <td>{line.person}</td>
                <td>{line.what}</td>
                <td>
                  <b>{line.figure}</b>
                </td>
                <td>
                  {line.canRetime ? (
                    <Button
                      variant="text"
                      className="no-print"
                      aria-label={`Retime: ${line.what}`}
                      onClick={() => setRetiming(line)}
                      sx={{ minHeight: 32, p: 0, fontSize: TYPE.small, minWidth: 48 }}
                    >
                      Retime
                    </Button>
                  ) : (
                    line.note
                  )}
                </td>
                <td style={{ textDecoration: 'none' }}>{line.isKept ? 'kept here' : 'stored'}</td>
              </tr>
            ))}
            {lines.length === 0 && (
              <tr>
                <td colSpan={6}>Nothing on record for this seat yet. Begin with its bore.</td>
              </tr>
            )}
          </tbody>
        </Box>
      </Box>
      {retiming && (
        <RetimeDialog
          what={retiming.what}
          at={retiming.at}
          nowMs={nowMs}
          say={clock}
          onClose={() => setRetiming(null)}
          onSave={(at) => {
            addEvent('event_retimed', { eventId: retiming.id, at }, { seatId });
            setRetiming(null);
          }}
        />
      )}
    </Box>
  );
}
