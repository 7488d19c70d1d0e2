'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { CLOCKED, currentReadings, timedEvents } from '@/core/project/ledger';
import type { SeatView } from '@/core/job/seatView';
import type { Entries, JobEvent } from '@/core/record/entries';
import type { EntryId } from '@/core/record/ids';
import { readSlot } from '@/core/record/slots';
import { asText, showTemperature, type Units } from '@/core/quantity/format';
import { later } from '@/bench/record/later';
import { useNow } from '@/bench/record/hooks';
import { useJob } from '@/bench/record/JobProvider';
import { token, TYPE } from '@/ui/theme/tokens';
import { clock } from '@/ui/words/clock';
import { sayEvent } from '@/ui/words/events';
import { slotWords } from '@/ui/words/slots';

const RetimeDialog = later(() => import('./RetimeDialog'), 'RetimeDialog');

type Line = {
  id: EntryId;
  at: string;
  person: string;
  what: string;
  figure: string;
  note: string;
  isStruck: boolean;
  isKept: boolean;
  canRetime: boolean;
};

/** What happened; of what corrects something, also what that was. */
function whatOf(event: JobEvent, { readings, events }: Entries, units: Units): string {
  const said = sayEvent(event, units);
  const { readingId, eventId } = event.body as { readingId?: string; eventId?: string };
  const reading = readings.find(({ id }) => id === readingId);
  if (reading) return `${said}: ${slotWords(readSlot(reading.slot))}, ${reading.typed}`;
  const other = events.find(({ id }) => id === eventId);
  return other ? `${said}: ${sayEvent(other, units)}` : said;
}

/** Every reading and event of the seat and its casting, in the order in which they happened. */
function linesOf(
  view: SeatView,
  record: ReturnType<typeof useJob>['record'],
  entries: Entries,
  keptIds: ReadonlySet<string>,
  units: Units,
): Line[] {
  const initials = new Map(record.people.map(({ id, initials: text }) => [id, text]));
  const instruments = new Map(record.instruments.map(({ id, name }) => [id, name]));
  const readings = currentReadings(entries, { seatId: view.seat.id }).map((reading): Line => ({
    id: reading.id,
    at: reading.takenAt,
    person: initials.get(reading.personId) ?? '',
    what: slotWords(reading.place),
    figure: reading.typed,
    note: `${instruments.get(reading.instrumentId) ?? ''}, metal ${asText(showTemperature(reading.metalC, units))}`,
    isStruck: reading.status !== 'counts',
    isKept: keptIds.has(reading.id),
    canRetime: false,
  }));
  const events = timedEvents(entries.events)
    .filter((event) => event.seatId === view.seat.id || event.castingId === view.casting.id)
    .map((event): Line => ({
      id: event.id,
      at: event.at,
      person: initials.get(event.personId) ?? '',
      what: whatOf(event, entries, units),
      figure: '',
      note: '',
      isStruck: event.isWithdrawn,
      isKept: keptIds.has(event.id),
      canRetime: CLOCKED.includes(event.kind) && !event.isWithdrawn,
    }));
  return [...readings, ...events].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
}

/** All that was read and done at a seat, in order of time; what was entered late is set to its moment. */
export function SeatLines({ view, entries }: { view: SeatView; entries: Entries }) {
  const { record, person, keptIds, drawnMs, addEvent } = useJob();
  const nowMs = useNow(drawnMs);
  const [retiming, setRetiming] = useState<Line | null>(null);
  const lines = linesOf(view, record, entries, keptIds, person?.units ?? 'metric');
  return (
    <>
      <LinesTable lines={lines} setRetiming={setRetiming} />
      {retiming && (
        <RetimeDialog
          what={retiming.what}
          at={retiming.at}
          nowMs={nowMs}
          say={clock}
          onClose={() => setRetiming(null)}
          onSave={(at) => {
            addEvent('event_retimed', { eventId: retiming.id, at }, { seatId: view.seat.id });
            setRetiming(null);
          }}
        />
      )}
    </>
  );
}

type LinesTableProps = {
  lines: Line[];
  setRetiming: (next: Line | null) => void;
};

function LinesTable({ lines, setRetiming }: LinesTableProps) {
  return (
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
                  sx={{
                    minHeight: 32,
                    '@media (pointer: coarse)': { minHeight: 48 },
                    p: 0,
                    fontSize: TYPE.small,
                    minWidth: 48,
                  }}
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
  );
}
