'use client';
import { openKeptHere } from './keptHere';
import { sayProblem, sendFile } from './sendJson';

/** A photograph that the server has not got yet. It may be the only one there is: a camera in a browser keeps no copy. */
export type KeptPhotograph = {
  id: string;
  jobId: string;
  seatId: string | null;
  personId: string;
  takenAt: string;
  name: string;
  file: Blob;
};
export type RefusedPhotograph = Pick<KeptPhotograph, 'jobId' | 'seatId' | 'name'> & { problem: string };

type Listener = (kept: readonly KeptPhotograph[], refused: RefusedPhotograph | null) => void;

const RETRY_MS = 4000;

/** Photographs are kept here first, then sent one at a time until each is stored or refused with a reason. */
export class KeptPhotographs {
  private kept = new Map<string, KeptPhotograph>();
  private refused: RefusedPhotograph | null = null;
  private listeners = new Set<Listener>();
  private isSending = false;
  private isDurable = true;
  private timer: ReturnType<typeof setTimeout> | null = null;

  async start() {
    const database = await openKeptHere();
    for (const photograph of ((await database?.getAll('photographs')) ?? []) as KeptPhotograph[])
      if (!this.kept.has(photograph.id)) this.kept.set(photograph.id, photograph);
    this.tell();
    void this.send();
  }

  /** Is there a photograph that goes with this page when it is closed now? */
  get wouldLose() {
    return !this.isDurable && this.kept.size > 0;
  }

  subscribe(listener: Listener) {
    this.listeners.add(listener);
    listener([...this.kept.values()], this.refused);
    return () => {
      this.listeners.delete(listener);
    };
  }

  private tell() {
    for (const listener of this.listeners) listener([...this.kept.values()], this.refused);
  }

  async keep(photograph: KeptPhotograph) {
    this.kept.set(photograph.id, photograph);
    this.refused = null;
    this.tell();
    const isWritten = await (await openKeptHere())?.put('photographs', photograph).then(
      () => true,
      () => false,
    );
    if (!isWritten) this.isDurable = false;
    void this.send();
  }

  /** Says why one was not taken, also one that never got as far as being kept. */
  refuse(refused: RefusedPhotograph) {
    this.refused = refused;
    this.tell();
  }

  private async letGo(id: string) {
    this.kept.delete(id);
    await (await openKeptHere())?.delete('photographs', id).catch(() => undefined);
  }

  /** Tries again by itself while there are some left. The same one sent twice is stored once. */
  async send() {
    if (this.isSending) return;
    this.isSending = true;
    try {
      for (let next = this.first(); next; next = this.first()) {
        const { id, jobId, seatId, personId, takenAt, name, file } = next;
        const query = new URLSearchParams({ id, ...(seatId && { seatId }), personId, caption: '', takenAt });
        const sent = await sendFile(
          `/api/v1/jobs/${jobId}/photographs?${query}`,
          file,
          file.type || 'application/octet-stream',
        );
        const isAway =
          !sent.isOk &&
          (!sent.answer?.error ||
            sent.answer.error.code === 'database_away' ||
            sent.answer.error.code === 'internal');
        if (isAway) {
          this.timer ??= setTimeout(() => {
            this.timer = null;
            void this.send();
          }, RETRY_MS);
          return;
        }
        await this.letGo(id);
        if (!sent.isOk) this.refused = { jobId, seatId, name, problem: sayProblem(sent, '') };
        this.tell();
      }
    } finally {
      this.isSending = false;
    }
  }

  private first = (): KeptPhotograph | undefined => this.kept.values().next().value;
}

export const keptPhotographs = new KeptPhotographs();
