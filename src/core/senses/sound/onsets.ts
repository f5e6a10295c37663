import type { Frames } from './frames';

/** Where clicks and squeaks are looked for, Hz: above the hum of a room, below where phones hear badly. */
const FROM = 600;
const TO = 9000;
/** What is this far below the loudest of a frequency is as good as silent, dB. */
const DEEP = 50;

/**
 * Returns the strength of what begins in each stretch: how much louder each frequency is than in the stretch before,
 * in decibels, where it is. Source: spectral flux, Bello et al. 2005, IEEE Trans. Speech Audio Process. 13:1035.
 */
export function onsetsOf({ count, bins, power, step }: Frames): Float32Array {
  const from = Math.max(1, Math.round(FROM / step));
  const to = Math.min(bins - 1, Math.round(TO / step));
  const out = new Float32Array(count);
  const floor = loudest(power) * 10 ** (-DEEP / 10) + 1e-20;
  // Two stretches back: neighbours share three quarters of their samples.
  for (let frame = 2; frame < count; frame++) {
    let sum = 0;
    for (let bin = from; bin <= to; bin++) {
      const now = (power[frame * bins + bin] as number) + floor;
      const before = (power[(frame - 2) * bins + bin] as number) + floor;
      if (now > before) sum += Math.log(now / before);
    }
    out[frame] = sum / (to - from + 1);
  }
  return out;
}

function loudest(power: Float32Array): number {
  let most = 0;
  for (let n = 0; n < power.length; n++) most = Math.max(most, power[n] as number);
  return most;
}
