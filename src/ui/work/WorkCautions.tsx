import { cautionsFor } from '@/core/bench/cautions';
import type { Bike, Chain } from '@/core/records/garage';
import type { CleanMethod } from '@/core/records/kinds';
import { CautionCard } from './CautionCard';

interface Props {
  method: CleanMethod;
  lubes: boolean;
  bike: Bike | undefined;
  chain: Chain | undefined;
}

/** What may hurt in a piece of work on this bike. */
export const WorkCautions = ({ method, lubes, bike, chain }: Props) => (
  <CautionCard names={cautionsFor(method, lubes, bike, chain)} />
);
