import type { CountAsked } from '../../faults/gears';

/** What the rider is asked to do to count. */
export function countAsk(asked: CountAsked): string {
  if ('turns' in asked)
    return `On a stand, or rolling on an empty road, count the noise over ${asked.turns} even turns of the cranks. More turns tell more.`;
  return asked.better === null
    ? 'In this gear two things turn equally often. Count anyway: it may rule out the others.'
    : `In this gear two things turn equally often. Shift to the cog of ${asked.better} teeth and count there.`;
}
