import { fail, ok, type Result } from '../problem';
import { wholeOf, type ByteSource } from './byteSource';
import { kindOfArchive } from './kind';
import { tidy } from './tidy';
import { nameIn } from './within';
import { isGzip, isZip, LARGEST_BYTES, openGzip, openZip, type Packed } from './zip';

/** A file as it lies in what the rider brought: its name with those of the archives around it. */
export interface Unpacked {
  name: string;
  /** One of many in an archive: what is no ride there was never taken for one. */
  inArchive: boolean;
  bytes: Result<Uint8Array>;
}

/** Archives within an archive are opened this deep. */
const DEEPEST = 1;

/** The files of an archive, those that are tables first: they may say what the others are. */
const tablesFirst = (packed: readonly Packed[]): Packed[] => {
  const isTable = ({ name }: Packed) => /\.(csv|tsv)$/i.test(name);
  return [...packed.filter(isTable), ...packed.filter((p) => !isTable(p))];
};

/** Unpacks a file one after another, archives in it one level deep; a file that is none is itself. */
export function* unpackFiles(name: string, source: ByteSource, depth = 0): Generator<Unpacked> {
  const inArchive = depth > 0;
  const head = source.subarray(0, 3);
  if (isZip(head)) {
    yield* unzipFiles(name, source, depth);
    return;
  }
  if (source.length > LARGEST_BYTES) {
    yield { name, inArchive, bytes: fail('file/too-large') };
    return;
  }
  const bytes = wholeOf(source);
  if (isGzip(head)) {
    const opened = openGzip(bytes);
    const inner = name.replace(/\.gz$/i, '');
    if (opened.ok && !isGzip(opened.value)) yield* unpackFiles(inner, opened.value, depth);
    else yield { name, inArchive, bytes: opened.ok ? fail('zip/nested') : opened };
  } else yield { name, inArchive, bytes: ok(bytes) };
}

function* unzipFiles(name: string, source: ByteSource, depth: number): Generator<Unpacked> {
  if (depth > DEEPEST) {
    yield { name, inArchive: true, bytes: fail('zip/nested') };
    return;
  }
  const archive = openZip(source);
  if (!archive.ok) {
    yield { name, inArchive: false, bytes: archive };
    return;
  }
  const kind = kindOfArchive(archive.value.map((packed) => packed.name));
  if (kind) {
    yield { name, inArchive: false, bytes: fail('file/kind', { kind }) };
    return;
  }
  for (const packed of tablesFirst(archive.value)) {
    const opened = packed.open();
    const inner = nameIn(name, tidy(packed.name));
    if (opened.ok) yield* unpackFiles(inner, opened.value, depth + 1);
    else yield { name: inner, inArchive: true, bytes: opened };
  }
}
