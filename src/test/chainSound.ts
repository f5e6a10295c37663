import { Chance } from '@/core/chance/chance';

/**
 * White noise of variance 1, uniform, as fast as a recording needs it. Source: G. Marsaglia 2003, Xorshift RNGs,
 * J. Stat. Softw. 8(14), shifts 13, 17, 5.
 */
function whiteNoise(seed: number): () => number {
  let x = (seed * 2654435761 + 88172645) | 0 || 1;
  return () => {
    x ^= x << 13;
    x ^= x >>> 17;
    x ^= x << 5;
    return (x / 2147483648) * 1.7320508;
  };
}

/** Sounds made by rule, for what listens to chains: nothing here is shared with it. */
export interface Made {
  samples: Float32Array;
  rate: number;
}

/** Pink noise of a root mean square. Source: P. Kellet's filter of white noise (1999), good to 0.05 dB above 9 Hz at 44.1 kHz. */
export function pinkNoise(seconds: number, rms: number, seed: number, rate = 44_100): Made {
  const white = whiteNoise(seed);
  const samples = new Float32Array(Math.round(seconds * rate));
  let [b0, b1, b2, b3, b4, b5, b6] = [0, 0, 0, 0, 0, 0, 0];
  for (let n = 0; n < samples.length; n++) {
    const w = white();
    b0 = 0.99886 * b0 + w * 0.0555179;
    b1 = 0.99332 * b1 + w * 0.0750759;
    b2 = 0.969 * b2 + w * 0.153852;
    b3 = 0.8665 * b3 + w * 0.3104856;
    b4 = 0.55 * b4 + w * 0.5329522;
    b5 = -0.7616 * b5 - w * 0.016898;
    samples[n] = b0 + b1 + b2 + b3 + b4 + b5 + b6 + w * 0.5362;
    b6 = w * 0.115926;
  }
  return { samples: scaledTo(samples, rms), rate };
}

/** Root mean square of samples. */
function rmsOf(samples: Float32Array): number {
  let sum = 0;
  for (let n = 0; n < samples.length; n++) sum += (samples[n] as number) ** 2;
  return Math.sqrt(sum / samples.length);
}

const scaledTo = (samples: Float32Array, rms: number): Float32Array => {
  const own = rmsOf(samples);
  return samples.map((v) => (v * rms) / own);
};

/** A click: so long a burst of noise about 3 kHz that dies away, s; its root mean square over 10 ms is `rms`. */
export function addClicks(
  sound: Made,
  {
    period,
    rms,
    from = 0.2,
    jitter = 0,
    seed,
  }: { period: number; rms: number; from?: number; jitter?: number; seed: number },
): Made {
  const chance = new Chance(seed, 12);
  const { rate } = sound;
  const samples = sound.samples.slice();
  const long = Math.round(0.01 * rate);
  for (let at = from; at < samples.length / rate - 0.02; at += period) {
    const click = new Float32Array(long);
    const pitch = 2500 + 1500 * chance.uniform();
    for (let n = 0; n < long; n++)
      click[n] =
        Math.exp(-n / (0.002 * rate)) *
        (Math.sin((2 * Math.PI * pitch * n) / rate) + 0.5 * chance.normal());
    const loud = scaledTo(click, rms);
    const start = Math.round((at + jitter * chance.normal()) * rate);
    loud.forEach((v, n) => {
      if (start + n >= 0 && start + n < samples.length) (samples[start + n] as number) += v;
    });
  }
  return { samples, rate };
}

/** A dry chain: each roller that runs onto a tooth chirps between 2 and 7 kHz, so many a second. */
export function addSqueak(sound: Made, rms: number, rollers: number, seed: number): Made {
  const chance = new Chance(seed, 13);
  const { rate } = sound;
  const chirps = new Float32Array(sound.samples.length);
  for (let at = 0; at < sound.samples.length / rate - 0.05; at += 1 / rollers) {
    const pitch = 2200 + 4500 * chance.uniform();
    const start = Math.round(at * rate);
    const long = Math.round(0.03 * rate);
    const loud = 0.5 + chance.uniform();
    for (let n = 0; n < long; n++)
      (chirps[start + n] as number) +=
        loud * Math.sin(Math.PI * (n / long)) * Math.sin((2 * Math.PI * pitch * n) / rate);
  }
  const scaled = scaledTo(chirps, rms);
  return { rate, samples: sound.samples.map((v, n) => v + (scaled[n] as number)) };
}

/** Somebody speaks: a voice of 90 to 250 Hz with formants, syllable by syllable, with pauses. */
export function addSpeech(sound: Made, rms: number, seed: number): Made {
  const chance = new Chance(seed, 14);
  const { rate } = sound;
  const voice = new Float32Array(sound.samples.length);
  const base = 95 + 130 * chance.uniform();
  let at = 0.1;
  while (at < sound.samples.length / rate - 0.4) {
    const long = 0.12 + 0.15 * chance.uniform();
    const pitch = base * (0.85 + 0.3 * chance.uniform());
    const formants = [300 + 500 * chance.uniform(), 900 + 1300 * chance.uniform(), 2500];
    const count = Math.round(long * rate);
    const start = Math.round(at * rate);
    for (let n = 0; n < count; n++) {
      const bow = Math.sin((Math.PI * n) / count);
      let v = 0;
      for (let h = 1; h * pitch < 4000; h++) {
        const f = h * pitch;
        const loud = formants.reduce(
          (sum, m, k) => sum + Math.exp(-(((f - m) / 150) ** 2)) / (k + 1),
          0.03,
        );
        v += loud * Math.sin((2 * Math.PI * f * n) / rate);
      }
      (voice[start + n] as number) += bow * v;
    }
    at += long + (chance.uniform() < 0.25 ? 0.3 : 0.04);
  }
  const scaled = scaledTo(voice, rms);
  return { rate, samples: sound.samples.map((v, n) => v + (scaled[n] as number)) };
}

/** Wind on a microphone: noise below 200 Hz that comes in gusts. */
export function addWind(sound: Made, rms: number, seed: number): Made {
  const chance = new Chance(seed, 15);
  const white = whiteNoise(seed + 1);
  const { rate } = sound;
  const wind = new Float32Array(sound.samples.length);
  let [low, lower] = [0, 0];
  let gust = 0.5;
  const smooth = (2 * Math.PI * 60) / rate;
  for (let n = 0; n < wind.length; n++) {
    if (n % Math.round(0.3 * rate) === 0) gust = 0.1 + 1.4 * chance.uniform() ** 2;
    low += smooth * (white() - low);
    lower += smooth * (low - lower);
    wind[n] = gust * lower;
  }
  const scaled = scaledTo(wind, rms);
  return { rate, samples: sound.samples.map((v, n) => v + (scaled[n] as number)) };
}
