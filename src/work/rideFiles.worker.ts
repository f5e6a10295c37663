import { expose } from 'comlink';
import { readRideFiles, type CsvMappings, type ReadFile } from '@/core/formats/rideFile';
import { readWeatherFile } from '@/core/formats/weatherFile';
import { FileBytes } from './fileBytes';

/** Reads ride files away from the page, so that it goes on answering. */
const api = {
  /** Tells each file as it is read; an archive holds many. */
  read: async (
    file: File,
    mappings: CsvMappings,
    onFile: (file: ReadFile) => void | Promise<void>,
  ): Promise<void> => {
    for (const read of readRideFiles(file.name, new FileBytes(file), mappings)) await onFile(read);
  },
  readWeather: readWeatherFile,
};

export type RideFilesApi = typeof api;

expose(api);
