import FFT from 'fft.js';

/** Sound of one channel: samples from -1 to 1. */
export interface Sound {
  samples: Float32Array;
  /** Samples a second. */
  rate: number;
}

/** Power by frequency of short stretches of a sound. */
export interface Frames {
  /** Stretches, one after another. */
  count: number;
  /** Frequencies of each: from nought to half the rate. */
  bins: number;
  /** Mean square by stretch and frequency, stretch by stretch; the sum of a stretch is its mean square. */
  power: Float32Array;
  /** Hz from one frequency to the next. */
  step: number;
  /** Seconds from one stretch to the next. */
  hop: number;
}

/** A stretch is about so long, s: short beside a click's pause, long beside a squeak's wave. */
const LONG = 0.04;
/** Stretches overlap by three quarters. */
const OVERLAP = 4;

/** Returns the power of a sound by stretches and frequencies: Hann's window, then a fast Fourier transform. */
export function framesOf({ samples, rate }: Sound): Frames {
  const size = 2 ** Math.round(Math.log2(LONG * rate));
  const hop = size / OVERLAP;
  const fft = new FFT(size);
  const window = Float64Array.from(
    { length: size },
    (_, n) => 0.5 - 0.5 * Math.cos((2 * Math.PI * n) / size),
  );
  const bins = size / 2 + 1;
  const count = Math.max(0, Math.floor((samples.length - size) / hop) + 1);
  const power = new Float32Array(count * bins);
  const windowed = new Float64Array(size);
  const out = new Float64Array(2 * size);
  // Parseval: the squares of the window's samples sum to 3/8 of their number.
  const scale = 1 / (size * size * 0.375);
  for (let frame = 0; frame < count; frame++) {
    for (let n = 0; n < size; n++)
      windowed[n] = (samples[frame * hop + n] as number) * (window[n] as number);
    fft.realTransform(out, windowed);
    for (let bin = 0; bin < bins; bin++) {
      const [re, im] = [out[2 * bin] as number, out[2 * bin + 1] as number];
      // All but the ends stand for two: themselves, and their mirror beyond half the rate.
      const sides = bin === 0 || bin === bins - 1 ? 1 : 2;
      power[frame * bins + bin] = sides * scale * (re * re + im * im);
    }
  }
  return { count, bins, power, step: rate / size, hop: hop / rate };
}
