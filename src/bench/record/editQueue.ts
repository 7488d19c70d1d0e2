/**
 * Edits of one job, sent one after another: each is made from what the one before has left. One that fails, by whatever way, holds up
 * none of those behind it.
 */
export class EditQueue {
  private last: Promise<unknown> = Promise.resolve();

  /** @returns what `send` returns; rejects as it does, but only for this edit */
  add<T>(send: () => Promise<T>): Promise<T> {
    const sent = this.last.then(send);
    this.last = sent.catch(() => undefined);
    return sent;
  }
}
