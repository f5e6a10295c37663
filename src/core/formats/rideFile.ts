import { fail, ok, type Result } from '../problem';
import { readTable, ridesOfTable } from './csv';
import { guessMapping } from './csvGuess';
import { headerKey, type CsvMapping } from './csvMapping';
import { isFit, readFit } from './fit';
import { readGpx } from './gpx';
import type { RideFromFile } from './rideFromFile';
import { readTcx } from './tcx';
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

/** How far into a file its kind shows. */
const SNIFF = 2000;
/** Rows shown of a table nobody has explained yet. */
const SAMPLE_ROWS = 3;

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
  if (isBinary(bytes.subarray(0, SNIFF))) return { name, rides: fail('file/unknown') };
  const text = decodeText(bytes);
  const head = text.slice(0, SNIFF);
  if (/<(\w+:)?gpx[\s>]/.test(head)) return { name, rides: some(readGpx(text)) };
  if (/<(\w+:)?TrainingCenterDatabase[\s>]/.test(head)) return { name, rides: some(readTcx(text)) };
  if (head.trimStart().startsWith('<')) return { name, rides: fail('file/unknown') };
  return readCsv(name, text, mappings);
}

/** Zeros stand in no text but UTF-16, which begins with its mark. */
const isBinary = (head: Uint8Array): boolean =>
  head.includes(0) && !(head[0] === 0xff && head[1] === 0xfe);

/** UTF-8, or UTF-16 where a byte order mark says so. */
function decodeText(bytes: Uint8Array): string {
  const wide = bytes[0] === 0xff && bytes[1] === 0xfe ? 'utf-16le' : 'utf-8';
  return new TextDecoder(wide).decode(bytes).replace(/^\uFEFF/, '');
}

function readCsv(name: string, text: string, mappings: CsvMappings): ReadFile {
  const table = readTable(text);
  if (!table.ok) return { name, rides: table };
  const { header, rows } = table.value;
  const mapping = mappings[headerKey(header)];
  if (mapping) return { name, rides: some(ok(ridesOfTable(table.value, mapping))) };
  const guess = guessMapping(header, rows);
  if (guess.start === '' && guess.distance === '') return { name, rides: fail('file/unknown') };
  const sample = rows.slice(0, SAMPLE_ROWS);
  return { name, rides: fail('csv/unexplained'), table: { header, sample, guess } };
}

const some = (rides: Result<Result<RideFromFile>[]>): Result<Result<RideFromFile>[]> =>
  rides.ok && rides.value.length === 0 ? fail('track/empty') : rides;
