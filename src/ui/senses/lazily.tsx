import { lazilyFrom } from '../lazily';

/** Loads them. */
export const load = () => import('.');

/** A piece of what measures by camera and microphone, loaded with the tap that asks for it. */
const lazily = lazilyFrom(load);

export const CountByEar = lazily('CountByEar');
export const ListenPage = lazily('ListenPage');
export const RagCheck = lazily('RagCheck');
export const RagMeter = lazily('RagMeter');
