'use client';
import type { JobId } from '@/core/record/ids';
import { JobViewer, viewHoldsUntilMs, type JobView } from '@/core/job/seatView';
import { asList, type Entry } from '@/core/project/advance';
import { STATE_SHAPE } from '@/core/project/jobState';
import type { LoadedJob, ProjectedJob } from '@/core/project/project';
import type { Entries } from '@/core/record/entries';
import { applyEdit } from '@/core/record/edits';
import type { Seat } from '@/core/record/job';
import { loadJson } from './door';
import { advancedOrRebuilt, snapshotOf, type JobSnapshot, type ShownJob } from './jobSnapshot';
import { openKeptHere } from './keptHere';
import { liveStream, type Change } from './liveStream';
import { isEdit, isEntry, type Kept, type KeptInJob } from './kept';
import { outbox } from './outbox';
import { whenIdle } from './whenIdle';
import { added, completed, NO_ENTRIES, wholeOf, type WholeRecord } from './wholeRecord';

/** A job as this browser keeps it, so that it opens while the server is away. */
type KeptJob = { jobId: JobId; job: LoadedJob; whole: WholeRecord | null };

const KEEP_AFTER_MS = 400;
/** Times that differ by less are those of two clocks that go right. */
const MOVED_MS = 1000;
/** The whole record is wanted for undo and for the sheet; it comes when the screen stands. */
const FETCH_AFTER_MS = 1500;
/** Timers hold no longer than this. */
const LONGEST_TIMER_MS = 2 ** 31 - 1;

/**
 * One job on one screen. `stored` is the job as the database has it, advanced by one entry at a time as the live line or an answer tells
 * of them; on top of it lies what is kept here.
 */
export class JobStore {
  private stored: LoadedJob;
  /** As the page brought it. */
  private first: LoadedJob;
  /** Entries on top of the version that `stored` was read at, each with the version that brought it. */
  private later = new Map<string, { version: number; entry: Entry }>();
  private whole: WholeRecord | null = null;
  private kept: readonly KeptInJob[] = [];
  /** The shop's changes that the snapshot holds. */
  private shopChanges = outbox.shopChanges;
  private viewer = new JobViewer();
  private listeners = new Set<() => void>();
  private snapshot: JobSnapshot;
  /** The snapshot without its list of entries, which comes later than the screen: the same object when only that came. */
  private shown: ShownJob;
  /** As it was opened: the very same until something of it changes. */
  readonly opened: JobView;
  private timers = new Map<'cool' | 'keep' | 'fetch', ReturnType<typeof setTimeout>>();
  private isFetching = false;
  /** Its state lacks something that only a new reading of the job brings. */
  private isBehind = false;
  /** Version at which the job was last read whole. */
  private readAt: number;
  /** When it was read, by the server's clock. */
  private readMs = 0;

  constructor(initial: LoadedJob, nowMs: number) {
    this.stored = initial;
    this.first = initial;
    this.readAt = initial.version;
    this.snapshot = this.make(nowMs);
    this.shown = this.snapshot;
    this.opened = this.snapshot.job;
  }

  private get jobId() {
    return this.stored.id;
  }

  getSnapshot = (): JobSnapshot => this.snapshot;

  getShown = (): ShownJob => this.shown;

  subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => {
      this.listeners.delete(listener);
    };
  };

  private after(name: 'cool' | 'keep' | 'fetch', ms: number, act: () => void) {
    clearTimeout(this.timers.get(name));
    this.timers.set(name, setTimeout(act, Math.min(ms, LONGEST_TIMER_MS)));
  }

  /** Listens until the screen goes: to what is kept here, and to what was stored since `drawnMs`, when the job was read. */
  start(drawnMs: number) {
    this.readMs = drawnMs;
    const stopOutbox = outbox.subscribe((all, justStored, version) => {
      const isOwn = (each: Kept): each is KeptInJob => each.jobId === this.jobId;
      const wasNone = this.kept.length === 0;
      this.kept = all.filter(isOwn);
      // What was just stored moves over in the same breath, so that nothing flickers.
      const own = justStored.filter(isOwn);
      if (own.length === 0 && wasNone && this.kept.length === 0 && outbox.shopChanges === this.shopChanges)
        return;
      for (const each of own) if (isEdit(each)) this.stored = applyEdit(this.stored, each.edit);
      this.take(own.filter(isEntry), version);
      this.changed();
    });
    const stopListening = liveStream.onChange(drawnMs, (change) => void this.hear(change));
    this.wakeWhenOther(drawnMs);
    void this.takeUpKept();
    this.after('fetch', FETCH_AFTER_MS, () => void this.fetchWhole());
    return () => {
      stopOutbox();
      stopListening();
      this.timers.forEach((timer) => clearTimeout(timer));
    };
  }

  /** This browser may know more of the job than a page that it kept. */
  private async takeUpKept() {
    await whenIdle();
    const kept = (await (await openKeptHere())?.get('jobs', this.jobId).catch(() => null)) as
      KeptJob | null | undefined;
    // What an older release kept has another shape.
    if (kept?.job.state.shape !== STATE_SHAPE) return;
    const isNewer = kept.job.version > this.stored.version;
    if (isNewer) this.replace(kept.job);
    const isMore = kept.whole !== null && kept.whole.version >= this.stored.version && !this.whole;
    if (isMore) this.whole = kept.whole;
    if (isNewer) this.changed();
    else if (isMore) this.wholeCame();
  }

  private async hear(change: Change) {
    if ('jobId' in change && change.jobId !== this.jobId) return;
    if (change.what !== 'entries') {
      await this.reload();
      return;
    }
    const { version, ids } = change;
    if (version <= this.stored.version) return;
    const entries =
      change.entries ??
      (await loadJson<Entries>(`/api/v1/jobs/${this.jobId}/entries?ids=${ids?.join(',') ?? ''}`));
    if (!entries) return;
    const isMissing = version > this.stored.version + 1;
    // The server has set the time of one of ours back: this tablet’s clock is fast.
    const isMoved = asList(entries).some(({ entry }) => this.isOtherTime(entry));
    this.take(asList(entries), version);
    if (isMissing || isMoved) {
      this.forgetWhole();
      await this.reload();
    } else if (!this.isBehind) this.stored = { ...this.stored, version };
    this.changed();
  }

  private isOtherTime(entry: Entry['entry']) {
    const own = this.later.get(entry.id)?.entry.entry;
    const timeOf = (each: Entry['entry']) => Date.parse('at' in each ? each.at : each.takenAt);
    return own !== undefined && Math.abs(timeOf(own) - timeOf(entry)) > MOVED_MS;
  }

  /** What came in between is not known: the whole record is read anew when it is wanted. */
  private forgetWhole() {
    this.whole = null;
    this.after('fetch', FETCH_AFTER_MS, () => void this.fetchWhole());
  }

  /** Entries that the database has since `version`. */
  private take(entries: readonly Entry[], version: number) {
    if (version <= this.stored.version) return;
    const news = entries.filter(({ entry }) => !this.later.has(entry.id));
    if (news.length === 0) return;
    for (const { type, entry } of news)
      this.later.set(entry.id, { version, entry: { type, entry } as Entry });
    if (this.whole) this.whole = completed(this.whole, Math.max(version, this.whole.version), news);
    this.advanceStored(news);
  }

  /** Where the whole record is wanted and not here, the job is read anew; until then, what comes waits on top of it. */
  private advanceStored(entries: readonly Entry[]) {
    const state = this.isBehind ? null : advancedOrRebuilt(this.stored, this.whole, entries, NO_ENTRIES);
    if (state) this.stored = { ...this.stored, state };
    else {
      this.isBehind = true;
      void this.reload();
    }
  }

  /** The page was drawn anew (a person came, the tool wall changed): what it brings is as new as what is here, or newer. */
  adopt = (drawn: LoadedJob) => {
    if (drawn === this.first || drawn.version < this.stored.version) return;
    this.first = drawn;
    this.replace(drawn);
    this.changed();
  };

  private replace(fresh: LoadedJob) {
    const later = [...this.later.values()].filter(({ version }) => version > fresh.version);
    this.later = new Map(later.map((each) => [each.entry.entry.id, each]));
    this.stored = fresh;
    this.readAt = fresh.version;
    this.isBehind = false;
    this.advanceStored(later.map(({ entry }) => entry));
  }

  /** Reads the job anew. Null when it could not be, or what is here is newer. */
  reload = async (): Promise<ProjectedJob | null> => {
    const readMs = liveStream.now();
    const fresh = await loadJson<LoadedJob>(`/api/v1/jobs/${this.jobId}/state`);
    if (!fresh || fresh.version < this.stored.version) return null;
    this.replace(fresh);
    this.readMs = readMs;
    if (this.whole && this.whole.version < fresh.version) this.forgetWhole();
    this.changed();
    return this.snapshot.record;
  };

  /** Reads the whole record, if it is not here. */
  fetchWhole = async (): Promise<void> => {
    if (this.whole || this.isFetching) return;
    this.isFetching = true;
    const whole = await loadJson<Entries & { version: number }>(`/api/v1/jobs/${this.jobId}/entries`);
    this.isFetching = false;
    if (!whole) return;
    const { version, ...entries } = whole;
    // Read before the job was read anew: it may lack what came in between.
    if (version < this.readAt) {
      this.forgetWhole();
      return;
    }
    this.whole = completed(
      wholeOf(version, entries),
      Math.max(version, this.stored.version),
      [...this.later.values()].map(({ entry }) => entry),
    );
    this.wholeCame();
  };

  /** The list of entries alone is another, and nothing else that a screen shows; but for an undo here that waited for it. */
  private wholeCame() {
    if (this.kept.length > 0) {
      this.changed();
      return;
    }
    this.snapshot = { ...this.snapshot, entries: this.whole && added(this.whole.entries, []) };
    this.listeners.forEach((listener) => listener());
    this.after('keep', KEEP_AFTER_MS, () => void this.keep());
  }

  replaceSeat = (seat: Seat) => {
    this.stored = {
      ...this.stored,
      castings: this.stored.castings.map((casting) => ({
        ...casting,
        seats: casting.seats.map((old) => (old.id === seat.id ? seat : old)),
      })),
    };
    this.changed();
  };

  private make(nowMs: number): JobSnapshot {
    this.shopChanges = outbox.shopChanges;
    return snapshotOf({
      stored: this.stored,
      isStored: (id) => this.later.has(id),
      whole: this.whole,
      kept: this.kept,
      shopChanges: this.shopChanges,
      readMs: this.readMs,
      viewer: this.viewer,
      marks: this.snapshot?.marks,
      nowMs,
    });
  }

  private changed() {
    const nowMs = liveStream.now();
    this.snapshot = this.make(nowMs);
    this.shown = this.snapshot;
    this.listeners.forEach((listener) => listener());
    this.wakeWhenOther(nowMs);
    this.after('keep', KEEP_AFTER_MS, () => void this.keep());
  }

  /** What cools shows another thing at its time, without an entry. */
  private wakeWhenOther(madeMs: number) {
    const untilMs = viewHoldsUntilMs(this.snapshot.record, madeMs);
    if (Number.isFinite(untilMs)) this.after('cool', untilMs - liveStream.now() + 1, () => this.changed());
  }

  private async keep() {
    const kept: KeptJob = { jobId: this.jobId, job: this.stored, whole: this.whole };
    await (await openKeptHere())?.put('jobs', kept).catch(() => undefined);
  }
}
