import { CSV, expectSound, FORMATS, spoil } from '@/test/faults/spoil';
import { FAIR } from '@/test/weather';
import { readRideFiles } from '../rideFile';
import { readWeatherFile, writeWeatherFile } from '../weatherFile';

/** Spoilt files a format, each from a fixed seed. */
const FILES = 2000;

describe('weather files, spoilt', () => {
  const hours = new Map(Array.from({ length: 24 }, (_, n) => [494_000 + n, FAIR]));
  const whole = new TextEncoder().encode(writeWeatherFile(hours));

  it(`are read whole or refused whole: ${FILES} of them`, () => {
    let refused = 0;
    for (let seed = 0; seed < FILES; seed++) {
      const read = readWeatherFile(new TextDecoder().decode(spoil(whole, seed)));
      if (!read.ok) refused += 1;
      else
        for (const { rainMm, humidity } of read.value.values())
          if (!(rainMm >= 0 && humidity >= 0 && humidity <= 1)) throw new Error(`seed ${seed}`);
    }
    expect(refused).toBeGreaterThan(FILES / 4);
  });
});

describe.each(FORMATS)('%s files, spoilt', (name, whole) => {
  it(`never crash, hang or half import: ${FILES} of them`, () => {
    let refused = 0;
    for (let seed = 0; seed < FILES; seed++) {
      const files = [...readRideFiles(`${seed}.${name}`, spoil(whole, seed), CSV)];
      expect(files.length).toBeGreaterThan(0);
      refused += files.filter((f) => !f.rides.ok).length;
      expectSound(files);
    }
    expect(refused).toBeGreaterThan(0);
  }, 120_000);

  it('unspoilt are read', () => {
    const files = [...readRideFiles(name, whole, CSV)];
    expect(files.every((f) => f.rides.ok && f.rides.value.every((r) => r.ok))).toBe(true);
  });
});
