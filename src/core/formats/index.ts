export * from './backup';
export * from './rideFromFile';
