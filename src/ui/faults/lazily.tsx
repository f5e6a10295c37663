import { lazilyFrom } from '../lazily';

/** A piece of fault finding, loaded when shown. */
const lazily = lazilyFrom(() => import('./parts'));

export const NoisePage = lazily('NoisePage');
export const NoiseHandbook = lazily('NoiseHandbook');
