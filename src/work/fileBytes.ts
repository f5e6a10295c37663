import type { ByteSource } from '@/core/formats/byteSource';

/** Of workers only, and so not among TypeScript's own types of a page. */
declare class FileReaderSync {
  readAsArrayBuffer(piece: Blob): ArrayBuffer;
}

/** So much is read of a file at once, bytes: an archive holds thousands of small files, one after the other. */
const WINDOW = 4_000_000;

/** The bytes of a picked file, read in pieces as they are asked for. For workers: a page cannot wait for a disk. */
export class FileBytes implements ByteSource {
  readonly length: number;
  private readonly reader = new FileReaderSync();
  private window = new Uint8Array();
  private at = 0;

  constructor(private readonly file: Blob) {
    this.length = file.size;
  }

  /** Throws where the file can no longer be read. */
  subarray(from: number, to: number): Uint8Array {
    const end = Math.min(to, this.length);
    if (from < this.at || end > this.at + this.window.length) {
      const piece = this.file.slice(from, Math.max(end, from + WINDOW));
      this.window = new Uint8Array(this.reader.readAsArrayBuffer(piece));
      this.at = from;
    }
    return this.window.subarray(from - this.at, Math.max(from, end) - this.at);
  }
}
