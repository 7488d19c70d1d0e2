'use client';
import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import { v7 as uuid } from 'uuid';
import type { Entries, EventBody, EventKind, JobEvent, Reading } from '@/core/record/entries';
import type { JobRecord, Person, Seat } from '@/core/record/job';
import { viewJob, type JobView, type SeatView } from '@/core/job/seatView';
import { usePerson, useNow } from './hooks';
import { withAct } from './lastActs';
import { liveStream } from './liveStream';
import { entriesOf, outbox, type KeptEntry } from './outbox';

type NewReading = Pick<
  Reading,
  'slot' | 'typed' | 'value' | 'instrumentId' | 'metalC' | 'seatId' | 'castingId'
>;

export type JobContext = {
  /** What the database has, and what is still kept here. */
  record: JobRecord;
  keptIds: ReadonlySet<string>;
  refused: readonly KeptEntry[];
  /** What was last done on this screen, a whole slip together; empty after it was taken back. */
  lastActs: readonly JobEvent[];
  takeBack: () => void;
  person: Person | null | undefined;
  nowMs: number;
  /** Every seat as it stands now: renewed with every entry and every second, once for all that show it. */
  views: readonly SeatView[];
  /** The same, with what has been done beyond the seats. */
  job: JobView;
  /** Says that a plan or a map was changed: the record is loaded anew. Null when it could not be, or a later answer is here already. */
  reload: () => Promise<JobRecord | null>;
  addReading: (reading: NewReading) => string | null;
  addEvent: <K extends EventKind>(
    kind: K,
    body: EventBody<K>,
    where?: { seatId?: string; castingId?: string },
  ) => string | null;
  /** Lets a refused entry go, once a person has read why. */
  leaveOut: (id: string) => void;
  /** A refused reading once more, put right: taken when it was taken, by whom it was taken. */
  correct: (refused: KeptEntry, changes: Partial<Reading>) => void;
  replaceSeat: (seat: Seat) => void;
  askPerson: () => void;
  isAskingPerson: boolean;
  stopAsking: () => void;
};

const Context = createContext<JobContext | null>(null);

export function useJob(): JobContext {
  const context = useContext(Context);
  if (!context) throw new Error('useJob outside of a JobProvider');
  return context;
}

/** Everything about one seat; null when the job has no such seat. */
export const useSeatView = (seatId: string): SeatView | null =>
  useJob().views.find(({ seat }) => seat.id === seatId) ?? null;

function withEntries(
  entries: Entries,
  added: { readings: readonly Reading[]; events: readonly JobEvent[] },
): Entries {
  const known = new Set([...entries.readings, ...entries.events].map(({ id }) => id));
  const readings = added.readings.filter(({ id }) => !known.has(id));
  const events = added.events.filter(({ id }) => !known.has(id));
  return readings.length + events.length === 0
    ? entries
    : { readings: [...entries.readings, ...readings], events: [...entries.events, ...events] };
}

/** Null when the server is away, refuses, or its answer is cut off half way. */
async function load<T>(path: string): Promise<T | null> {
  try {
    const response = await fetch(path, { signal: AbortSignal.timeout(8000) });
    return response.ok ? ((await response.json()) as T) : null;
  } catch {
    return null;
  }
}

/** The job as the database holds it, kept fresh by the live line, and what is still on its way there. */
function useStored(initial: JobRecord, initialMs: number) {
  const jobId = initial.id;
  const [stored, setStored] = useState(initial);
  const [kept, setKept] = useState<readonly KeptEntry[]>([]);
  const [drawnMs] = useState(initialMs);

  const addStored = useCallback((added: { readings: readonly Reading[]; events: readonly JobEvent[] }) => {
    setStored((before) => ({ ...before, entries: withEntries(before.entries, added) }));
  }, []);

  const asked = useRef(0);
  const answered = useRef(0);
  const reload = useCallback(async () => {
    const turn = (asked.current += 1);
    const fresh = await load<JobRecord>(`/api/v1/jobs/${jobId}`);
    // An answer that was overtaken on its way is older than what is shown.
    if (!fresh || turn < answered.current) return null;
    answered.current = turn;
    setStored((before) => ({ ...fresh, entries: withEntries(fresh.entries, before.entries) }));
    return fresh;
  }, [jobId]);

  useEffect(() => {
    const stopOutbox = outbox.subscribe((all, justStored) => {
      // What was just stored moves over in the same breath, so that nothing flickers.
      addStored(entriesOf(justStored.filter((entry) => entry.jobId === jobId)));
      setKept(all.filter((entry) => entry.jobId === jobId));
    });
    const stopListening = liveStream.onChange(drawnMs, async (change) => {
      if (change.what !== 'anything' && change.jobId !== jobId) return;
      if (change.what !== 'entries') {
        await reload();
        return;
      }
      const fresh = await load<Entries>(`/api/v1/jobs/${jobId}/entries?ids=${change.ids.join(',')}`);
      if (fresh) addStored(fresh);
    });
    return () => {
      stopOutbox();
      stopListening();
    };
  }, [jobId, drawnMs, addStored, reload]);

  const replaceSeat = useCallback((seat: Seat) => {
    setStored((before) => ({
      ...before,
      castings: before.castings.map((casting) => ({
        ...casting,
        seats: casting.seats.map((old) => (old.id === seat.id ? seat : old)),
      })),
    }));
  }, []);

  return { stored, kept, reload, replaceSeat };
}

