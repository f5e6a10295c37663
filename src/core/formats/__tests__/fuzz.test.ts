import { cases } from '@/test/cases';
import { CSV, expectSound, FORMATS, spoil } from '@/test/faults/spoil';
import { FAIR } from '@/test/weather';
import { readCalendar } from '../calendarIn';
import { readRideFiles } from '../rideFile';
import { readWeatherFile, writeWeatherFile } from '../weatherFile';

/** Nothing takes longer, on the slowest machine. */
const LONGEST_MS = 2000;
/** Spoilt files a format, each from a fixed seed. */
const FILES = cases(2000);

/** What `read` returns. Throws where it takes too long twice: a machine that stood still is no hang. */
function inTime<T>(seed: number, read: () => T): T {
  const began = performance.now();
  const done = read();
  if (performance.now() - began <= LONGEST_MS) return done;
  const again = performance.now();
  read();
  if (performance.now() - again > LONGEST_MS) throw new Error(`seed ${seed} hangs`);
  return done;
}

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

describe('calendars, spoilt', () => {
  const whole = new TextEncoder().encode(
    [
      'BEGIN:VCALENDAR',
      'VERSION:2.0',
      'BEGIN:VEVENT',
      'UID:w',
      'SUMMARY:Tuesday ride 40 km',
      'DTSTART;TZID=Europe/London:20261124T180000',
      'DURATION:PT2H',
      'RRULE:FREQ=WEEKLY;BYDAY=TU;COUNT=30',
      'EXDATE;TZID=Europe/London:20261208T180000',
      'END:VEVENT',
      'BEGIN:VEVENT',
      'UID:r',
      'SUMMARY:Race',
      'DTSTART;VALUE=DATE:20261206',
      'RDATE;VALUE=DATE:20261213',
      'END:VEVENT',
      'END:VCALENDAR',
      '',
    ].join('\r\n'),
  );

  it(`never throw or hang, and hold days of the window only: ${FILES} of them`, () => {
    for (let seed = 0; seed < FILES; seed++) {
      const text = new TextDecoder().decode(spoil(whole, seed));
      const read = inTime(seed, () =>
        readCalendar(text, 'Europe/London', '2026-11-24', '2027-01-18'),
      );
      if (!read.ok) continue;
      for (const { date, hours } of read.value.entries)
        if (date < '2026-11-23' || date > '2027-01-19' || (hours !== null && !(hours > 0)))
          throw new Error(`seed ${seed}: ${date}, ${hours}`);
    }
  }, 120_000);
});

describe.each(FORMATS)('%s files, spoilt', (name, whole) => {
  it(`never crash, hang or half import: ${FILES} of them`, () => {
    let refused = 0;
    for (let seed = 0; seed < FILES; seed++) {
      const spoilt = spoil(whole, seed);
      const files = inTime(seed, () => [...readRideFiles(`${seed}.${name}`, spoilt, CSV)]);
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
