import { ReadlineParser, SerialPort } from 'serialport';

/** A port is tried again after this when it would not open, or closed. */
const AGAIN_MS = 2000;

type Wanted = { instrumentId: string; path: string; baud: number };
type Opened = Wanted & { port: SerialPort };

/** The serial ports of the instruments that a screen has: opened when one is wanted, closed when none is. */
export class SerialPorts {
  private opened = new Map<string, Opened>();
  private triedMs = new Map<string, number>();

  constructor(private hear: (instrumentId: string, line: string) => void) {}

  /** Opens what is wanted and is not open; closes what nobody wants any more. */
  want(all: readonly Wanted[]) {
    for (const [id, { path, baud, port }] of this.opened) {
      const wanted = all.find(({ instrumentId }) => instrumentId === id);
      if (wanted?.path === path && wanted.baud === baud) continue;
      this.opened.delete(id);
      port.close();
    }
    for (const wanted of all) if (!this.opened.has(wanted.instrumentId)) this.open(wanted);
  }

  private open({ instrumentId, path, baud }: Wanted) {
    const lastMs = this.triedMs.get(instrumentId) ?? -Infinity;
    if (Date.now() - lastMs < AGAIN_MS) return;
    this.triedMs.set(instrumentId, Date.now());
    const port = new SerialPort({ path, baudRate: baud }, (problem) => {
      if (!problem) return;
      console.error(`${path}: ${problem.message}`);
      this.opened.delete(instrumentId);
    });
    this.opened.set(instrumentId, { instrumentId, path, baud, port });
    port.on('error', (problem) => console.error(`${path}: ${problem.message}`));
    port.on('close', () => {
      if (this.opened.get(instrumentId)?.port === port) this.opened.delete(instrumentId);
    });
    port
      .pipe(new ReadlineParser({ delimiter: '\n' }))
      .on('data', (line: string) => this.hear(instrumentId, line));
  }
}
