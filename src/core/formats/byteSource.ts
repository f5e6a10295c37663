/**
 * The bytes of a file, read piece by piece where it is asked for them: a large archive need not lie in memory as a whole. Bytes
 * that do are one too.
 */
export interface ByteSource {
  readonly length: number;
  /** The bytes from one place up to another, fewer where the file ends before. */
  subarray(from: number, to: number): Uint8Array;
}

export const wholeOf = (source: ByteSource): Uint8Array => source.subarray(0, source.length);
