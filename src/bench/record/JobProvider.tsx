'use client';
import { newId } from '@/bench/record/newId';
import type { AnySeatId, CastingId, JobId, SeatId } from '@/core/record/ids';
import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useState,
  useSyncExternalStore,
  type ReactNode,
} from 'react';
import { makeEvent } from '@/core/record/makeEvent';
import type { Draft } from '@/core/walk/offer';
import type { Entries, EventBody, EventKind, JobEvent, Reading } from '@/core/record/entries';
import type { Person } from '@/core/record/person';
import type { Seat } from '@/core/record/job';
import type { SeatView } from '@/core/job/seatView';
import type { LoadedJob, ProjectedJob } from '@/core/project/project';
import { usePerson } from './hooks';
import { useAskPerson, type AskPerson } from './useAskPerson';
import type { JobSnapshot, ShownJob } from './jobSnapshot';
import { JobStore } from './jobStore';
import { withAct } from './lastActs';
import { liveStream } from './liveStream';
import type { KeptEntry } from './kept';
import { outbox } from './outbox';

type NewReading = Pick<
  Reading,
  'slot' | 'typed' | 'value' | 'instrumentId' | 'metalC' | 'gaugeC' | 'seatId' | 'castingId'
>;

/** A change in place (sizes, a part): no entry, so it says itself what it was and how it is undone. */
export type Change = { words: string; atMs: number; undo: () => void };

export type JobContext = ShownJob & {
  /** What was last done on this screen, a whole slip together; empty after it was taken back. */
  lastActs: readonly JobEvent[];
  takeBack: () => void;
  /** What was last changed in place on this screen, with its way back; null: nothing yet, or taken back. */
  lastChange: Change | null;
  noteChange: (change: Change | null) => void;
  person: Person | null | undefined;
  /** When the job was read for this screen: where its clocks begin. */
  drawnMs: number;
  /** Every seat as it stands: what no entry touched is the very same object as before. */
  views: readonly SeatView[];
  /** Says that a plan or a map was changed: the job is read anew. Null when it could not be, or what is here is newer. */
  reload: () => Promise<ProjectedJob | null>;
  addReading: (reading: NewReading) => string | null;
  addEvent: <K extends EventKind>(
    kind: K,
    body: EventBody<K>,
    where?: { seatId?: AnySeatId; castingId?: CastingId },
  ) => string | null;
  /** All that one answer puts on record, as one act: undo takes it back whole. */
  takeOffer: (drafts: readonly Draft[]) => void;
  /** Lets a refused entry go, once a person has read why. */
  leaveOut: (id: string) => void;
  /** A change that somebody else was quicker with: one’s own is put over theirs. */
  insist: (id: string) => void;
  /** A refused reading once more, put right: taken when it was taken, by whom it was taken. */
  correct: (refused: KeptEntry, changes: Partial<Reading>) => void;
  replaceSeat: (seat: Seat) => void;
  /** Asks who is at the bench; what is given is done as soon as that is known. */
  askPerson: AskPerson;
  isAskingPerson: boolean;
  stopAsking: () => void;
};

const Context = createContext<JobContext | null>(null);
const Store = createContext<JobStore | null>(null);

/** The job of this screen, new with every entry of it and with nothing else: what goes by the clock asks the clock. */
export function useJob(): JobContext {
  const context = useContext(Context);
  if (!context) throw new Error('useJob outside of a JobProvider');
  return context;
}

function useStore(): JobStore {
  const store = useContext(Store);
  if (!store) throw new Error('a job’s store outside of a JobProvider');
  return store;
}

/** What `select` takes from the job: drawn anew only when that is another thing. */
export function useFromJob<T>(select: (snapshot: JobSnapshot) => T): T {
  const store = useStore();
  const get = () => select(store.getSnapshot());
  return useSyncExternalStore(store.subscribe, get, get);
}

/** Everything about one seat; null when the job has no such seat. The same object until an entry concerns it. */
export const useSeatView = (seatId: SeatId): SeatView | null =>
  useFromJob(({ job }) => job.seats.find(({ seat }) => seat.id === seatId) ?? null);

/** Is the job as this screen got it, so that what the server said of it holds? */
export function useIsAsOpened(): boolean {
  const store = useStore();
  return useFromJob(({ job }) => job === store.opened);
}

/** The job as it is at the moment when it is asked, which may be newer than what was drawn. */
export function useJobNow(): () => ProjectedJob {
  const store = useStore();
  return useCallback(() => store.getSnapshot().record, [store]);
}

/** The whole record, stored or kept; null until it is here. */
export function useWholeRecord(): Entries | null {
  const store = useStore();
  useEffect(() => void store.fetchWhole(), [store]);
  return useFromJob(({ entries }) => entries);
}

