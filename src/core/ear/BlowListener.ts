import { findBlows, type Blow } from './blows';

/** What is kept of the sound while it is looked at, s: long enough to know the room. */
const KEPT_S = 4;
/** A blow is described when it has died away, s. */
const DIED_AWAY_S = 0.22;

/** Hears blows in a stream of sound. Of the sound itself it keeps the last few seconds alone, and forgets them. */
export class BlowListener {
  private kept = new Float32Array(0);
  private startS = 0;
  private lastS = -Infinity;

  constructor(private readonly sampleHz: number) {}

  /** Takes the next piece; gives the blows that are over by now, oldest first, each once. */
  hear(piece: Float32Array): Blow[] {
    const both = new Float32Array(this.kept.length + piece.length);
    both.set(this.kept);
    both.set(piece, this.kept.length);
    const most = KEPT_S * this.sampleHz;
    const over = Math.max(0, both.length - most);
    this.kept = both.slice(over);
    this.startS += over / this.sampleHz;
    const endS = this.startS + this.kept.length / this.sampleHz;
    const heard = findBlows(this.kept, this.sampleHz)
      .map((blow) => ({ ...blow, atS: blow.atS + this.startS }))
      // The same blow is found again in the next piece, to a frame.
      .filter(({ atS }) => atS > this.lastS + 0.1 && atS + DIED_AWAY_S < endS);
    this.lastS = heard.at(-1)?.atS ?? this.lastS;
    return heard;
  }
}
