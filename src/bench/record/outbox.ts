'use client';
import type { JobEvent, Reading } from '@/core/record/entries';
import type { Issue } from '@/core/quantity/result';
import { openKeptHere } from './keptHere';

/**
 * Entries that the database has not yet acknowledged. They live in this browser (IndexedDB), are sent again until acknowledged,
 * and are stored once, as each has its own id.
 */
export type KeptEntry = { id: string; jobId: string; refused: Issue | null } & (
  { type: 'reading'; entry: Reading } | { type: 'event'; entry: JobEvent }
);

type Listener = (kept: readonly KeptEntry[], justStored: readonly KeptEntry[]) => void;

const RETRY_MS = 2000;
const BATCH = 200;

export class Outbox {
  private kept = new Map<string, KeptEntry>();
  private listeners = new Set<Listener>();
  private isSending = false;
  private timer: ReturnType<typeof setTimeout> | null = null;

  /** Takes up what an earlier visit left behind, and starts sending. */
  async start() {
    const database = await openKeptHere();
    for (const entry of ((await database?.getAll('kept')) ?? []) as KeptEntry[])
      if (!this.kept.has(entry.id)) this.kept.set(entry.id, entry);
    this.tell([]);
    void this.send();
  }

  subscribe(listener: Listener) {
    this.listeners.add(listener);
    listener([...this.kept.values()], []);
    return () => {
      this.listeners.delete(listener);
    };
  }

  private tell(justStored: readonly KeptEntry[]) {
    const kept = [...this.kept.values()];
    for (const listener of this.listeners) listener(kept, justStored);
  }

  /** Kept first, then sent: a tab that dies in between loses nothing. */
  async keep(entry: KeptEntry) {
    this.kept.set(entry.id, entry);
    this.tell([]);
    await (await openKeptHere())?.put('kept', entry).catch(() => undefined);
    void this.send();
  }

  /** A refused entry that a person has read is let go. */
  async drop(id: string) {
    this.kept.delete(id);
    this.tell([]);
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
        const [next] = [...this.kept.values()].filter(({ refused }) => refused === null);
        if (!next) return;
        const batch = [...this.kept.values()]
          .filter(({ jobId, refused }) => jobId === next.jobId && refused === null)
          .slice(0, BATCH);
        if (!(await this.sendBatch(next.jobId, batch))) {
          this.later();
          return;
        }
      }
    } finally {
      this.isSending = false;
    }
  }

  /** @returns false when it must be tried again later */
  private async sendBatch(jobId: string, batch: readonly KeptEntry[]): Promise<boolean> {
    const body = JSON.stringify({
      readings: batch.flatMap((kept) => (kept.type === 'reading' ? [kept.entry] : [])),
      events: batch.flatMap((kept) => (kept.type === 'event' ? [kept.entry] : [])),
    });
    const response = await fetch(`/api/v1/jobs/${jobId}/entries`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body,
      signal: AbortSignal.timeout(8000),
    }).catch(() => null);
    if (!response || response.status >= 500) return false;
    const answer = (await response.json().catch(() => null)) as {
      acknowledged?: string[];
      refused?: { id: string; issue: Issue }[];
      error?: { code: string; issues: Issue[] };
    } | null;
    if (!answer) return false;
    const refusals =
      answer.refused ??
      (response.ok
        ? []
        : batch.map(({ id }) => ({
            id,
            issue: answer.error?.issues[0] ?? { code: answer.error?.code ?? 'bad_value', field: 'entry' },
          })));
    await this.settle(
      batch.filter(({ id }) => answer.acknowledged?.includes(id)),
      refusals,
    );
    return true;
  }

  private async settle(stored: readonly KeptEntry[], refusals: readonly { id: string; issue: Issue }[]) {
    const database = await openKeptHere();
    for (const { id } of stored) {
      this.kept.delete(id);
      await database?.delete('kept', id).catch(() => undefined);
    }
    for (const { id, issue } of refusals) {
      const entry = this.kept.get(id);
      if (entry) {
        const marked = { ...entry, refused: issue };
        this.kept.set(id, marked);
        await database?.put('kept', marked).catch(() => undefined);
      }
    }
    this.tell(stored);
  }
}

export const outbox = new Outbox();