/** A refused reading once more, put right. */
function useCorrect(jobId: JobId) {
  return useCallback(
    (refused: KeptEntry, changes: Partial<Reading>) => {
      if (refused.type !== 'reading') return;
      const entry = { ...refused.entry, ...changes, id: newId() };
      void outbox
        .keep({ id: entry.id, jobId, refused: null, type: 'reading', entry })
        .then(() => outbox.leaveOut(refused.id));
    },
    [jobId],
  );
}

/** What a person does on this job: each becomes an entry, and the last slip can be taken back whole. */
function useActs(jobId: JobId, person: Person | null | undefined, askPerson: AskPerson) {
  const [lastActs, setLastActs] = useState<readonly JobEvent[]>([]);
  /** Done by who is known; else asked first, and done then. */
  const as = useCallback(
    <T,>(act: (person: Person) => T): T | null => {
      if (person) return act(person);
      askPerson((known) => void act(known));
      return null;
    },
    [person, askPerson],
  );

  const addReading = useCallback(
    (reading: NewReading) =>
      as(({ id: personId }) => {
        const entry: Reading = {
          ...reading,
          id: newId(),
          personId,
          takenAt: new Date(liveStream.now()).toISOString(),
        };
        void outbox.keep({ id: entry.id, jobId, refused: null, type: 'reading', entry });
        return entry.id;
      }),
    [jobId, as],
  );

  const addEvent = useCallback(
    <K extends EventKind>(
      kind: K,
      body: EventBody<K>,
      where: { seatId?: AnySeatId; castingId?: CastingId } = {},
    ) =>
      as(({ id: personId }) => {
        const entry = makeEvent({
          id: newId(),
          seatId: where.seatId ?? null,
          castingId: where.castingId ?? null,
          personId,
          kind,
          body,
          at: new Date(liveStream.now()).toISOString(),
        });
        void outbox.keep({ id: entry.id, jobId, refused: null, type: 'event', entry });
        setLastActs((before) => (kind === 'event_withdrawn' ? [] : withAct(before, entry)));
        return entry.id;
      }),
    [jobId, as],
  );

  const takeOffer = useCallback(
    (drafts: readonly Draft[]) =>
      void as(({ id: personId }) => {
        const at = new Date(liveStream.now()).toISOString();
        const entries = drafts.map(({ kind, body, seatId = null, castingId = null }) =>
          makeEvent({ id: newId(), seatId, castingId, personId, kind, body, at }),
        );
        for (const entry of entries)
          void outbox.keep({ id: entry.id, jobId, refused: null, type: 'event', entry });
        setLastActs(entries);
      }),
    [jobId, as],
  );

  const takeBack = useCallback(() => {
    for (const { id, seatId, castingId } of [...lastActs].reverse())
      addEvent(
        'event_withdrawn',
        { eventId: id },
        { ...(seatId && { seatId }), ...(castingId && { castingId }) },
      );
  }, [lastActs, addEvent]);

  const correct = useCorrect(jobId);

  return useMemo(
    () => ({ addReading, addEvent, takeOffer, takeBack, correct, lastActs }),
    [addReading, addEvent, takeOffer, takeBack, correct, lastActs],
  );
}

export function JobProvider({
  initial,
  initialMs,
  children,
}: {
  initial: LoadedJob;
  initialMs: number;
  children: ReactNode;
}) {
  const [store] = useState(() => new JobStore(initial, initialMs));
  const [drawnMs] = useState(initialMs);
  useEffect(() => store.start(drawnMs), [store, drawnMs]);
  useEffect(() => store.adopt(initial), [store, initial]);
  const shown = useSyncExternalStore(store.subscribe, store.getShown, store.getShown);
  const person = usePerson(shown.record.people);
  const { isAskingPerson, askPerson, stopAsking } = useAskPerson(person);
  const acts = useActs(initial.id, person, askPerson);
  const [lastChange, noteChange] = useState<Change | null>(null);
  const value = useMemo(
    (): JobContext => ({
      ...shown,
      ...acts,
      lastChange,
      noteChange,
      person,
      drawnMs,
      views: shown.job.seats,
      reload: store.reload,
      replaceSeat: store.replaceSeat,
      leaveOut: (id) => void outbox.leaveOut(id),
      insist: (id) => void outbox.insist(id),
      askPerson,
      isAskingPerson,
      stopAsking,
    }),
    [shown, acts, lastChange, person, drawnMs, store, askPerson, isAskingPerson, stopAsking],
  );
  return (
    <Store.Provider value={store}>
      <Context.Provider value={value}>{children}</Context.Provider>
    </Store.Provider>
  );
}
