import { fft } from 'fft-js';
import { addClicks, addSpeech, addSqueak, addWind, pinkNoise, type Made } from '@/test/chainSound';
import { falseBeats, hitRows, periodsIn } from '@/test/soundTrials';
import { aWeight } from '../aWeighting';
import { louderThan } from '../against';
import { BANDS, edgesOf } from '../bands';
import { framesOf } from '../frames';
import { levelsOf } from '../levels';
import { listen } from '../listen';
import { turnByBeat, turnByTaps } from '../turn';

const RATE = 44_100;
const tone = (frequency: number, loud: number, seconds = 2): Made => ({
  rate: RATE,
  samples: Float32Array.from(
    { length: seconds * RATE },
    (_, n) => loud * Math.sin((2 * Math.PI * frequency * n) / RATE),
  ),
});
const TURN = turnByBeat(60);

describe('A-weighting', () => {
  // IEC 61672-1:2013, table 3, at nominal frequencies, rounded there to 0.1 dB; their exact middles are used, as it says.
  it.each([
    [31.5, -39.4],
    [63, -26.2],
    [100, -19.1],
    [125, -16.1],
    [250, -8.6],
    [500, -3.2],
    [1000, 0],
    [2000, 1.2],
    [4000, 1.0],
    [8000, -1.1],
    [10_000, -2.5],
    [16_000, -6.6],
  ])('at %p Hz is %p dB', (nominal, db) => {
    const exact = 10 ** (Math.round(10 * Math.log10(nominal)) / 10);
    expect(Math.abs(aWeight(exact) - db)).toBeLessThanOrEqual(0.1);
  });
});

describe('the power of a sound', () => {
  it('is that of another Fourier transform (fft-js 0.0.12), frequency by frequency', () => {
    const { samples } = addClicks(pinkNoise(0.2, 0.1, 4), { period: 0.03, rms: 0.2, seed: 1 });
    const frames = framesOf({ samples, rate: RATE });
    const size = 2 * (frames.bins - 1);
    const windowed = Array.from(
      { length: size },
      (_, n) => samples[n]! * Math.sin((Math.PI * n) / size) ** 2,
    );
    // Twice the square of each: a frequency and its mirror. Hann's window leaves 3/8 of the power.
    fft(windowed)
      .slice(1, frames.bins - 1)
      .forEach(([re, im], n) =>
        expect(
          frames.power[n + 1]! / ((2 * (re ** 2 + im ** 2)) / (0.375 * size ** 2)),
        ).toBeCloseTo(1, 3),
      );
  });

  it('sums to the mean square of what was heard (Parseval)', () => {
    const sound = tone(1000, 0.5);
    const { power, bins, count } = framesOf(sound);
    for (const frame of [0, Math.floor(count / 2)]) {
      const sum = power.subarray(frame * bins, (frame + 1) * bins).reduce((a, b) => a + b, 0);
      // Half the square of a wave's height, within what the window's edges leave out.
      expect(sum).toBeCloseTo(0.125, 3);
    }
  });
});

describe('levels by band', () => {
  it('put a tone into its own third of an octave, at its A-weighted level', () => {
    const levels = levelsOf(framesOf(tone(4000, 0.1, 3.2)));
    // 0.1 high: 10 log (0.005) = -23.0 dB, and 1.0 dB for the ear.
    expect(levels.db[BANDS.indexOf(4000)]).toBeCloseTo(-22.0, 0);
    for (const band of [1000, 2000, 8000] as const)
      expect(levels.db[BANDS.indexOf(band)] ?? -200).toBeLessThan(-60);
    expect(levels.seconds).toBe(3);
  });

  it('have edges a third of an octave apart (IEC 61260-1), each beginning where the last ends', () => {
    expect(edgesOf(1000)[0]).toBeCloseTo(891.25, 1);
    expect(edgesOf(1000)[1]).toBeCloseTo(1122.02, 1);
    BANDS.slice(1).forEach((band, n) =>
      expect(edgesOf(band)[0]).toBeCloseTo(edgesOf(BANDS[n]!)[1], 6),
    );
  });

  it('leave out what a recording does not reach', () => {
    const low = pinkNoise(2, 0.1, 1, 8000);
    const { db } = levelsOf(framesOf(low));
    expect(db[BANDS.indexOf(4000)]).toBeNull();
    expect(db[BANDS.indexOf(2500)]).not.toBeNull();
    // Nor what a file at a higher rate holds nothing of: a low tone alone.
    const upsampled = levelsOf(framesOf(tone(500, 0.1, 2)));
    expect(upsampled.db[BANDS.indexOf(500)]).not.toBeNull();
    expect(upsampled.db[BANDS.indexOf(8000)]).toBeNull();
  });
});

