export * from './backup';
export * from './backupFiles';
export * from './restorePreview';
export type * from './recorderReply';
export type * from './rideFromFile';
export type * from './weatherFile';
export type * from './weatherReply';
