import ICAL from 'ical.js';
import {
  changeBy,
  distanceIn,
  ridesOfCalendar,
  type CalendarRules,
} from '../../plan/rides/calendarRides';
import { readCalendar } from '../calendarIn';
import { writeCalendar } from '../calendarOut';
import type { CalendarJob } from '../../words/planCalendar';

const NOW = Date.parse('2026-11-24T10:00:00Z');
const wrap = (...lines: string[]) =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//test//EN', ...lines, 'END:VCALENDAR', ''].join(
    '\r\n',
  );
const event = (uid: string, ...lines: string[]) => [
  'BEGIN:VEVENT',
  `UID:${uid}`,
  'DTSTAMP:20261101T000000Z',
  ...lines,
  'END:VEVENT',
];
const read = (text: string, from = '2026-11-24', to = '2027-01-18', zone = 'Europe/London') => {
  const result = readCalendar(text, zone, from, to);
  if (!result.ok) throw new Error(result.problem.code);
  return result.value;
};

describe('a calendar read', () => {
  it('ends a rule at the moment it says, in whichever zone it is ridden', () => {
    const days = (...lines: string[]) =>
      read(
        wrap(...event('s', 'SUMMARY:Ride', ...lines)),
        '2026-11-24',
        '2027-01-18',
        'UTC',
      ).entries.map((e) => `${e.date} ${e.time}`);
    // Eight in the morning of Kolkata is half past two in UTC: the last day is ridden, though eight is later than half past two.
    expect(
      days('DTSTART;TZID=Asia/Kolkata:20261201T080000', 'RRULE:FREQ=DAILY;UNTIL=20261203T023000Z'),
    ).toEqual(['2026-12-01 02:30', '2026-12-02 02:30', '2026-12-03 02:30']);
    // Two in the afternoon of New York is seven in the evening: the day the rule ends at two in UTC is not.
    expect(
      days(
        'DTSTART;TZID=America/New_York:20261201T140000',
        'RRULE:FREQ=DAILY;UNTIL=20261203T140000Z',
      ),
    ).toEqual(['2026-12-01 19:00', '2026-12-02 19:00']);
    // A day listed beside the rule is ridden after its end too, and once though it is listed twice.
    expect(
      days(
        'DTSTART;TZID=Asia/Kolkata:20261201T080000',
        'RRULE:FREQ=DAILY;UNTIL=20261201T023000Z',
        'RDATE;TZID=Asia/Kolkata:20261202T080000,20261202T080000',
      ),
    ).toEqual(['2026-12-01 02:30', '2026-12-02 02:30']);
  });

  it('a day that is both left out and moved is ridden where it was moved to', () => {
    const series = event(
      's',
      'SUMMARY:Ride',
      'DTSTART:20261201T080000Z',
      'RRULE:FREQ=DAILY;COUNT=2',
      'EXDATE:20261202T080000Z',
    );
    const moved = event(
      's',
      'SUMMARY:Moved',
      'RECURRENCE-ID:20261202T080000Z',
      'DTSTART:20261205T080000Z',
    );
    expect(read(wrap(...series, ...moved)).entries.map((e) => e.title)).toEqual(['Ride', 'Moved']);
  });

  it('leaves out days written without saying that they are days, and bare days of timed entries', () => {
    const series = (...lines: string[]) => read(wrap(...event('s', 'SUMMARY:Ride', ...lines)));
    const all = series('DTSTART:20261201', 'RRULE:FREQ=DAILY;COUNT=4', 'EXDATE:20261202,20261203');
    expect(all.entries.map((e) => e.date)).toEqual(['2026-12-01', '2026-12-04']);
    const timed = series(
      'DTSTART:20261201T080000',
      'RRULE:FREQ=DAILY;COUNT=3',
      'EXDATE;VALUE=DATE:20261202',
    );
    expect(timed.entries.map((e) => e.date)).toEqual(['2026-12-01', '2026-12-03']);
    const atMidnight = series(
      'DTSTART;VALUE=DATE:20261201',
      'RRULE:FREQ=DAILY;COUNT=3',
      'EXDATE:20261202T000000',
    );
    expect(atMidnight.entries.map((e) => e.date)).toEqual(['2026-12-01', '2026-12-03']);
    expect(all.skipped + timed.skipped + atMidnight.skipped).toBe(0);
  });

  it('gives single entries in the rider’s zone, whole days without an hour', () => {
    const { entries } = read(
      wrap(
        ...event(
          'a',
          'SUMMARY:Ride with the club',
          'DTSTART:20261128T090000Z',
          'DTEND:20261128T120000Z',
        ),
        ...event('b', 'SUMMARY:Race', 'DTSTART;VALUE=DATE:20261206', 'DTEND;VALUE=DATE:20261207'),
      ),
      undefined,
      undefined,
      'Europe/Oslo',
    );
    expect(entries).toMatchObject([
      { id: 'a#2026-11-28', date: '2026-11-28', time: '10:00', hours: 3 },
      { id: 'b#2026-12-06', date: '2026-12-06', time: null, hours: null },
    ]);
  });

  it('follows repeats with exceptions and moved days (RFC 5545, 3.8.5)', () => {
    const { entries } = read(
      wrap(
        ...event(
          'w',
          'SUMMARY:Tuesday ride',
          'DTSTART:20261124T180000',
          'DURATION:PT2H',
          'RRULE:FREQ=WEEKLY;BYDAY=TU;COUNT=5',
          'EXDATE:20261208T180000',
        ),
        ...event(
          'w',
          'RECURRENCE-ID:20261201T180000',
          'SUMMARY:Tuesday ride, on Wednesday',
          'DTSTART:20261202T190000',
          'DURATION:PT1H',
        ),
      ),
    );
    expect(entries.map((e) => [e.id, e.date, e.time])).toEqual([
      ['w#2026-11-24', '2026-11-24', '18:00'],
      ['w#2026-12-01', '2026-12-02', '19:00'],
      ['w#2026-12-15', '2026-12-15', '18:00'],
      ['w#2026-12-22', '2026-12-22', '18:00'],
    ]);
  });

  it('reads several calendars of one file, and an exception whose repeats are not in it', () => {
    const first = wrap(...event('a', 'SUMMARY:Ride', 'DTSTART:20261128T090000Z'));
    const second = wrap(
      ...event(
        'gone',
        'RECURRENCE-ID:20261201T180000',
        'SUMMARY:Ride, moved',
        'DTSTART:20261202T190000',
      ),
    );
    expect(read(`${first}${second}`).entries.map((e) => [e.id, e.time])).toEqual([
      ['a#2026-11-28', '09:00'],
      ['gone#2026-12-02', '19:00'],
    ]);
  });

  it('has the first day among days that are listed, and moves a day and all after it (RFC 5545, 3.8.5.2 and 3.2.13)', () => {
    const listed = read(
      wrap(
        ...event(
          'r',
          'SUMMARY:Ride',
          'DTSTART:20261128T090000Z',
          'RDATE:20261205T090000Z,20261212T100000Z',
        ),
      ),
    );
    expect(listed.entries.map((e) => [e.date, e.time])).toEqual([
      ['2026-11-28', '09:00'],
      ['2026-12-05', '09:00'],
      ['2026-12-12', '10:00'],
    ]);
    const moved = read(
      wrap(
        ...event(
          'f',
          'SUMMARY:Ride',
          'DTSTART:20261124T180000Z',
          'DURATION:PT2H',
          'RRULE:FREQ=WEEKLY;COUNT=4',
        ),
        ...event(
          'f',
          'RECURRENCE-ID;RANGE=THISANDFUTURE:20261208T180000Z',
          'SUMMARY:Late ride',
          'DTSTART:20261208T193000Z',
          'DURATION:PT1H',
        ),
      ),
    );
    expect(moved.entries.map((e) => [e.date, e.time, e.title, e.hours])).toEqual([
      ['2026-11-24', '18:00', 'Ride', 2],
      ['2026-12-01', '18:00', 'Ride', 2],
      ['2026-12-08', '19:30', 'Late ride', 1],
      ['2026-12-15', '19:30', 'Late ride', 1],
    ]);
  });

  it('keeps the local hour through a change of clocks, by the zone the file describes', () => {
    const zone = [
      'BEGIN:VTIMEZONE',
      'TZID:Island',
      'BEGIN:STANDARD',
      'DTSTART:20261025T020000',
      'TZOFFSETFROM:+0100',
      'TZOFFSETTO:+0000',
      'END:STANDARD',
      'BEGIN:DAYLIGHT',
      'DTSTART:20260329T010000',
      'TZOFFSETFROM:+0000',
      'TZOFFSETTO:+0100',
      'END:DAYLIGHT',
      'END:VTIMEZONE',
    ];
    const { entries, unknownZones } = read(
      wrap(
        ...zone,
        ...event(
          'i',
          'SUMMARY:Ride',
          'DTSTART;TZID=Island:20261023T080000',
          'RRULE:FREQ=DAILY;COUNT=4',
        ),
      ),
      '2026-10-20',
      '2026-10-30',
      'UTC',
    );
    expect(entries.map((e) => e.time)).toEqual(['07:00', '07:00', '08:00', '08:00']);
    expect(unknownZones).toEqual([]);
  });

  it('takes a zone the world knows by name without its description, and an unknown one as the rider’s', () => {
    const { entries, unknownZones } = read(
      wrap(
        ...event(
          'n',
          'SUMMARY:Ride',
          'DTSTART;TZID=America/New_York:20261128T080000',
          'DURATION:PT1H',
        ),
        ...event('x', 'SUMMARY:Ride', 'DTSTART;TZID=Nowhere/Land:20261129T080000', 'DURATION:PT1H'),
      ),
    );
    expect(entries.map((e) => e.time)).toEqual(['13:00', '08:00']);
    expect(unknownZones).toEqual(['Nowhere/Land']);
  });

  it('bounds endless and mad repeats, and ten thousand entries', () => {
    const endless = read(
      wrap(
        ...event(
          'e',
          'SUMMARY:Ride',
          'DTSTART:20100101T070000Z',
          'DURATION:PT1H',
          'RRULE:FREQ=DAILY',
        ),
      ),
    );
    expect(endless.entries).toHaveLength(56);
    const mad = read(
      wrap(...event('m', 'SUMMARY:Ride', 'DTSTART:20200101T070000Z', 'RRULE:FREQ=SECONDLY')),
    );
    expect(mad.cutShort).toBe(1);
    const many = read(
      wrap(
        ...Array.from({ length: 10_000 }, (_, n) =>
          event(`u${n}`, 'SUMMARY:Ride', 'DTSTART:20261128T090000Z', 'DURATION:PT1H'),
        ).flat(),
      ),
    );
    expect(many.tooMany).toBe(true);
    expect(many.entries).toHaveLength(2000);
  }, 60_000);

  it('leaves out what is called off or cannot be read, and refuses what is no calendar', () => {
    const { entries, skipped } = read(
      wrap(
        ...event('c', 'SUMMARY:Ride', 'STATUS:CANCELLED', 'DTSTART:20261128T090000Z'),
        ...event('d', 'SUMMARY:Ride', 'DTSTART:rubbish', 'RRULE:FREQ=NEVER'),
        ...event('f', 'SUMMARY:No start'),
        ...event('g', 'SUMMARY:A good one', 'DTSTART:20261129T090000Z'),
      ),
    );
    expect(entries.map((e) => e.title)).toEqual(['A good one']);
    expect(skipped).toBe(1);
    for (const text of ['', 'hello', 'BEGIN:VCALENDAR\r\nBEGIN:VEVENT', '{"a":1}']) {
      const result = readCalendar(text, 'UTC', '2026-11-24', '2026-12-24');
      expect(result.ok).toBe(false);
    }
  });
});

