/** The bench as one piece, loaded when it is opened: neither page of it weighs on the first screen. */
export { BenchSession } from './BenchSession';
export { BenchStart } from './BenchStart';
