'use client';
import type { Kept } from './kept';
import { openKeptHere } from './keptHere';

/** A disk that has not written by then is not waited for: the server's is as good. */
const PATIENCE_MS = 1000;

/** What the outbox keeps, as this browser writes it down: it may be slow, hang, be full, or not be there at all. */
export class KeptDisk {
  /** In this page alone so far. */
  private unwritten = new Map<string, Kept>();
  /** Asked of the disk, which has not answered. */
  private asked = new Set<Kept>();
  /** False where nothing is kept over a closed page (a private window, a full or a hanging disk). */
  isDurable = true;

  /** Is there something that goes with this page when it is closed now? */
  get wouldLose() {
    return !this.isDurable && this.unwritten.size > 0;
  }

  async open() {
    const database = await openKeptHere();
    if (!database) this.isDurable = false;
    return database;
  }

  /** Written when it resolves, or not waited for any longer. */
  async write(kept: Kept) {
    this.unwritten.set(kept.id, kept);
    const isSlow = await Promise.race([
      this.put(kept).then(() => false),
      new Promise<boolean>((resolve) => setTimeout(() => resolve(true), PATIENCE_MS)),
    ]);
    if (isSlow) this.isDurable = false;
  }

  private async put(kept: Kept) {
    this.asked.add(kept);
    const database = await openKeptHere();
    const isWritten = await database?.put('kept', kept).then(
      () => true,
      () => false,
    );
    this.asked.delete(kept);
    this.isDurable = isWritten === true;
    if (isWritten && this.unwritten.get(kept.id) === kept) this.unwritten.delete(kept.id);
  }

  /** Tries what could not be written: what writes comes over the network, and may be here only now. */
  again() {
    if (this.isDurable) return;
    for (const kept of this.unwritten.values()) if (!this.asked.has(kept)) void this.put(kept);
  }

  async remove(id: string) {
    this.unwritten.delete(id);
    await (await openKeptHere())?.delete('kept', id).catch(() => undefined);
  }
}
