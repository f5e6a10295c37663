import { closesAs, hasDisc, type Job } from './job';

export const TROUBLES = [
  'stiff link',
  'oil on the rotor',
  'single-use link opened',
  'wrong side of the tab',
  'will not come clean',
  'ran out of lube',
  'rain starts',
] as const;
export type Trouble = (typeof TROUBLES)[number];

/** Whether the share of the coat that is on is asked for. */
export const asksCoat = (trouble: Trouble): boolean => trouble === 'ran out of lube';

/** The troubles that can happen in this job. */
export const troublesOf = (job: Job): Trouble[] =>
  TROUBLES.filter((t) => {
    if (t === 'oil on the rotor') return hasDisc(job);
    if (t === 'single-use link opened')
      return [job.chain, closesAs(job)].some((c) => c.closure !== 'reusable link');
    if (t === 'will not come clean') return job.depth !== 'swap';
    if (t === 'wrong side of the tab') return job.bike.gear === 'derailleur';
    if (t === 'ran out of lube') return job.lube !== null;
    if (t === 'rain starts') return job.workshop.outdoors || job.depth === 'roadside';
    return true;
  });
