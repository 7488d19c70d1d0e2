/** What the core uses of the package: it ships without types. */
declare module 'fft.js' {
  export default class FFT {
    /** @param size a power of two */
    constructor(size: number);
    createComplexArray(): number[];
    /** Fills the first half of `out`, real and imaginary by turns. */
    realTransform(out: number[], samples: ArrayLike<number>): void;
  }
}
