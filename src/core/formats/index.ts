export * from './backup';
export type * from './recorderReply';
export type * from './rideFromFile';
export type * from './weatherFile';
export type * from './weatherReply';
