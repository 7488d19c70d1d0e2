'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { AnySeatId, CastingId } from '@/core/record/ids';
import { CLOCKED, timedEvents, type TimedEvent } from '@/core/project/ledger';
import { useNow } from '@/bench/record/hooks';
import { useJob, useWholeRecord } from '@/bench/record/JobProvider';
import { Row } from '@/ui/parts/layout';
import { Lead, Quiet } from '@/ui/parts/text';
import { token } from '@/ui/theme/tokens';
import { clockTime } from '@/ui/words/clock';
import { sayEvent } from '@/ui/words/events';

/** As many as a person remembers the seconds of. */
const SHOWN = 6;
const STEPS: readonly (readonly [words: string, seconds: number])[] = [
  ['1 min earlier', -60],
  ['10 s earlier', -10],
  ['10 s later', 10],
];

export type LogOf = {
  /** Null where it is a seat on a shaft. */
  castingId: CastingId | null;
  /** Those whose events belong to this heat. */
  seats: readonly { id: AnySeatId; name: string }[];
  /** The one that is looked at: its name is not said. */
  seatId: AnySeatId;
};
type Props = LogOf & { isOpen: boolean; onClose: () => void };

/**
 * What happened in this heat, the last first: opened by one tap, undone or put to its real second by the next. A button pressed too late
 * moves every clock that counts from it; what was on record before stays there, struck through.
 */
export function HeatLog({ castingId, seats, seatId: hereId, isOpen, onClose }: Props) {
  const { drawnMs, person } = useJob();
  const nowMs = useNow(drawnMs);
  const entries = useWholeRecord();
  const units = person?.units ?? 'metric';
  const names = new Map(seats.map(({ id, name }) => [id, name]));
  const happened = timedEvents(entries?.events ?? [])
    .filter(
      (event) =>
        !event.isWithdrawn &&
        CLOCKED.includes(event.kind) &&
        ((castingId !== null && event.castingId === castingId) ||
          (event.seatId !== null && names.has(event.seatId))),
    )
    .slice(-SHOWN)
    .reverse();
  const nameOf = ({ seatId }: TimedEvent) =>
    seatId === null || seatId === hereId ? '' : (names.get(seatId) ?? '');
  return (
    // Closed, the one key is the run’s again and not that of the button that opened this.
    <Dialog open={isOpen} onClose={onClose} maxWidth="md" fullWidth disableRestoreFocus>
      <DialogTitle>What happened, and when it really was</DialogTitle>
      <DialogContent data-testid="heat-log">
        {!entries && <Quiet>The record is being read…</Quiet>}
        {entries && happened.length === 0 && <Quiet>Nothing yet in this heat.</Quiet>}
        {happened.map((event) => (
          <Row
            key={event.id}
            data-event={event.kind}
            sx={{ py: 1, borderBottom: `1px solid ${token('rule')}` }}
          >
            <Box sx={{ flex: 1, minWidth: 220 }}>
              <Lead>
                <b>{clockTime(event.at)}</b> {sayEvent(event, units)}
                {nameOf(event) && `, ${nameOf(event)}`}
              </Lead>
            </Box>
            <Ways event={event} nowMs={nowMs} />
          </Row>
        ))}
      </DialogContent>
      <DialogActions sx={{ p: 2 }}>
        <Button variant="contained" onClick={onClose}>
          Back to the run
        </Button>
      </DialogActions>
    </Dialog>
  );
}

/** One tap each. */
function Ways({ event, nowMs }: { event: TimedEvent; nowMs: number }) {
  const { addEvent } = useJob();
  const { seatId, castingId } = event;
  const where = { ...(seatId && { seatId }), ...(castingId && { castingId }) };
  const atMs = Date.parse(event.at);
  return (
    <>
      {STEPS.map(([words, seconds]) => (
        <Button
          key={words}
          variant="outlined"
          disabled={atMs + seconds * 1000 > nowMs}
          onClick={() =>
            addEvent(
              'event_retimed',
              { eventId: event.id, at: new Date(atMs + seconds * 1000).toISOString() },
              where,
            )
          }
        >
          {words}
        </Button>
      ))}
      <Button variant="text" onClick={() => addEvent('event_withdrawn', { eventId: event.id }, where)}>
        Undo
      </Button>
    </>
  );
}
