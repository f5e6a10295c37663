import { lazilyFrom } from '../lazily';

/** Loads them. */
export const load = () => import('./parts');

/** A piece of fault finding, loaded when shown. */
const lazily = lazilyFrom(load);

export const NoisePage = lazily('NoisePage');
export const NoiseHandbook = lazily('NoiseHandbook');
