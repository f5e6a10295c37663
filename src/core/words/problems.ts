import type { FileKind, Problem, ProblemCode } from '../problem';
import { numberFormat } from '../intl/numbers';
import { formatDistance } from '../units/format';
import type { Units } from '../units/convert';

type Sentence<C extends ProblemCode> =
  string | ((problem: Extract<Problem, { code: C }>, units: Units) => string);

/** A stored part as a rider knows it: "the month 2026-10", "the garage". */
const partName = (part: string): string =>
  part.startsWith('log/') ? `the month ${part.slice(4)}` : `the ${part}`;

/** What a file without rides is, and where to go with it. */
const KINDS: Record<FileKind, string> = {
  picture: 'This is a picture, not a ride.',
  'film or picture': 'This is a film or a picture, not a ride.',
  document: 'This is a document, not a ride. If it holds a table of rides, save that as CSV.',
  spreadsheet:
    'This is a spreadsheet. Open it, save the sheet with the rides as CSV, and bring that in.',
  'old spreadsheet':
    'This is an office file of an old kind. If it is a table of rides, save it as CSV and bring that in.',
  'other archive': 'This is an archive of a kind this app does not open. Unpack it first.',
  map: 'This is a map of places (KML): it does not say when they were ridden. Save the ride as GPX or FIT.',
  'web page': 'This is a web page, not a file of rides. Was the download cut off by a log-in page?',
  calendar: 'This is a calendar. Bring it in under Planned rides, From a calendar.',
  'address book': 'This is an address book, not a ride.',
  backup: 'This is a backup of this app. Restore it under Book, Files.',
  data: 'This is a data file (JSON) this app cannot read rides from. Save them as GPX, FIT or CSV.',
  'weather table':
    'This is a table of weather. It belongs under Book, Settings, Weather of your rides.',
  'points table':
    'This is a table of points, one a row. Save the ride as GPX, TCX or FIT and bring that in.',
  'work table': 'This is a table of work on bicycles, not of rides.',
};

