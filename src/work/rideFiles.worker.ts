import { expose } from 'comlink';
import type { RideFromFile } from '@/core/formats';
// Past the folder's face: the readers are the worker's alone, and the page shall not load them.
import { readRideFile } from '@/core/formats/rideFile';
import type { Result } from '@/core/problem';

/** Reads ride files away from the page, so that it goes on answering. */
const api = {
  read: async (bytes: ArrayBuffer): Promise<Result<RideFromFile[]>> =>
    readRideFile(new Uint8Array(bytes)),
};

export type RideFilesApi = typeof api;

expose(api);
