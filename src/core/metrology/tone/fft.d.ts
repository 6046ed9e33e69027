declare module 'fft.js' {
  /** Fast Fourier transform of a power of two of samples. */
  export default class FFT {
    constructor(size: number);
    createComplexArray(): number[];
    /** Real samples into real and imaginary parts, side by side; only the first half is filled. */
    realTransform(out: number[], data: ArrayLike<number>): void;
  }
}
