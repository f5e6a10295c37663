import type { CleanMethod, Drying, WorkDone } from '../logbook';
import { cleanerFor, usedOn, type Product } from '../shelf';
import { mustStrip, comesOff, type Job } from './job';
import { isWax } from '../lube';
import { benchOf, minutesWorked, type Run } from './run';

/** The part of the log's event that a session writes; id and zone come from whoever records it. */
export type WorkResult = Omit<WorkDone, 'id' | 'zone' | 'recordedAt'>;

/** The method of the log that a procedure amounts to. */
export function methodOf(job: Job): CleanMethod {
  if (mustStrip(job)) return comesOff(job) ? 'baths' : 'brush';
  const wax = job.lube !== null && isWax(job.lube.lubeClass);
  switch (job.depth) {
    case 'wipe-down':
      return wipeMethod(job);
    case 'top-up':
      if (wax) return 'dry wipe';
      return job.oldCoat === 'flush' && job.lube ? 'flush and wipe' : wipeMethod(job);
    case 'roadside':
    case 'rescue':
      return 'dry wipe';
    case 'on-bike clean':
      return job.clean;
    case 'off-bike clean':
      return 'baths';
    case 'soak':
      return 'soak';
    case 'new-chain strip':
      return 'strip';
    case 'wax reset':
      return 'wax reset';
  }
}

const wipeMethod = (job: Job): CleanMethod =>
  job.between === 'degreaser' ? 'degreaser wipe' : 'solvent wipe';

/** The steps that clean, any one of which must have been done for the method to count. */
const CLEANING = ['wipe', 'scrub', 'degrease', 'soak', 'hot rinse', 'flush', 'wipe hard'];

/** Returns the work of a session at the bench as the log takes it: what was done, not what was skipped. */
export function workDoneOf(
  run: Run,
  products: Readonly<Record<string, Product>>,
  endedAt: number,
): WorkResult {
  const { job } = run;
  const { state, swatches } = benchOf(run);
  const did = (id: string) => state.get(id) === 'done';
  const method = CLEANING.some(did) ? methodOf(job) : 'none';
  const coated = did('drops') || did('dip') || did('flush');
  const lube = job.lube && coated ? job.lube : null;
  const wiped = lube !== null && (isWax(lube.lubeClass) || did('wipe off'));
  const bottles = [run.bottleId, run.underId].flatMap((id) =>
    id && lube ? (products[id] ?? []) : [],
  );
  const cleaner = run.cleanerId && cleanerFor(method) ? (products[run.cleanerId] ?? null) : null;
  return {
    type: 'workDone',
    at: new Date(endedAt).toISOString(),
    chainId: run.chainId,
    method,
    cogsCleaned: did('cassette') && (did('jockey wheels') || job.bike.gear !== 'derailleur'),
    baths: job.baths,
    drying: dryingOf(did),
    lube: lube && { lubeClass: lube.lubeClass, coat: run.coat, wiped },
    used: usedOn({
      method,
      baths: method === 'baths' ? job.baths : null,
      coat: bottles.map((bottle) => ({ bottle, ml: (lube?.ml ?? 0) * run.coat })),
      cleaner,
      settled: did('settle'),
    }),
    minutes: minutesWorked(run),
    depth: job.depth,
    swatches: swatches.slice(-20),
    note: noteOf(run),
  };
}

function dryingOf(did: (id: string) => boolean): Drying {
  if (did('air')) return 'towel and air';
  return did('towel') || did('hang') ? 'towel' : 'left to drip';
}

/** What was skipped, and why, goes into the note. */
function noteOf(run: Run): string {
  const skipped = run.marks.filter((m) => m.kind === 'skipped');
  const told = skipped.map((m) => `${m.step} left out${m.why ? `: ${m.why}` : ''}`);
  return [run.note, ...told]
    .filter((t) => t !== '')
    .join('; ')
    .slice(0, 500);
}
