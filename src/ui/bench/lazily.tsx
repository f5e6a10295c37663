import { lazilyFrom } from '../lazily';

/** Loads them. */
export const load = () => import('.');

/** A piece of the bench, loaded when shown. */
const lazily = lazilyFrom(load);

export const BenchStart = lazily('BenchStart');
export const BenchSession = lazily('BenchSession');
export const CautionCard = lazily('CautionCard');
export const WorkCautions = lazily('WorkCautions');
export const NewChain = lazily('NewChain');
export const NewChainStart = lazily('NewChainStart');
export const NewChainCards = lazily('NewChainCards');
export const HowTried = lazily('HowTried');
export const RoundCards = lazily('RoundCards');
