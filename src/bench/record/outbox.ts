'use client';
import type { Entries, JobEvent, Reading } from '@/core/record/entries';
import type { RefusedEntry } from '@/core/record/readEntries';
import type { Issue } from '@/core/quantity/result';
import { openKeptHere } from './keptHere';
import { liveStream, type AwayCause } from './liveStream';

/**
 * Entries that the database has not yet acknowledged. They live in this browser (IndexedDB), are sent again until acknowledged,
 * and are stored once, as each has its own id. One that is refused stays here with the reasons, until a person corrects it or leaves
 * it out: nothing unread is ever let go.
 */
export type KeptEntry = { id: string; jobId: string; refused: readonly Issue[] | null } & (
  { type: 'reading'; entry: Reading } | { type: 'event'; entry: JobEvent }
);

/** As entries are sent. */
const entriesOf = (kept: readonly KeptEntry[]): Entries => ({
  readings: kept.flatMap((each) => (each.type === 'reading' ? [each.entry] : [])),
  events: kept.flatMap((each) => (each.type === 'event' ? [each.entry] : [])),
});

/** `version`: of the job that has what was just stored. */
type Listener = (kept: readonly KeptEntry[], justStored: readonly KeptEntry[], version: number) => void;
type Check = (type: KeptEntry['type'], entry: unknown, nowMs: number) => Issue[];
type Answer = {
  acknowledged?: string[];
  refused?: RefusedEntry[];
  version?: number;
  error?: { code: string; issues: Issue[]; cause?: AwayCause };
};

const RETRY_MS = 2000;
const BATCH = 200;

/** The schemas are not needed to draw a screen: they come after it. Without them (the network is away) the server checks alone. */
const loadCheck = (): Promise<Check | null> =>
  import('@/core/record/readEntries').then(
    ({ checkEntry }) => checkEntry,
    () => null,
  );

/** As an earlier version kept them: one reason, not a list. */
const lifted = (kept: KeptEntry): KeptEntry => ({
  ...kept,
  refused: kept.refused && !Array.isArray(kept.refused) ? [kept.refused as unknown as Issue] : kept.refused,
});

export class Outbox {
  private kept = new Map<string, KeptEntry>();
  private listeners = new Set<Listener>();
  /** Kept, but not yet looked at. */
  private unchecked = new Set<string>();
  private isSending = false;
  private timer: ReturnType<typeof setTimeout> | null = null;
  private check: Promise<Check | null> | null = null;
  /** False where this browser keeps nothing over a closed page (a private window, a full disk). */
  isDurable = true;
  /** Why the server took nothing when it was last asked; null when it did. */
  awayCause: AwayCause | null = null;

  /** Takes up what an earlier visit left behind, and starts sending. */
  async start() {
    this.check ??= loadCheck();
    const database = await openKeptHere();
    if (!database) this.isDurable = false;
    for (const entry of ((await database?.getAll('kept')) ?? []) as KeptEntry[])
      if (!this.kept.has(entry.id)) this.kept.set(entry.id, lifted(entry));
    this.tell();
    void this.send();
  }

  /** Is there something that goes with this page when it is closed now? */
  get wouldLose() {
    return !this.isDurable && this.kept.size > 0;
  }

  subscribe(listener: Listener) {
    this.listeners.add(listener);
    listener([...this.kept.values()], [], 0);
    return () => {
      this.listeners.delete(listener);
    };
  }

  private tell(justStored: readonly KeptEntry[] = [], version = 0) {
    const kept = [...this.kept.values()];
    for (const listener of this.listeners) listener(kept, justStored, version);
  }

  private async put(entry: KeptEntry) {
    this.kept.set(entry.id, entry);
    const database = await openKeptHere();
    const isWritten = await database?.put('kept', entry).then(
      () => true,
      () => false,
    );
    if (!isWritten) this.isDurable = false;
  }

  /** Kept first, then checked and sent: a tab that dies in between loses nothing. */
  async keep(entry: KeptEntry) {
    this.unchecked.add(entry.id);
    const kept = this.put(entry);
    this.tell();
    await kept;
    const check = await (this.check ??= loadCheck());
    const issues = check?.(entry.type, entry.entry, liveStream.now()) ?? [];
    this.unchecked.delete(entry.id);
    if (issues.length > 0) {
      await this.put({ ...entry, refused: issues });
      this.tell();
    } else void this.send();
  }

  /** A person has read why an entry was refused, and leaves it out. */
  async leaveOut(id: string) {
    this.kept.delete(id);
    this.tell();
    await (await openKeptHere())?.delete('kept', id).catch(() => undefined);
  }

  private later() {
    if (this.timer) return;
    this.timer = setTimeout(() => {
      this.timer = null;
      void this.send();
    }, RETRY_MS);
  }

  /** Sends what is kept, job by job. Several tabs may send the same entry: the server stores it once. */
  async send() {
    if (this.isSending) return;
    this.isSending = true;
    try {
      for (;;) {
        const ready = [...this.kept.values()].filter(
          ({ id, refused }) => refused === null && !this.unchecked.has(id),
        );
        const [next] = ready;
        if (!next) return;
        const batch = ready.filter(({ jobId }) => jobId === next.jobId).slice(0, BATCH);
        if (!(await this.sendBatch(next.jobId, batch))) {
          this.later();
          return;
        }
      }
    } finally {
      this.isSending = false;
    }
  }

  private async post(jobId: string, batch: readonly KeptEntry[]) {
    const response = await fetch(`/api/v1/jobs/${jobId}/entries`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(entriesOf(batch)),
      signal: AbortSignal.timeout(8000),
    }).catch(() => null);
    const answer = (await response?.json().catch(() => null)) as Answer | null | undefined;
    return { status: response?.status ?? 0, answer: answer ?? null };
  }

  /** @returns false when it must be tried again later */
  private async sendBatch(jobId: string, batch: readonly KeptEntry[]): Promise<boolean> {
    const { status, answer } = await this.post(jobId, batch);
    this.awayCause = answer?.error?.cause ?? null;
    if (status === 200 && answer) {
      await this.settle(
        batch.filter(({ id }) => answer.acknowledged?.includes(id)),
        answer.refused ?? [],
        answer.version,
      );
      return true;
    }
    this.tell();
    if (status !== 400 && status !== 404) return false;
    if (batch.length > 1) return this.sendOneByOne(jobId, batch);
    // The job is not there, or the server reads this entry otherwise: it stays here, with what was said of it.
    const issues = answer?.error?.issues.length
      ? answer.error.issues
      : [{ code: answer?.error?.code ?? 'bad_value', field: 'entry' }];
    await this.settle(
      [],
      batch.map(({ id }) => ({ id, issues })),
    );
    return true;
  }

  /** A server that refuses a batch whole has not said which entry it means. */
  private async sendOneByOne(jobId: string, batch: readonly KeptEntry[]): Promise<boolean> {
    for (const kept of batch) if (!(await this.sendBatch(jobId, [kept]))) return false;
    return true;
  }

  private async settle(stored: readonly KeptEntry[], refusals: readonly RefusedEntry[], version = 0) {
    const database = await openKeptHere();
    for (const { id } of stored) {
      this.kept.delete(id);
      await database?.delete('kept', id).catch(() => undefined);
    }
    for (const { id, issues } of refusals) {
      const entry = this.kept.get(id);
      if (entry) await this.put({ ...entry, refused: issues });
    }
    this.tell(stored, version);
  }
}

export const outbox = new Outbox();
