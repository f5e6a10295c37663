/** All that speaks of causes, in one piece: what two pieces share would be loaded with the first page. */
export { FoundOnBike } from './FoundOnBike';
export { NoiseHandbook } from './NoiseHandbook';
export { NoisePage } from './NoisePage';
