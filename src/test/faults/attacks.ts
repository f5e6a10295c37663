import { zipSync } from 'fflate';

/** Files made to keep a reader busy, fill memory, or slip something past it. */
export interface Attack {
  name: string;
  file: string;
  bytes: Uint8Array;
  /** What must come of it: a problem's code, or for calendars the word of what is told. */
  expect: string;
}

const bytesOf = (text: string): Uint8Array => new TextEncoder().encode(text);
const BLANKS = ' '.repeat(200_000);

const gpx = (points: string): string =>
  `<?xml version="1.0"?><gpx version="1.1" creator="x"><trk><trkseg>${points}</trkseg></trk></gpx>`;
const point = (lat: number, time: string): string =>
  `<trkpt lat="${lat}" lon="-2.9"><time>${time}</time></trkpt>`;

/** A ZIP whose directory lists one entry so many times (overlapping entries, as in Fifield's bomb). */
function overlapping(times: number): Uint8Array {
  const honest = zipSync({ 'a.gpx': new Uint8Array(1_000_000) });
  const view = new DataView(honest.buffer);
  const end = honest.length - 22;
  const directoryAt = view.getUint32(end + 16, true);
  const directory = honest.slice(directoryAt, end);
  const parts = [honest.slice(0, directoryAt), ...Array<Uint8Array>(times).fill(directory)];
  const tail = honest.slice(end);
  const tailView = new DataView(tail.buffer);
  tailView.setUint16(8, times, true);
  tailView.setUint16(10, times, true);
  tailView.setUint32(12, directory.length * times, true);
  const whole = new Uint8Array([...parts, tail].reduce((n, part) => n + part.length, 0));
  let at = 0;
  for (const part of [...parts, tail]) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
}

const csv = (cell: string): string => `start,distance\n"${cell}",20\n2026-05-01 08:00,21\n`;

/** Ride files, each with the code of the problem it must end in. */
export const rideAttacks = (): Attack[] => [
  {
    name: 'an archive whose entries share their bytes',
    file: 'bomb.zip',
    bytes: overlapping(1500),
    expect: 'zip/bomb',
  },
  {
    name: 'an archive that unpacks without end',
    file: 'flat.zip',
    bytes: zipSync(
      Object.fromEntries(
        Array.from({ length: 30 }, (_, n) => [`${n}.gpx`, new Uint8Array(9_000_000)]),
      ),
    ),
    expect: 'zip/bomb',
  },
  {
    name: '70 MB of zeros',
    file: 'zeros.gpx',
    bytes: new Uint8Array(70_000_000),
    expect: 'file/unknown',
  },
  {
    name: 'half a million points that go nowhere',
    file: 'points.gpx',
    bytes: bytesOf(gpx(point(54.2, '2026-05-10T08:00:00Z').repeat(500_000))),
    expect: 'file/too-large',
  },
  {
    name: 'a track of 46 years',
    file: 'years.gpx',
    bytes: bytesOf(gpx(point(54.2, '1980-01-01T00:00:00Z') + point(54.3, '2026-05-10T08:00:00Z'))),
    expect: 'track/too-long',
  },
  {
    name: '999 km in a minute',
    file: 'fast.csv',
    bytes: bytesOf('start,distance,duration min\n2026-05-01 08:00,999,1\n'),
    expect: 'held',
  },
  {
    name: 'a cell of blanks where a date should be',
    file: 'blanks.csv',
    bytes: bytesOf(csv(`2026-05-01${BLANKS}\nx`)),
    expect: 'csv/start',
  },
  {
    name: 'a cell of blanks where a number should be',
    file: 'blanks2.csv',
    bytes: bytesOf(`start,distance\n2026-05-01 08:00,"1${BLANKS}!"\n`),
    expect: 'csv/distance',
  },
  {
    name: 'elements within elements without end',
    file: 'deep.gpx',
    bytes: bytesOf(`<gpx>${'<a>'.repeat(400_000)}`),
    expect: 'file/not-xml',
  },
  {
    name: 'entities that grow',
    file: 'lol.gpx',
    bytes: bytesOf(
      '<!DOCTYPE gpx [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><gpx><trk><name>&b;</name></trk></gpx>',
    ),
    expect: 'file/not-xml',
  },
];

const calendar = (body: string): string =>
  `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\n${body}END:VCALENDAR\r\n`;
const event = (lines: string, uid = 'u'): string =>
  `BEGIN:VEVENT\r\nUID:${uid}\r\nSUMMARY:Ride\r\nDTSTART:20260501T080000Z\r\n${lines}END:VEVENT\r\n`;

/** Calendars; `expect` is what is told: cut short, skipped, damaged, or read. */
export const calendarAttacks = (): Attack[] =>
  (
    [
      ['31 February every day', event('RRULE:FREQ=DAILY;BYMONTH=2;BYMONTHDAY=31\r\n'), 'cut short'],
      ['30 February every week', event('RRULE:FREQ=WEEKLY;BYMONTH=2;BYMONTHDAY=30\r\n'), 'told'],
      ['every second', event('RRULE:FREQ=SECONDLY\r\n'), 'told'],
      [
        'every minute of a month that is never',
        event('RRULE:FREQ=MINUTELY;BYMONTH=13\r\n'),
        'told',
      ],
      ['an hour that is never', event('RRULE:FREQ=HOURLY;BYHOUR=25\r\n'), 'told'],
      [
        'an interval of nothing',
        event('RRULE:FREQ=DAILY;INTERVAL=0;BYMONTH=2;BYMONTHDAY=31\r\n'),
        'told',
      ],
      ['a year day that is never', event('RRULE:FREQ=YEARLY;BYYEARDAY=366;BYMONTH=3\r\n'), 'told'],
      ['a week that is never', event('RRULE:FREQ=YEARLY;BYWEEKNO=53;BYMONTH=6\r\n'), 'told'],
      ['a length below nothing', event('DURATION:-PT5H\r\n'), 'read'],
      ['the year 1', event('').replace('20260501', '00010101'), 'read'],
      ['the year 9999', event('').replace('20260501', '99991231'), 'read'],
      ['entries that never end', 'BEGIN:VEVENT\r\n'.repeat(60_000), 'damaged'],
      ['blanks behind an entry', `${event('').trimEnd()}${BLANKS}\r\nBEGIN:VEVENT\r\n`, 'damaged'],
      [
        'hundreds of rules that never come',
        Array.from({ length: 300 }, (_, n) =>
          event('RRULE:FREQ=DAILY;BYMONTH=2;BYMONTHDAY=31\r\n', `u${n}`),
        ).join(''),
        'cut short',
      ],
    ] as const
  ).map(([name, body, told]) => ({
    name,
    file: 'attack.ics',
    bytes: bytesOf(calendar(body)),
    expect: told,
  }));