describe('its rides', () => {
  const rules: CalendarRules = {
    words: ['ride', 'race'],
    bikeId: 'b1',
    surface: 'paved',
    usualKm: 40,
  };
  const text = wrap(
    ...event('a', 'SUMMARY:Club ride 62 km', 'DTSTART:20261128T090000Z', 'DURATION:PT3H'),
    ...event('b', 'SUMMARY:Two capes race', 'DTSTART;VALUE=DATE:20261206'),
    ...event('c', 'SUMMARY:Dentist', 'DTSTART:20261203T090000Z', 'DURATION:PT1H'),
    ...event('d', 'SUMMARY:Evening ride', 'DTSTART:20261202T180000Z', 'DURATION:PT2H'),
  );

  it('are those with a word in them, as far as they tell, else by their hours, else as usual', () => {
    const rides = ridesOfCalendar(read(text).entries, rules);
    expect(rides.map((r) => [r.title, r.distanceKm, r.weight])).toEqual([
      ['Club ride 62 km', 62, 'ordinary'],
      ['Evening ride', 48, 'ordinary'],
      ['Two capes race', 40, 'race'],
    ]);
    expect(distanceIn({ title: 'Ride', text: 'about 30 miles' })).toBeCloseTo(48.28, 2);
    expect(distanceIn({ title: '5 kmh wind', text: '' })).toBeNull();
  });

  it('read twice change nothing, and move when the calendar moves them', () => {
    const put = (list: ReturnType<typeof ridesOfCalendar>) =>
      Object.fromEntries(
        list.map((r) => [r.id, { ...r, retired: false, changedAt: '2026-11-24T00:00:00.000Z' }]),
      );
    const first = changeBy(ridesOfCalendar(read(text).entries, rules), {}, '2026-11-24');
    expect(first.put).toHaveLength(3);
    const planned = put(first.put);
    const again = changeBy(ridesOfCalendar(read(text).entries, rules), planned, '2026-11-24');
    expect(again).toMatchObject({ put: [], drop: [], unchanged: 3 });
    const moved = text.replace('20261128T090000Z', '20261129T090000Z');
    const change = changeBy(ridesOfCalendar(read(moved).entries, rules), planned, '2026-11-24');
    expect(change.put.map((r) => r.date)).toEqual(['2026-11-29']);
    expect(change.drop.map((r) => r.date)).toEqual(['2026-11-28']);
  });
});

