/** Everything can be found: rides, work, bikes, bottles, noises, pages and the words of the trade, from one box. */
export * from './find';
export * from './log';
export * from './things';