/** One sentence for the rider per problem: what is wrong and what to do. */
const SENTENCES: { [C in ProblemCode]: Sentence<C> } = {
  'number/missing': 'Enter a number.',
  'number/ambiguous': ({ whole, tenths }) =>
    `Is that ${whole} or ${numberFormat({}).format(tenths)}? Write it without a sign for thousands.`,
  'number/not-a-number': ({ entered }) =>
    `“${entered}” is not a number. Digits only, like 42 or 42.5.`,
  'distance/not-positive': 'A ride is longer than zero. How far was it?',
  'distance/too-long': ({ mostKm }, units) =>
    `More than ${formatDistance(mostKm, units)} in one ride? Log it as the days you rode.`,
  'duration/impossible': 'That time does not fit the distance. Leave it empty if unsure.',
  'date/missing': 'Pick a day and a time.',
  'date/future': 'That is still to come. Log rides and work once they are done.',
  'date/too-old': 'That is before 1990. Check the year.',
  'name/missing': 'Give it a name you will recognise.',
  'name/too-long': 'Keep the name under 60 letters.',
  'name/taken': ({ name }) => `There is already a “${name}”. Pick another name.`,
  'links/impossible': 'A bicycle chain has 40 to 250 links. Count pins: one pin is one link.',
  'openings/impossible': 'Enter a whole number from 1 to 100, or leave it empty.',
  'links/too-few': ({ fewest }) =>
    `That does not go round this bike: it takes at least ${fewest} links. Count pins: one pin is one link.`,
  'teeth/impossible': 'Teeth run from 9 to 70. Count them, or read the mark on the ring.',
  'rings/impossible': 'List one to three rings of 20 to 70 teeth, like 50, 34.',
  'cogs/impossible': 'The smallest cog (9 to 30) comes first, the largest (up to 60) second.',
  'speeds/impossible': 'Speeds run from 1 to 14: the number of cogs, or of hub gears.',
  'link/other-width': ({ link, chain }) =>
    `A link for ${link} speeds does not close a chain for ${chain}. Take one for ${chain} speeds.`,
  'speeds/too-wide': ({ cogs }) =>
    `That chain is too wide between ${cogs} cogs. Take one for ${cogs} speeds.`,
  'chains/impossible': 'Enter a whole number of chains from 0 to 20, or leave it empty.',
  'chain/on-another-bike': ({ bike }) =>
    `This chain is on ${bike ?? 'a bike'} at that time. Take it off there first.`,
  'chain/bike-has-one': ({ chain }) =>
    `${chain ?? 'A chain'} is on this bike at that time. Take it off first.`,
  'chain/not-fitted': 'This chain is not on a bike at that time, so it cannot come off.',
  'chain/missing': 'This bike has no chain fitted. Fit one in Book, Garage.',
  'wear/impossible': 'Wear readings run from 0 to 3 %. Above 1 % any chain is finished.',
  'kilometres/impossible': 'Enter 0 to 100,000 for the distance it has already done.',
  'cogs/not-all': ({ speeds }) => `Write the teeth of all ${speeds} cogs, or leave it empty.`,
  'amount/impossible': ({ low, high }) => `Enter a number from ${low} to ${high}.`,
  'count/turns': 'Enter from 1 to 500 turns of the cranks.',
  'count/events': ({ most }) =>
    `In so many turns ${most} rollers go by: count again, or enter fewer.`,
  'place/beyond': ({ links }) =>
    `This chain has ${links} links: enter 0 to ${links - 1}, or leave it empty.`,
  'file/empty': 'The file is empty.',
  'file/too-large': 'The file is too large to be a ride.',
  'file/unknown': 'Not a ride file this app reads. FIT, GPX, TCX, CSV and ZIP are.',
  'file/damaged': 'The file is damaged or cut off.',
  'zip/damaged': 'It is damaged and could not be unpacked.',
  'zip/empty': 'The archive holds no files.',
  'zip/locked': 'It is locked with a password. Unpack it first, then import the files.',
  'zip/method': 'It is packed in a way this app does not know. Unpack it first.',
  'zip/nested': 'An archive within an archive is not opened. Unpack it first.',
  'zip/too-many': ({ most }) => `The archive holds more than ${most} files. Import it in parts.`,
  'zip/bomb': 'It would unpack to far more than rides take up. It was not opened.',
  'file/kind': ({ kind }) => KINDS[kind],
  'csv/rest': ({ line }) => `Line ${line} has no distance: no ride that day.`,
  'csv/sum': ({ line }) => `Line ${line} adds others up.`,
  'csv/unexplained': 'It is a table: its columns are not known yet.',
  'csv/columns': 'A start and a distance are needed. Point at both columns.',
  'csv/no-rows': 'The table has a header and no rows.',
  'csv/quotes': ({ row }) => `A quotation mark in row ${row} is never closed.`,
  'csv/start': ({ line }) => `The start in line ${line} is no date.`,
  'csv/distance': ({ line }) => `The distance in line ${line} is no number.`,
  'track/not-cycling': ({ sport }) => `It is not a bicycle ride but ${sport}.`,
  'outside/offline': 'It does not answer. Nothing was changed; try again later.',
  'outside/refused': ({ reason }) => `It refused. ${reason} Nothing was changed.`,
  'outside/nonsense': 'It answered something this app does not understand. Nothing was changed.',
  'weather/no-place': 'No ride with a way has been imported yet, so the place is not known.',
  'weather/none-missing': 'No ride lacks its weather, so nothing was taken from the file.',
  'weather/other-days':
    'The file has no hours of the days whose weather is missing. Nothing was taken from it.',
  'weather/no-forecast': 'No weather service is set (Book, Settings), so no forecast is known.',
  'weather/columns': ({ columns }) => `The file needs the columns ${columns.join(', ')}.`,
  'weather/row': ({ line }) => `Line ${line} has no hour, or a number that cannot be.`,
  'file/not-xml': ({ line }) => `The file is damaged or cut off at line ${line}.`,
  'file/timed-out': 'Reading took too long and was stopped.',
  'track/empty': 'There is no track in it.',
  'track/no-times': 'Its points carry no times, so it tells a route, not a ride.',
  'track/no-distance': 'Its points go nowhere: no positions, or standing still.',
  'track/too-long':
    'From its first to its last point more than ten days pass. Split it into the days you rode.',
  'track/route': 'It holds a route to follow, not a ride: nobody has ridden it yet.',
  'track/course': 'It is a course to follow, planned and not ridden.',
  'track/clock-not-set':
    'It says it began before 1990: the recorder’s clock was not set. Log the ride by hand.',
  'fit/workout': 'It is a workout or a schedule to train by, not a ride.',
  'fit/monitoring': 'It holds steps, pulse or weight of a day, not a ride.',
  'fit/settings': 'It holds settings of a recorder, not a ride.',
  'ride/held':
    'Its figures look odd, so it was not added. Bring its file in under Import to look at it.',
  'work/new-chain':
    'It says a new chain was fitted. Note that under Book, Garage, with what is known of it.',
  'work/no-chain': 'No chain of the log was on that bike then. Bring in its rides first.',
  'work/other': 'It is of something else than the chain.',
  'plan/no-weekday': 'Pick at least one weekday, or let it happen once.',
  'plan/ends-before': 'It ends before it begins.',
  'calendar/damaged': 'The file is no calendar, damaged, or cut off. Nothing was changed.',
  'backup/not-json':
    'This file is damaged or not a backup: it could not be read. Nothing was changed.',
  'backup/foreign': 'This file is not a Dapper Spoke backup. Nothing was changed.',
  'backup/newer': ({ version }) =>
    `This backup was written by a newer version (format ${version}). Update the app first. Nothing was changed.`,
  'backup/damaged': 'The backup is damaged at its first line. Nothing was changed.',
  'backup/not-written':
    'The backup could not be written to your folder. Is it still there, with room in it?',
  'backup/not-proved':
    'The backup came back from your folder changed. Save one by hand and pick another folder.',
  'backup/no-room':
    'Today’s backup files in your folder hold things this logbook lacks. Restore them, or pick another folder.',
  'storage/damaged': ({ part }) =>
    `Some of ${partName(part)} could not be read. It was set aside; the rest of your logbook is here.`,
  'storage/newer':
    'A newer version of the app has saved here. Reload to update; what you entered is kept.',
  'storage/unreadable':
    'Your logbook could not be read just now. It is still there: nothing was changed or deleted.',
  'storage/unavailable':
    'This browser does not let the app store anything. Save a backup file before you leave.',
  'storage/slow':
    'Not saved yet: the browser’s storage does not answer. We keep your changes and try again.',
  'storage/write-failed':
    'Not saved yet: the browser refused to write. We keep your changes and try again.',
  'storage/refused': 'Part of that could not be kept: the app would not be able to read it again.',
};

/** Returns the sentence for a problem, figures in the rider's units. */
export function say(problem: Problem, units: Units): string {
  const sentence = SENTENCES[problem.code] as Sentence<ProblemCode>;
  return typeof sentence === 'string' ? sentence : sentence(problem, units);
}

/** A problem of something outside, said of it by name: "The weather service does not answer. Nothing was changed; …". */
export const sayOf = (name: string, problem: Problem, units: Units): string =>
  say(problem, units).replace(/^It /, `${name} `);