describe('a calendar written', () => {
  const job: CalendarJob = {
    id: 'chain-12',
    title: 'Quay commuter: Top up; wipe, lube, wipe \\ slowly',
    text: `Start by 18:30, so that it is set by 07:00.\n${'A long reason. '.repeat(20)}`,
    start: Date.parse('2026-11-26T18:00:00Z'),
    minutes: 15,
    off: false,
  };
  const text = writeCalendar([job, { ...job, id: 'chain-13', off: true }], NOW);

  it('parses back equal in an independent parser (npm ical.js)', () => {
    const root = new ICAL.Component(ICAL.parse(text) as unknown[]);
    const [first, second] = root.getAllSubcomponents('vevent').map((c) => new ICAL.Event(c));
    expect(first?.uid).toBe('chain-12@dapper-spoke.invalid');
    expect(first?.summary).toBe(job.title);
    expect(first?.description).toBe(job.text);
    expect(first?.startDate.toJSDate().getTime()).toBe(job.start);
    expect(first?.duration.toSeconds()).toBe(15 * 60);
    const alarm = first?.component.getFirstSubcomponent('valarm');
    expect(String(alarm?.getFirstPropertyValue('trigger'))).toBe('-PT1H');
    expect(second?.component.getFirstPropertyValue('status')).toBe('CANCELLED');
  });

  it('folds lines at 75 octets, ends them with CRLF, and escapes text (RFC 5545, 3.1 and 3.3.11)', () => {
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
    expect(text.replace(/\r\n/g, '')).not.toMatch(/[\r\n]/);
    expect(text.replace(/\r\n /g, '')).toContain('Top up\\; wipe\\, lube\\, wipe \\\\ slowly');
  });

  it('keeps an entry’s UID and counts its SEQUENCE up, so that a second import moves it', () => {
    const later = writeCalendar([{ ...job, start: job.start + 86_400_000 }], NOW + 3_600_000);
    const of = (t: string) =>
      new ICAL.Component(ICAL.parse(t) as unknown[]).getFirstSubcomponent(
        'vevent',
      ) as ICAL.Component;
    expect(of(later).getFirstPropertyValue('uid')).toBe(of(text).getFirstPropertyValue('uid'));
    expect(Number(of(later).getFirstPropertyValue('sequence'))).toBeGreaterThan(
      Number(of(text).getFirstPropertyValue('sequence')),
    );
  });
});
