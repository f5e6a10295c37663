import { fail, ok, type Result } from '../problem';
import { kindOfArchive } from './kind';
import { tidy } from './tidy';
import { nameIn } from './within';
import { isGzip, isZip, openGzip, openZip, type Packed } from './zip';

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
export function* unpackFiles(name: string, bytes: Uint8Array, depth = 0): Generator<Unpacked> {
  const inArchive = depth > 0;
  if (isGzip(bytes)) {
    const opened = openGzip(bytes);
    const inner = name.replace(/\.gz$/i, '');
    if (opened.ok && !isGzip(opened.value)) yield* unpackFiles(inner, opened.value, depth);
    else yield { name, inArchive, bytes: opened.ok ? fail('zip/nested') : opened };
  } else if (isZip(bytes)) yield* unzipFiles(name, bytes, depth);
  else yield { name, inArchive, bytes: ok(bytes) };
}

function* unzipFiles(name: string, bytes: Uint8Array, depth: number): Generator<Unpacked> {
  if (depth > DEEPEST) {
    yield { name, inArchive: true, bytes: fail('zip/nested') };
    return;
  }
  const archive = openZip(bytes);
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
