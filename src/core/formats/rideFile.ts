import { fail, ok, type FileKind, type Result } from '../problem';
import type { ByteSource } from './byteSource';
import { headerKey } from './csvMapping';
import type { CsvMapping } from '../records/csvMapping';
import { isFit, readFit } from './fit';
import { readGpx } from './gpx';
import { fileIndexOf, Indexes, type Beside, type FileIndex } from './fileIndex';
import { kindOfBytes, kindOfTable, kindOfText, kindOfXml, rootOf } from './kind';
import { notCycling, NOTHING_RECORDED, rideFrom, type RideFromFile } from './rideFromFile';
import { figuresOf, placesOf } from './table/rows';
import { guessMapping } from './table/guess';
import { readTable, type Table } from './table/read';
import { readWork, type WorkFromFile } from './table/work';
import { readTcx } from './tcx';
import { sportOf } from './sport';
import { decodeText, isBinary } from './text';
import { tidy } from './tidy';
import { unpackFiles } from './unpacked';

/** A file as it was read: a result for each ride in it, or what kept it from being read. */
export interface ReadFile {
  name: string;
  rides: Result<Result<RideFromFile>[]>;
  /** A table whose columns nobody has explained yet. */
  table?: UnknownTable;
  /** Past work, of a table that holds that and no rides. */
  work?: WorkFromFile[];
}

/** What the rider needs to see of a table to say what its columns are. */
export interface UnknownTable {
  header: string[];
  sample: string[][];
  guess: CsvMapping;
}

/** Mappings the rider has made, by `headerKey`. */
export type CsvMappings = Readonly<Record<string, CsvMapping>>;

/**
 * Reads the rides of a file, by what is in it rather than by its name, and returns them file by file: an
 * archive holds many, and one in it too. A table that names the files beside it says what they are called and were ridden on.
 */
export function* readRideFiles(
  fileName: string,
  bytes: ByteSource,
  mappings: CsvMappings,
): Generator<ReadFile> {
  const indexes = new Indexes();
  for (const file of unpackFiles(tidy(fileName), bytes)) {
    if (!file.bytes.ok) {
      yield { name: file.name, rides: file.bytes };
      continue;
    }
    const read = readOne(file.name, file.bytes.value, mappings);
    if (read.index) indexes.add(read.index);
    if (read.file) yield withBeside(asOfMany(read.file, file.inArchive), indexes.of(file.name));
  }
}

/** A table among many files is asked about only where it looks like rides: an account holds tables of much else. */
function asOfMany(file: ReadFile, inArchive: boolean): ReadFile {
  const { table } = file;
  if (!inArchive || !table || (table.guess.start !== '' && table.guess.distance !== ''))
    return file;
  return { name: file.name, rides: unknown(null) };
}

/** A file's ride as the table beside it calls it. */
function withBeside(file: ReadFile, beside: Beside | null): ReadFile {
  if (!beside || !file.rides.ok) return file;
  return {
    ...file,
    rides: ok(file.rides.value.map((ride) => (ride.ok ? besideOf(ride.value, beside) : ride))),
  };
}

function besideOf(
  ride: RideFromFile,
  { name, gear, sport, commute }: Beside,
): Result<RideFromFile> {
  const kind = sportOf(sport);
  if (kind === 'other') return notCycling(sport);
  const isKnown = kind !== 'unknown' && kind !== 'not said';
  return ok({
    ...ride,
    name: tidy(name) || ride.name,
    eBike: ride.eBike || kind === 'e-bike',
    sportUnknown: isKnown ? false : ride.sportUnknown,
    clues: {
      ...ride.clues,
      gear: tidy(gear) || ride.clues.gear,
      sport: commute ? 'commute' : ride.clues.sport,
    },
  });
}

/** A file as it was read; of a table that names others the index it is, and a file only where rows are left. */
interface One {
  file: ReadFile | null;
  index: FileIndex | null;
}
const justFile = (file: ReadFile): One => ({ file, index: null });

function readOne(name: string, bytes: Uint8Array, mappings: CsvMappings): One {
  if (bytes.length === 0) return justFile({ name, rides: fail('file/empty') });
  if (isFit(bytes)) return justFile({ name, rides: some(readFit(bytes)) });
  // Looked at before it is decoded: a picture, or a disk's worth of zeros, is no text.
  const kind = kindOfBytes(bytes);
  if (kind || isBinary(bytes)) return justFile({ name, rides: unknown(kind) });
  return readText(name, decodeText(bytes), mappings);
}

function readText(name: string, text: string, mappings: CsvMappings): One {
  if (text === '') return justFile({ name, rides: fail('file/empty') });
  const root = rootOf(text);
  if (root === 'gpx') return justFile({ name, rides: some(readGpx(text)) });
  if (root === 'TrainingCenterDatabase') return justFile({ name, rides: some(readTcx(text)) });
  if (root !== null) return justFile({ name, rides: unknown(kindOfXml(root)) });
  if (text.startsWith('<')) return justFile({ name, rides: fail('file/unknown') });
  const kind = kindOfText(text);
  if (kind) return justFile({ name, rides: unknown(kind) });
  const table = readTable(text);
  if (!table.ok) return justFile({ name, rides: table });
  const index = fileIndexOf(table.value);
  if (!index) return justFile(readCsv(name, table.value, mappings));
  const { rest } = index;
  const file = hasRides(rest) ? readCsv(name, rest, mappings) : null;
  return { file, index };
}

/** Whether rows of a table that name no file are rides: of other sports and of none there are plenty. */
function hasRides(rest: Table): boolean {
  const mapping = guessMapping(rest.header, rest.rows);
  return ridesOfTable(rest, mapping).some((ride) => ride.ok);
}

/** A file without rides, named where it is known. */
const unknown = (kind: FileKind | null): Result<never> =>
  kind ? fail('file/kind', { kind }) : fail('file/unknown');

function readCsv(name: string, table: Table, mappings: CsvMappings): ReadFile {
  const { header, rows } = table;
  const mapping = mappings[headerKey(header)];
  if (mapping) return { name, rides: some(ok(ridesOfTable(table, mapping))) };
  const guess = guessMapping(header, rows);
  if (guess.distance === '' || guess.start === '') {
    const work = readWork(table);
    if (work) return { name, rides: ok([]), work };
    const kind = kindOfTable(header);
    if (kind || (guess.start === '' && guess.distance === ''))
      return { name, rides: unknown(kind) };
  }
  const sample = sampleOf(rows);
  return { name, rides: fail('csv/unexplained'), table: { header, sample, guess } };
}

/** Rows of the beginning and of the middle. */
const sampleOf = (rows: string[][]): string[][] =>
  [...new Set([0, 1, Math.floor(rows.length / 2)])].flatMap((n) => (rows[n] ? [rows[n]] : []));

/** The rides of a table by a mapping, a result a row: a row that is none says its line. */
function ridesOfTable({ header, rows, lines }: Table, mapping: CsvMapping): Result<RideFromFile>[] {
  const places = placesOf(header, mapping);
  return rows.map((row, n) => {
    const read = figuresOf(row, lines[n] ?? n + 2, places, mapping);
    return read.ok ? rideFrom([], { ...NOTHING_RECORDED, ...read.value }) : read;
  });
}

const some = (rides: Result<Result<RideFromFile>[]>): Result<Result<RideFromFile>[]> =>
  rides.ok && rides.value.length === 0 ? fail('track/empty') : rides;
