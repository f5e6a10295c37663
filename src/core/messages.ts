import type { Problem, ProblemCode } from './problem';

type Sentence = string | ((detail: string) => string);

/** One sentence for the rider per problem: what is wrong and what to do. Wording lives only here. */
const SENTENCES: Record<ProblemCode, Sentence> = {
  'number/missing': 'Enter a number.',
  'number/not-a-number': (d) => `“${d}” is not a number. Digits only, like 42 or 42.5.`,
  'distance/not-positive': 'A ride is longer than zero. How far was it?',
  'distance/too-long': (d) => `More than ${d} in one ride? Log it as the days you rode.`,
  'duration/impossible': 'That time does not fit the distance. Leave it empty if unsure.',
  'date/missing': 'Pick a day and a time.',
  'date/future': 'That is still to come. Log rides and work once they are done.',
  'date/before-fitted': (d) => `No chain was on this bike then: the first was fitted ${d}.`,
  'date/too-old': 'That is before 1990. Check the year.',
  'name/missing': 'Give it a name you will recognise.',
  'name/too-long': 'Keep the name under 60 letters.',
  'name/taken': (d) => `There is already a “${d}”. Pick another name.`,
  'links/impossible': 'A bicycle chain has 40 to 250 links. Count pins: one pin is one link.',
  'teeth/impossible': 'Teeth run from 9 to 70. Count them, or read the mark on the ring.',
  'rings/impossible': 'List one to three rings of 20 to 70 teeth, like 50, 34.',
  'cogs/impossible': 'The smallest cog (9 to 30) comes first, the largest (up to 60) second.',
  'speeds/impossible': 'Speeds run from 1 to 14: the number of cogs, or of hub gears.',
  'chain/on-another-bike': (d) => `This chain is on ${d} at that time. Take it off there first.`,
  'chain/bike-has-one': (d) => `${d} is on this bike at that time. Take it off first.`,
  'chain/not-fitted': 'This chain is not on a bike at that time, so it cannot come off.',
  'chain/missing': 'This bike has no chain fitted. Fit one in Book, Garage.',
  'wear/impossible': 'Wear readings run from 0 to 3 %. Above 1 % any chain is finished.',
  'kilometres/impossible': 'Enter 0 to 100,000 for the distance it has already done.',
  'amount/impossible': (d) => `Enter a number from ${d}.`,
  'file/empty': 'The file is empty.',
  'file/too-large': 'The file is too large to be a ride.',
  'file/unknown': 'Not a ride file this app reads. FIT, GPX, TCX, CSV and ZIP are.',
  'file/damaged': 'The file is damaged or cut off.',
  'zip/damaged': 'It is damaged and could not be unpacked.',
  'zip/empty': 'The archive holds no files.',
  'zip/locked': 'It is locked with a password. Unpack it first, then import the files.',
  'zip/method': 'It is packed in a way this app does not know. Unpack it first.',
  'zip/nested': 'An archive within an archive is not opened. Unpack it first.',
  'zip/too-many': (d) => `The archive holds more than ${d} files. Import it in parts.`,
  'csv/unexplained': 'Say below which column is which.',
  'csv/columns': 'A start and a distance are needed. Point at both columns.',
  'csv/no-rows': 'The table has a header and no rows.',
  'csv/quotes': (d) => `A quotation mark in row ${d} is never closed.`,
  'csv/start': (d) => `The start in line ${d} is no date.`,
  'csv/distance': (d) => `The distance in line ${d} is no number above zero.`,
  'track/not-cycling': (d) => `It is not a bicycle ride but ${d}.`,
  'outside/offline': 'It does not answer. Nothing was changed; try again later.',
  'outside/refused': (d) => `It refused: ${d} Nothing was changed.`,
  'outside/nonsense': 'It answered something this app does not understand. Nothing was changed.',
  'weather/no-place': 'No ride with a way has been imported yet, so the place is not known.',
  'weather/none-missing': 'No ride lacks its weather, so nothing was taken from the file.',
  'weather/other-days':
    'The file has no hours of the days whose weather is missing. Nothing was taken from it.',
  'weather/no-forecast': 'No weather service is set (Book, Settings), so no forecast is known.',
  'weather/columns': (d) => `The file needs the columns ${d}.`,
  'weather/row': (d) => `Line ${d} has no hour, or a number that cannot be.`,
  'file/not-xml': (d) => `The file is damaged or cut off at line ${d}.`,
  'file/timed-out': 'Reading took too long and was stopped.',
  'track/empty': 'There is no track in it.',
  'track/no-times': 'Its points carry no times, so it tells a route, not a ride.',
  'track/no-distance': 'Its points go nowhere: no positions, or standing still.',
  'plan/no-weekday': 'Pick at least one weekday, or let it happen once.',
  'plan/ends-before': 'It ends before it begins.',
  'calendar/damaged': 'The file is no calendar, damaged, or cut off. Nothing was changed.',
  'backup/not-json':
    'This file is damaged or not a backup: it could not be read. Nothing was changed.',
  'backup/foreign': 'This file is not a Dapper Spoke backup. Nothing was changed.',
  'backup/newer': (d) =>
    `This backup was written by a newer version (format ${d}). Update the app first. Nothing was changed.`,
  'backup/damaged': (d) => `The backup is damaged at ${d}. Nothing was changed.`,
  'storage/damaged': (d) =>
    `Part of your logbook (${d}) could not be read and was set aside whole.`,
  'storage/newer': (d) =>
    `Your logbook was written by a newer version (format ${d}). It is opened for reading only.`,
  'storage/unavailable':
    'This browser does not let the app store anything. Export a backup before you leave.',
  'storage/write-failed':
    'Not saved yet: the browser refused to write. It is kept here and tried again.',
};

/** The sentence for a problem. */
export function say(problem: Problem): string {
  const sentence = SENTENCES[problem.code];
  return typeof sentence === 'string' ? sentence : sentence(problem.detail ?? '');
}
