/** A logbook from device to device, without a server between them: as a run of codes one screen shows and the other's camera reads. */
export * from './fountain';
export * from './frame';
export * from './lacking';
export * from './packed';
