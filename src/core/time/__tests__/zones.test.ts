import { TZDate } from '@date-fns/tz';
import fc from 'fast-check';
import { dateOf, momentOf, timeOf } from '../zones';

/** Zones whose clocks do odd things: half hours, 45 minutes, half an hour of summer time, a day left out, Ramadan. */
const ZONES = [
  'UTC',
  'Europe/London',
  'Europe/Berlin',
  'America/New_York',
  'America/St_Johns',
  'America/Sao_Paulo',
  'Asia/Kolkata',
  'Asia/Kathmandu',
  'Australia/Lord_Howe',
  'Australia/Adelaide',
  'Africa/Casablanca',
  'Pacific/Apia',
  'Pacific/Kiritimati',
  'Pacific/Chatham',
  'Antarctica/Troll',
];
const zone = fc.constantFrom(...ZONES);
const [FROM, TO] = [Date.UTC(1990, 0, 1), Date.UTC(2038, 0, 1)];
/** Against Intl itself, which knows the zones by the IANA's table. */
const byIntl = (ms: number, of: string) => {
  const parts = new Intl.DateTimeFormat('en-GB', {
    timeZone: of,
    dateStyle: 'short',
    timeStyle: 'short',
  }).formatToParts(ms);
  const part = (type: string) => parts.find((p) => p.type === type)!.value;
  return `${part('year')}-${part('month')}-${part('day')} ${part('hour')}:${part('minute')}`;
};

describe('dates and times of a zone', () => {
  it('are those of the IANA’s table, at any moment', () => {
    fc.assert(
      fc.property(fc.integer({ min: FROM, max: TO }), zone, (ms, of) => {
        expect(`${dateOf(ms, of)} ${timeOf(ms, of)}`).toBe(byIntl(ms, of));
      }),
      { seed: 12, numRuns: 3000 },
    );
  });

  it('change where the clocks are turned, to the minute', () => {
    for (const of of ZONES)
      for (let ms = Date.UTC(2011, 0, 1); ms < Date.UTC(2012, 0, 5); ms += 6 * 3_600_000) {
        const [before, after] = [
          new TZDate(ms, of).getTimezoneOffset(),
          new TZDate(ms + 6 * 3_600_000, of).getTimezoneOffset(),
        ];
        if (before === after) continue;
        for (let m = ms; m <= ms + 6 * 3_600_000; m += 60_000)
          expect(`${dateOf(m, of)} ${timeOf(m, of)}`).toBe(byIntl(m, of));
      }
  });

  it('lead back to their moment, also where the clocks skip an hour or repeat one', () => {
    const minutes = fc.integer({ min: FROM / 60_000, max: TO / 60_000 });
    fc.assert(
      fc.property(minutes, zone, (minute, of) => {
        const ms = minute * 60_000;
        const moment = momentOf(dateOf(ms, of), timeOf(ms, of), of);
        expect(`${dateOf(moment, of)} ${timeOf(moment, of)}`).toBe(byIntl(ms, of));
        // The first of two moments of that name, a turn of the clocks earlier.
        if (moment !== ms) expect([0.5, 1, 2, 3]).toContain((ms - moment) / 3_600_000);
      }),
      { seed: 13, numRuns: 3000 },
    );
    // Facts of the calendar: Europe's clocks in 2026; Samoa left out 30 December 2011.
    expect(momentOf('2026-03-29', '01:30', 'Europe/London')).toBe(Date.UTC(2026, 2, 29, 1, 30));
    expect(momentOf('2026-03-29', '00:59', 'Europe/London')).toBe(Date.UTC(2026, 2, 29, 0, 59));
    expect(momentOf('2026-10-25', '01:30', 'Europe/London')).toBe(Date.UTC(2026, 9, 25, 0, 30));
    expect(momentOf('2026-10-25', '02:00', 'Europe/London')).toBe(Date.UTC(2026, 9, 25, 2));
    expect(momentOf('2011-12-30', '10:00', 'Pacific/Apia')).toBe(Date.UTC(2011, 11, 30, 20));
    expect(dateOf(Date.UTC(2011, 11, 30, 10), 'Pacific/Apia')).toBe('2011-12-31');
    expect(dateOf(Date.UTC(2011, 11, 30, 9, 59), 'Pacific/Apia')).toBe('2011-12-29');
  });

  it('are none where there is no such day or zone', () => {
    expect(momentOf('soon', '10:00', 'UTC')).toBeNaN();
    expect(momentOf('2026-11-24', '10:00', 'Europe/Nowhere')).toBeNaN();
    expect(() => dateOf(NaN, 'UTC')).toThrow(RangeError);
  });
});
