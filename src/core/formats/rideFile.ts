import { fail, type Result } from '../problem';
import { readGpx } from './gpx';
import type { RideFromFile } from './rideFromFile';
import { readTcx } from './tcx';

/** Beyond this a file is no ride: a week at a point a second is some 60 MB. */
const LARGEST_BYTES = 80_000_000;
/** How far into a file its kind shows. */
const SNIFF = 2000;

/** Reads the rides of one file, by what is in it rather than by its name. */
export function readRideFile(bytes: Uint8Array): Result<RideFromFile[]> {
  if (bytes.length === 0) return fail('file/empty');
  if (bytes.length > LARGEST_BYTES) return fail('file/too-large');
  const text = new TextDecoder('utf-8').decode(bytes).replace(/^\uFEFF/, '');
  const head = text.slice(0, SNIFF);
  if (/<(\w+:)?gpx[\s>]/.test(head)) return readGpx(text);
  if (/<(\w+:)?TrainingCenterDatabase[\s>]/.test(head)) return readTcx(text);
  return fail('file/unknown');
}
