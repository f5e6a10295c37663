declare module 'fft-js' {
  /** The transform of as many real samples as a power of two: real and imaginary part a frequency. */
  export function fft(samples: readonly number[]): [number, number][];
}
