import { changesChain } from '../bench/depths';
import type { Job } from '../bench/job';
import type { StepId } from '../bench/steps';
import type { CleanMethod } from '../records/kinds';
import { DEPTH_LABEL, METHOD_LABEL } from './labels';

const FACTS: Partial<Record<StepId, string>> = {
  wipe: 'Chain wiped',
  degrease: 'Degreaser brushed on',
  brush: 'Chain brushed',
  scrub: 'Chain scrubbed',
  soak: 'First bath or soak',
  'hot rinse': 'Hot water poured over',
  boil: 'Old wax boiled off',
  'jockey wheels': 'Jockey wheels cleaned',
  cassette: 'Cassette cleaned',
  towel: 'Towelled',
  air: 'Blown out with air',
  under: 'Penetrating oil first',
  drops: 'Lube put on',
  flush: 'Drenched with lube',
  dip: 'Dipped in wax',
  'wipe off': 'Outside wiped',
  'wipe hard': 'Outside wiped hard',
  close: 'The other chain is on',
  'wipe grease': 'Factory coat wiped off outside',
  settle: 'Used degreaser kept to settle',
};

/** What the log believes when a step was done. */
export const factLabel = (step: StepId): string =>
  FACTS[step] ?? `${step.charAt(0).toUpperCase()}${step.slice(1)}`;

/** Shares of a coat that can be on at the end, as a rider says it. */
export const COAT_SHARES = [
  { value: '1', label: 'A full coat' },
  { value: '0.75', label: 'Three quarters' },
  { value: '0.5', label: 'Half the chain' },
  { value: '0.4', label: 'A thin coat' },
  { value: '0.25', label: 'Only a little' },
] as const;

/** What goes into the log of a session, in a line; of a swap which chain is on now. */
export function endingLine(
  job: Job,
  isClosed: boolean,
  { method, lube }: { method: CleanMethod; lube: string | null },
): string {
  const what = `${DEPTH_LABEL[job.depth]}, ${job.bike.name}`;
  if (changesChain(job.depth))
    return isClosed
      ? `${what}: ${job.next?.name ?? 'the other chain'} is on.`
      : `${what}: not done.`;
  return `${what}: ${METHOD_LABEL[method].toLowerCase()}, ${lube ?? 'no lube'}.`;
}