/** What a person does on this job: each becomes an entry, and the last slip can be taken back whole. */
function useActs(jobId: string, person: Person | null | undefined, askPerson: () => void) {
  const [lastActs, setLastActs] = useState<readonly JobEvent[]>([]);

  const addReading = useCallback(
    (reading: NewReading) => {
      if (!person) {
        askPerson();
        return null;
      }
      const entry: Reading = {
        ...reading,
        id: uuid(),
        personId: person.id,
        takenAt: new Date(liveStream.now()).toISOString(),
      };
      void outbox.keep({ id: entry.id, jobId, refused: null, type: 'reading', entry });
      return entry.id;
    },
    [jobId, person, askPerson],
  );

  const addEvent = useCallback(
    <K extends EventKind>(
      kind: K,
      body: EventBody<K>,
      where: { seatId?: string; castingId?: string } = {},
    ) => {
      if (!person) {
        askPerson();
        return null;
      }
      const entry = {
        id: uuid(),
        seatId: where.seatId ?? null,
        castingId: where.castingId ?? null,
        personId: person.id,
        kind,
        body,
        at: new Date(liveStream.now()).toISOString(),
      } as JobEvent;
      void outbox.keep({ id: entry.id, jobId, refused: null, type: 'event', entry });
      setLastActs((before) => (kind === 'event_withdrawn' ? [] : withAct(before, entry)));
      return entry.id;
    },
    [jobId, person, askPerson],
  );

  const takeBack = () => {
    for (const { id, seatId, castingId } of [...lastActs].reverse())
      addEvent(
        'event_withdrawn',
        { eventId: id },
        { ...(seatId && { seatId }), ...(castingId && { castingId }) },
      );
  };

  const correct = useCallback(
    (refused: KeptEntry, changes: Partial<Reading>) => {
      if (refused.type !== 'reading') return;
      const entry = { ...refused.entry, ...changes, id: uuid() };
      void outbox
        .keep({ id: entry.id, jobId, refused: null, type: 'reading', entry })
        .then(() => outbox.leaveOut(refused.id));
    },
    [jobId],
  );

  return { addReading, addEvent, takeBack, correct, lastActs };
}

export function JobProvider({
  initial,
  initialMs,
  children,
}: {
  initial: JobRecord;
  initialMs: number;
  children: ReactNode;
}) {
  const { stored, kept, reload, replaceSeat } = useStored(initial, initialMs);
  const [isAskingPerson, setIsAsking] = useState(false);
  const askPerson = useCallback(() => setIsAsking(true), []);
  const person = usePerson(stored.people);
  const acts = useActs(initial.id, person, askPerson);
  const nowMs = useNow(initialMs, 500);

  const record = useMemo(
    () => ({
      ...stored,
      entries: withEntries(stored.entries, entriesOf(kept.filter(({ refused }) => refused === null))),
    }),
    [stored, kept],
  );
  const second = Math.floor(nowMs / 1000);
  const job = useMemo(() => viewJob(record, second * 1000), [record, second]);
  const keptIds = useMemo(() => new Set(kept.map(({ id }) => id)), [kept]);

  const value: JobContext = {
    record,
    keptIds,
    refused: kept.filter(({ refused }) => refused !== null),
    ...acts,
    person,
    nowMs,
    views: job.seats,
    job,
    reload,
    replaceSeat,
    leaveOut: (id) => void outbox.leaveOut(id),
    askPerson,
    isAskingPerson,
    stopAsking: () => setIsAsking(false),
  };
  return <Context.Provider value={value}>{children}</Context.Provider>;
}
