/**
 * The bench as one piece with the cautions, loaded when one is opened: none
 * of it weighs on the first screen.
 */
export { BenchSession } from './BenchSession';
export { BenchStart } from './BenchStart';
export { NewChain } from '../garage/NewChain';
export { NewChainCards } from '../newChain/NewChainCards';
export { RoundCards } from '../rounds/RoundCards';
export { NewChainStart } from './NewChainStart';
export { CautionCard } from '../work/CautionCard';
export { WorkCautions } from '../work/WorkCautions';
export { HowTried } from './HowTried';
