export * from './commands';
export * from './hooks';
export * from './selectors';
export { bikeChosen, noticed } from './sessionSlice';