describe('what comes again and again', () => {
  it('is found within 2 % where it stands out of the noise; 300 recordings in `npm run audit`', () => {
    for (const { snr, recordings, found } of hitRows(12))
      if (snr >= 0) expect(found).toBe(recordings);
  });

  it('is not found in noise alone, nor in a steady tone', () => {
    expect(falseBeats(6)).toBe(0);
    expect(periodsIn(tone(2500, 0.2, 12))).toEqual([]);
  });

  it('is told apart where two things beat', () => {
    const one = addClicks(pinkNoise(18, 0.005, 9), { period: 2.3, rms: 0.08, seed: 1 });
    const two = addClicks(one, { period: 0.61, rms: 0.05, from: 0.33, seed: 2 });
    const periods = periodsIn(two)
      .map((p) => p.period)
      .sort((a, b) => a - b);
    expect(periods).toHaveLength(2);
    expect(periods[0]! / 0.61).toBeCloseTo(1, 2);
    expect(periods[1]! / 2.3).toBeCloseTo(1, 2);
  });

  it('is one thing, though it comes stronger every second time', () => {
    const one = addClicks(pinkNoise(18, 0.005, 3), { period: 1.6, rms: 0.08, seed: 1 });
    const both = addClicks(one, { period: 1.6, rms: 0.04, from: 1, seed: 2 });
    const periods = periodsIn(both);
    expect(periods).toHaveLength(1);
  });

  it('is said by turns of the cranks, with an error that holds the truth', () => {
    const sound = addClicks(pinkNoise(15, 0.005, 5), { period: 0.9, rms: 0.05, seed: 3 });
    const heard = listen(sound, turnByBeat(45));
    if (!heard.ok) throw new Error(heard.problem.code);
    // A turn takes 4/3 s.
    const [rhythm] = heard.value.rhythms;
    expect(rhythm!.perTurn).toBeCloseTo(4 / 3 / 0.9, 1);
    expect(Math.abs(rhythm!.perTurn - 4 / 3 / 0.9)).toBeLessThan(2 * rhythm!.sd);
    expect(heard.value.turns).toBeCloseTo(11.25, 2);
  });
});

describe('turns', () => {
  it('by taps are the mean of all of them, surer the more there are', () => {
    expect(turnByTaps([1, 2, 3.1, 3.9, 5])).toMatchObject({ seconds: 1 });
    expect(turnByTaps([0, 1, 2])!.sd).toBeGreaterThan(turnByTaps([0, 1, 2, 3, 4, 5, 6])!.sd);
    expect(turnByTaps([1, 2])).toBeNull();
    expect(turnByTaps([1, 1, 1])).toBeNull();
  });
});

describe('a recording that tells nothing is refused', () => {
  const chain = (seed: number) =>
    addClicks(pinkNoise(9, 0.01, seed), { period: 0.9, rms: 0.03, seed });
  it.each<[string, Made]>([
    ['sound/too-quiet', { rate: RATE, samples: new Float32Array(9 * RATE) }],
    [
      'sound/clipped',
      { rate: RATE, samples: chain(1).samples.map((v) => Math.max(-1, Math.min(1, 60 * v))) },
    ],
    ['sound/wind', addWind(chain(2), 0.1, 2)],
    ['sound/speech', addSpeech(chain(3), 0.04, 3)],
    ['sound/too-short', { rate: RATE, samples: chain(4).samples.slice(0, 5 * RATE) }],
  ])('%s', (code, sound) => {
    expect(listen(sound, TURN)).toMatchObject({ ok: false, problem: { code } });
  });

  it('but no hum, no squeak, no click is taken for wind or a voice', () => {
    const hum = tone(100, 0.05, 9).samples;
    for (let seed = 0; seed < 2; seed++) {
      const { samples, rate } = chain(seed);
      expect(listen({ rate, samples: samples.map((v, n) => v + hum[n]!) }, TURN).ok).toBe(true);
      expect(listen(addSqueak(chain(seed), 0.03, 50, seed), TURN).ok).toBe(true);
    }
  });
});

describe('beside its quiet', () => {
  const levels = (sound: Made) => levelsOf(framesOf(sound));
  const quiet = levels(pinkNoise(12, 0.01, 1));

  it('a recording twice as high is 6 dB louder, and the same one no louder', () => {
    expect(louderThan(quiet, levels(pinkNoise(12, 0.02, 2)))!.db).toBeCloseTo(6, 0);
    expect(louderThan(quiet, levels(pinkNoise(12, 0.01, 3)))!.db).toBeCloseTo(0, 0);
  });

  it('a squeaking chain is told from a quiet one, in every one of ten', () => {
    for (let seed = 0; seed < 5; seed++) {
      const still = louderThan(quiet, levels(pinkNoise(8, 0.011, 50 + seed)))!;
      const dry = louderThan(
        quiet,
        levels(addSqueak(pinkNoise(8, 0.01, 70 + seed), 0.012, 50, seed)),
      )!;
      expect(still.db).toBeLessThan(2 * still.sd);
      expect(dry.db).toBeGreaterThan(2 * dry.sd);
    }
  });

  it('says nothing where they share no band up there', () => {
    expect(louderThan(quiet, levels(pinkNoise(4, 0.01, 1, 3200)))).toBeNull();
  });
});
