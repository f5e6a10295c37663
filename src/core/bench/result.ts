import type { CleanMethod, Drying, Unsettled } from '../records/kinds';
import type { WorkDone } from '../records/event';
import { cleanerFor, usedOn } from '../shelf/use';
import type { Product } from '../records/product';
import {
  coatMlOf,
  comesOff,
  flushesIn,
  mustStrip,
  onRag,
  poursHot,
  stripsNew,
  type Job,
  type OnRag,
} from './job';
import type { StepId } from './steps';
import { isWax } from '../lube/classes';
import type { Tried } from '../records/trialKinds';
import { benchOf, minutesWorked, type Run } from './run';

/** The part of the log's event that a session writes; id and zone come from whoever records it. */
export type WorkResult = Omit<WorkDone, 'id' | 'zone' | 'recordedAt'>;

const BY_RAG: Record<OnRag, CleanMethod> = {
  dry: 'dry wipe',
  cloth: 'dry wipe',
  solvent: 'solvent wipe',
  degreaser: 'degreaser wipe',
};

/** The method of the log that a whole procedure amounts to. */
export function methodOf(job: Job): CleanMethod {
  if (mustStrip(job)) return comesOff(job) ? 'baths' : 'brush';
  switch (job.depth) {
    case 'on-bike clean':
      return job.clean;
    case 'off-bike clean':
      return 'baths';
    case 'soak':
      return 'soak';
    case 'new-chain strip':
      return 'strip';
    case 'new chain':
      return stripsNew(job) ? 'strip' : 'solvent wipe';
    case 'wax reset':
      return 'wax reset';
    case 'thin coat':
    case 'swap':
      return 'none';
    default:
      if (poursHot(job)) return 'wax reset';
      return flushesIn(job) ? 'flush and wipe' : comesOff(job) ? 'dry wipe' : BY_RAG[onRag(job)];
  }
}

type Did = (id: StepId) => boolean;

/** Baths that were given, of those planned. */
const bathsDone = (job: Job, did: Did): number =>
  [...Array(job.depth === 'soak' ? 1 : job.baths.count).keys()].filter((n) =>
    did(n === 0 ? 'soak' : `bath ${n + 1}`),
  ).length;

/** What the steps that were done amount to: less than the whole where some were skipped. */
function methodDone(job: Job, did: Did): CleanMethod {
  if (job.depth === 'new chain' && !stripsNew(job))
    return did('wipe grease') ? 'solvent wipe' : 'none';
  const wiped = did('wipe') ? (comesOff(job) ? 'dry wipe' : BY_RAG[onRag(job)]) : 'none';
  switch (methodOf(job)) {
    case 'baths':
      return bathsDone(job, did) > 0 ? 'baths' : 'none';
    case 'strip':
      // Short of a bath it is no strip.
      return bathsDone(job, did) === job.baths.count
        ? 'strip'
        : bathsDone(job, did) > 0
          ? 'baths'
          : 'none';
    case 'soak':
      return did('soak') ? 'soak' : 'none';
    case 'brush':
      if (!did('degrease')) return did('brush') ? 'dry wipe' : 'none';
      return did('brush') ? 'brush' : 'degreaser wipe';
    case 'scrubber':
      return did('scrub') ? 'scrubber' : 'none';
    case 'wax reset':
      return did('hot rinse') || did('boil') ? 'wax reset' : wiped;
    case 'flush and wipe':
      return did('flush') && did('wipe hard') ? 'flush and wipe' : wiped;
    default:
      return wiped;
  }
}

/** When the coat went on: it sets from then, whenever the rest is done. */
function coatedAt({ marks }: Run): number | null {
  const put = marks.filter((m) => m.kind === 'done' && ['drops', 'dip', 'flush'].includes(m.step));
  return put.at(-1)?.at ?? null;
}

/** Which check stands for what is left open. */
const LEFT: Partial<Record<StepId, Unsettled>> = {
  listen: 'noise',
  brakes: 'brakes',
  'link seated': 'closure',
  routed: 'routing',
  direction: 'routing',
  'wheel tight': 'wheel',
  'rim brake closed': 'brakes',
  tension: 'tension',
  'jockey wheels': 'jockey wheels',
  'link worn': 'worn link',
  teeth: 'worn teeth',
  joints: 'skipping',
  load: 'skipping',
  'first ride': 'first ride',
};

/** Returns the work of a session at the bench as the log takes it: what was done, not what was skipped. */
export function workDoneOf(
  run: Run,
  products: Readonly<Record<string, Product>>,
  endedAt: number,
): WorkResult {
  const { job } = run;
  const { state, steps, swatches, photo } = benchOf(run);
  const did: Did = (id) => state.get(id) === 'done';
  const method = methodDone(job, did);
  const coated = did('drops') || did('dip') || did('flush');
  const lube = job.lube && coated ? job.lube : null;
  const wiped = lube !== null && (isWax(lube.lubeClass) || did('wipe off') || did('wipe hard'));
  const under = did('under') ? run.underId : null;
  const bottles = [run.bottleId, under].flatMap((id) => (id && lube ? (products[id] ?? []) : []));
  const cleaner = run.cleanerId && cleanerFor(method) ? (products[run.cleanerId] ?? null) : null;
  const baths = { ...job.baths, count: Math.max(1, bathsDone(job, did)) };
  const ml = coatMlOf(job) * run.coat;
  const leftOpen = [
    ...new Set(steps.flatMap((s) => (state.get(s.id) === 'left open' ? (LEFT[s.id] ?? []) : []))),
  ];
  return {
    type: 'workDone',
    at: new Date((lube && coatedAt(run)) ?? endedAt).toISOString(),
    chainId: run.chainId,
    method,
    cogsCleaned: did('cassette') && (did('jockey wheels') || job.bike.gear !== 'derailleur'),
    baths,
    drying: dryingOf(did),
    lube: lube && { lubeClass: lube.lubeClass, coat: run.coat, wiped },
    used: usedOn({
      method,
      baths: method === 'baths' ? baths : null,
      coat: bottles.map((bottle) => ({ bottle, ml })),
      cleaner,
      settled: did('settle'),
    }),
    minutes: minutesWorked(run),
    depth: job.depth,
    ...(leftOpen.length > 0 ? { leftOpen } : {}),
    swatches: swatches.slice(-20),
    ...(photo ? { photo } : {}),
    note: noteOf(run),
    ...(lube && job.trial?.asks ? { trial: { id: job.trial.id, arm: triedOf(run, did) } } : {}),
  };
}

/** How a coat for a trial was put on: as the rider said at the end, else as its turn was, where that was read. */
export const triedIn = (run: Run): Tried =>
  triedOf(run, (id) => benchOf(run).state.get(id) === 'done');

const triedOf = ({ job, tried }: Run, did: Did): Tried =>
  tried ?? (job.trial && did('trial') ? job.trial.arm : 'neither');

function dryingOf(did: Did): Drying {
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
