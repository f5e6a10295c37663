import { fail, ok, type FileKind, type Result } from '../problem';
import { headerKey, type CsvMapping } from './csvMapping';
import { isFit, readFit } from './fit';
import { readGpx } from './gpx';
import { kindOfArchive, kindOfBytes, kindOfTable, kindOfText, kindOfXml, rootOf } from './kind';
import { NOTHING_RECORDED, rideFrom, type RideFromFile } from './rideFromFile';
import { figuresOf, guessMapping, placesOf, readTable, type Table } from './table';
import { readTcx } from './tcx';
import { decodeText, isBinary } from './text';
import { tidy } from './tidy';
import { isZip, LARGEST_BYTES, openZip } from './zip';

/** A file as it was read: a result for each ride in it, or what kept it from being read. */
export interface ReadFile {
  name: string;
  rides: Result<Result<RideFromFile>[]>;
  /** A table whose columns nobody has explained yet. */
  table?: UnknownTable;
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
 * archive holds many. Archives in archives are not opened.
 */
export function* readRideFiles(
  fileName: string,
  bytes: Uint8Array,
  mappings: CsvMappings,
): Generator<ReadFile> {
  const name = tidy(fileName);
  if (!isZip(bytes)) {
    yield readOne(name, bytes, mappings);
    return;
  }
  const archive = openZip(bytes);
  if (!archive.ok) {
    yield { name, rides: archive };
    return;
  }
  const kind = kindOfArchive(archive.value.map((packed) => packed.name));
  if (kind) {
    yield { name, rides: unknown(kind) };
    return;
  }
  for (const packed of archive.value) {
    const opened = packed.open();
    const inner = `${name} › ${tidy(packed.name)}`;
    yield opened.ok ? readOne(inner, opened.value, mappings) : { name: inner, rides: opened };
  }
}

function readOne(name: string, bytes: Uint8Array, mappings: CsvMappings): ReadFile {
  if (bytes.length === 0) return { name, rides: fail('file/empty') };
  if (bytes.length > LARGEST_BYTES) return { name, rides: fail('file/too-large') };
  if (isZip(bytes)) return { name, rides: fail('zip/nested') };
  if (isFit(bytes)) return { name, rides: some(readFit(bytes)) };
  // Looked at before it is decoded: a picture, or a disk's worth of zeros, is no text.
  const kind = kindOfBytes(bytes);
  if (kind || isBinary(bytes)) return { name, rides: unknown(kind) };
  return readText(name, decodeText(bytes), mappings);
}

function readText(name: string, text: string, mappings: CsvMappings): ReadFile {
  if (text === '') return { name, rides: fail('file/empty') };
  const root = rootOf(text);
  if (root === 'gpx') return { name, rides: some(readGpx(text)) };
  if (root === 'TrainingCenterDatabase') return { name, rides: some(readTcx(text)) };
  if (root !== null) return { name, rides: unknown(kindOfXml(root)) };
  if (text.startsWith('<')) return { name, rides: fail('file/unknown') };
  const kind = kindOfText(text);
  return kind ? { name, rides: unknown(kind) } : readCsv(name, text, mappings);
}

/** A file without rides, named where it is known. */
const unknown = (kind: FileKind | null): Result<never> =>
  kind ? fail('file/kind', { kind }) : fail('file/unknown');

function readCsv(name: string, text: string, mappings: CsvMappings): ReadFile {
  const table = readTable(text);
  if (!table.ok) return { name, rides: table };
  const { header, rows } = table.value;
  const mapping = mappings[headerKey(header)];
  if (mapping) return { name, rides: some(ok(ridesOfTable(table.value, mapping))) };
  const guess = guessMapping(header, rows);
  if (guess.distance === '' || guess.start === '') {
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
