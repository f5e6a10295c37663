import { readCalendar } from '@/core/formats/calendarIn';
import { readBackup, writeBackup } from '@/core/formats/backup';
import { readRideFiles } from '@/core/formats/rideFile';
import { readWeatherFile, writeWeatherFile } from '@/core/formats/weatherFile';
import { demoLogbook } from '@/core/demo/scenario';
import * as validation from '@/core/validation/validate';
import { calendarAttacks, rideAttacks } from '@/test/faults/attacks';
import { lastMonths } from '@/test/faults/corruptions';
import { CSV, expectSound, FORMATS, spoil } from '@/test/faults/spoil';
import { FAIR } from '@/test/weather';
import { campaign } from './report';

/** Files changed at random, so many a format, and files made by hand to harm. */
const FILES = 2000;
const LIMIT_MS = 2000;
const LIMIT_BYTES = 500_000_000;

const bytesOf = (text: string) => new TextEncoder().encode(text);
const textOf = (bytes: Uint8Array) => new TextDecoder().decode(bytes);
const NOW = Date.parse('2026-05-10T12:00:00.000Z');

const readRides = (name: string) => (bytes: Uint8Array) =>
  expectSound([...readRideFiles(name, bytes, CSV)]);
const readDays = (bytes: Uint8Array) =>
  void readCalendar(textOf(bytes), 'Europe/London', '2026-04-27', '2026-06-30');

const calendar = `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\n${Array.from(
  { length: 8 },
  (_, n) =>
    `BEGIN:VEVENT\r\nUID:u${n}\r\nSUMMARY:Ride ${n}\r\nDTSTART:202605${10 + n}T080000Z\r\nDURATION:PT2H\r\nRRULE:FREQ=WEEKLY;BYDAY=SA\r\nEND:VEVENT\r\n`,
).join('')}END:VCALENDAR\r\n`;
const hours = new Map(Array.from({ length: 24 }, (_, n) => [494_000 + n, FAIR] as const));
const backup = writeBackup(lastMonths(demoLogbook(NOW, 'Europe/London'), 1), '');

const READERS: [name: string, whole: Uint8Array, read: (bytes: Uint8Array) => void][] = [
  ...FORMATS.map(([name, whole]): (typeof READERS)[number] => [
    name,
    whole,
    readRides(`x.${name}`),
  ]),
  ['calendar', bytesOf(calendar), readDays],
  ['weather', bytesOf(writeWeatherFile(hours)), (bytes) => void readWeatherFile(textOf(bytes))],
  ['backup', bytesOf(backup), (bytes) => void readBackup(textOf(bytes), NOW, validation)],
];

let slowest = { name: '', ms: 0 };
function timed(
  name: string,
  counts: { threw: number; overTime: number; overMemory: number },
  read: () => void,
) {
  const memory = process.memoryUsage.rss();
  const started = performance.now();
  try {
    read();
  } catch (error) {
    counts.threw += 1;
    console.error(error instanceof Error ? error.message.slice(0, 300) : error);
  }
  const took = performance.now() - started;
  if (took > slowest.ms) slowest = { name, ms: took };
  if (took > LIMIT_MS) counts.overTime += 1;
  if (process.memoryUsage.rss() - memory > LIMIT_BYTES) counts.overMemory += 1;
}

for (const [name, whole, read] of READERS) {
  const counts = { threw: 0, overTime: 0, overMemory: 0 };
  for (let seed = 0; seed < FILES; seed++)
    timed(`${name}, seed ${seed}`, counts, () => read(spoil(whole, seed)));
  campaign(`${FILES} mutated files, ${name}`, counts);
}
const counts = { threw: 0, overTime: 0, overMemory: 0 };
const attacks = [
  ...rideAttacks().map((a) => [a, readRides(a.file)] as const),
  ...calendarAttacks().map((a) => [a, readDays] as const),
];
for (const [attack, read] of attacks) timed(attack.name, counts, () => read(attack.bytes));
campaign(`${attacks.length} files made to harm`, counts);
console.log(`        slowest file: ${slowest.name}, ${slowest.ms.toFixed(0)} ms`);
