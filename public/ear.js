/** Hands what the microphone hears to the page, in pieces of an eighth of a second. It keeps nothing and sends nothing. */
class Ear extends AudioWorkletProcessor {
  constructor() {
    super();
    this.piece = new Float32Array(Math.round(sampleRate / 8));
    this.filled = 0;
  }

  process([[channel] = []]) {
    if (!channel) return true;
    for (const value of channel) {
      this.piece[this.filled] = value;
      this.filled += 1;
      if (this.filled < this.piece.length) continue;
      this.port.postMessage(this.piece.slice());
      this.filled = 0;
    }
    return true;
  }
}

registerProcessor('ear', Ear);
