/**
 * Asks for the newest input only. One question is at work at a time: what is overtaken while it waits is never asked, so that dragging
 * never runs behind. A question that fails (its worker cannot be fetched while the server is away) is let go; the next tries again.
 */
export class Latest<I, O> {
  private waiting: { input: I } | null = null;
  private isAtWork = false;

  constructor(
    private readonly ask: (input: I) => Promise<O>,
    private tell: (input: I, output: O) => void,
  ) {}

  want(input: I) {
    this.waiting = { input };
    if (!this.isAtWork) void this.work();
  }

  /** Nobody listens any more. */
  drop() {
    this.waiting = null;
    this.tell = () => undefined;
  }

  private async work() {
    this.isAtWork = true;
    while (this.waiting) {
      const { input } = this.waiting;
      this.waiting = null;
      try {
        const output = await this.ask(input);
        this.tell(input, output);
      } catch {
        /* let go: the next input asks again */
      }
    }
    this.isAtWork = false;
  }
}
