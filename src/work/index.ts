export * from './readRideFiles';
