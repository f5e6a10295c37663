import type { AddOn } from './addOns';
import { changesChain } from './depths';
import type { CautionName } from './cautions';
import type { BenchRound } from './rounds';
import type { BenchTrial } from './trial';
import type { Moving } from '../words/bench/said';
import type { Standard } from '../records/standards';
import type { Bike, Chain } from '../records/garage';
import type { Depth } from '../records/kinds';
import { isWax, type LubeClass } from '../lube/classes';
import type { Schools } from '../lube/schools';
import { coatsTaken } from '../shelf/use';
import type { Tool, Workshop } from '../records/workshop';

/** The lube to put on: its class, and the coat in drops and ml for this chain. */
export interface BenchLube {
  lubeClass: LubeClass;
  name: string;
  sides: 1 | 2;
  drops: number;
  ml: number;
  /** Its label asks for shaking. */
  shake: boolean;
  /** How warm its label wants the air, in words, where it is colder here; null: it is warm enough. */
  tooColdFor: string | null;
  /** Hours it sets where the bike stands. */
  setHours: number;
  /** A steady stream in place of drops: the rider's way. */
  stream: boolean;
  /** The bottle has stood for a month. */
  rested: boolean;
}

/** What to lay out where no degreaser stands on the shelf. */
export const DEGREASER = 'degreaser whose label allows chains';

/** A piece of work to be guided: everything the procedure is made from, as plain data. */
export interface Job {
  depth: Depth;
  /** How an on-bike clean is done. */
  clean: 'brush' | 'scrubber';
  addOns: readonly AddOn[];
  /** Slower rounds done in the same session. */
  rounds: readonly BenchRound[];
  bike: Pick<
    Bike,
    'name' | 'rings' | 'gear' | 'drive' | 'brake' | 'ebike' | 'wheel' | 'narrowWide' | 'frame'
  >;
  chain: Pick<Chain, 'links' | 'closure' | 'directional'>;
  /** The chain that goes on instead, in a swap or out of its box; null: there is none. */
  next: Pick<Chain, 'id' | 'name' | 'links' | 'closure' | 'directional'> | null;
  /** What becomes of the chain that comes off when a new one goes on (null: none is on), and from where it is worn, %. */
  old: { becomes: 'kept' | 'worn' | null; limit: number };
  /** Times its link has been opened, by the log, and how often its maker allows it; null: not known. */
  openings: { done: number; allowed: number | null };
  lube: BenchLube | null;
  /** A penetrating oil that goes on first, under a dry lube; null: one coat. */
  under: string | null;
  /** What is on it now; null: bare. */
  onIt: LubeClass | null;
  /** Grit outside, 0 to 1. */
  outside: number;
  /** Ridden on salt, and not rinsed since. */
  salted: boolean;
  /** The rear wheel comes out for the clean. */
  wheelOut: boolean;
  degreaser: string | null;
  workshop: Workshop;
  oldCoat: Schools['oldCoat'];
  between: Schools['between'];
  baths: { count: number; ml: number };
  standard: Standard;
  /** The trial this coat is of; not there: of none. */
  trial?: Pick<BenchTrial, 'id' | 'arm' | 'labels' | 'asks'>;
  /** Hours a towelled chain takes to dry where it stands, and blown out. */
  dryHours: { towel: number; air: number };
}

export const owns = (job: Job, tool: Tool): boolean => job.workshop.tools.includes(tool);
export const hasDisc = (job: Job): boolean => job.bike.brake.startsWith('disc');
export const isHydraulic = (job: Job): boolean => job.bike.brake === 'disc, hydraulic';
/** Whether the cranks turn the wheel: then nothing is held on a running chain. */
export const cranksDrive = (job: Job): boolean => job.bike.drive !== 'freewheel';

/** Share of a coat that a thin one is: a drop on every second roller, and little time to creep in. Own estimate. */
export const THIN_SHARE = 0.4;

/** The depths that take the chain off the bike to clean it. */
const OFF: readonly Depth[] = ['off-bike clean', 'soak', 'new-chain strip', 'new chain'];

/** Whether the chain is stripped first: wax does not hold over oil. */
export const mustStrip = (job: Job): boolean =>
  job.depth !== 'thin coat' &&
  job.lube !== null &&
  isWax(job.lube.lubeClass) &&
  job.onIt !== null &&
  !isWax(job.onIt);

/** Whether the chain goes into the pot. */
const inPot = (job: Job): boolean =>
  job.lube?.lubeClass === 'hot wax' && job.depth !== 'wipe-down' && job.depth !== 'thin coat';

/** Whether taking the wheel out is a choice in this job. */
export const mayTakeWheelOut = (job: Job): boolean =>
  usesDegreaser(job) &&
  !startsBare(job) &&
  wheelMayCome(job) &&
  (comesOff(job) || keeperServes(job));

/** Hub gears and coaster brakes hang on cables and arms: their wheel is a job of its own. */
const wheelMayCome = ({ bike }: Job): boolean => bike.gear !== 'hub' && bike.drive !== 'coaster';

/** With the wheel out a chain on the bike runs round a keeper, backwards. */
const keeperServes = (job: Job): boolean =>
  owns(job, 'chain keeper') && job.bike.gear === 'derailleur' && !cranksDrive(job);

/** Whether the rear wheel comes out: where it is asked for and can be. */
export const wheelComesOut = (job: Job): boolean => job.wheelOut && mayTakeWheelOut(job);

/** Whether the rear wheel is off the ground, in a stand or because the work asks for it. */
export const isRaised = (job: Job): boolean =>
  job.depth !== 'roadside' &&
  job.depth !== 'thin coat' &&
  (owns(job, 'stand') ||
    cranksDrive(job) ||
    wheelComesOut(job) ||
    poursHot(job) ||
    (comesOff(job) && job.bike.gear !== 'derailleur'));

/** Whether hot water is poured over a waxed chain: a reset without a pot, or wax that must make way for oil. */
export const poursHot = (job: Job): boolean =>
  job.workshop.water !== 'none' &&
  !comesOff(job) &&
  ((job.depth === 'wax reset' && job.lube?.lubeClass !== 'hot wax') || waxMakesWay(job));

/** Whether wax is on and oil is to follow. */
const waxMakesWay = (job: Job): boolean =>
  job.depth === 'top-up' && job.lube !== null && !isWax(job.lube.lubeClass) && isOnWax(job);

/** Whether wax is on. */
export const isOnWax = (job: Job): boolean => job.onIt !== null && isWax(job.onIt);

/** How the chain is moved on under rag and bottle. */
export const movingOf = (job: Job): Moving =>
  !cranksDrive(job) ? 'cranks' : isRaised(job) ? 'by hand' : 'rolling';

/** Whether no chain is on the bike when the work begins. */
export const startsBare = ({ depth, old }: Job): boolean =>
  depth === 'new-chain strip' || (depth === 'new chain' && old.becomes === null);

/** Whether a new chain is stripped: for wax it must be, else by the rider's school. */
export function stripsNew({ lube, workshop }: Job): boolean {
  if (lube === null || isWax(lube.lubeClass)) return true;
  const { newChain } = workshop.schools;
  return newChain === 'strip' || (newChain === 'by lube' && lube.lubeClass === 'dry');
}

/** The chain that is closed at the end: the one that came off, or the one in its place. */
export const closesAs = (job: Job): Job['chain'] => {
  const { depth, chain, next } = job;
  if (changesChain(depth) && next) return next;
  return isSpent(job) ? { ...chain, closure: 'single-use link' } : chain;
};

/** Whether a reusable link has been opened as often as its maker allows: opened again, it is thrown away. */
export const isSpent = ({ chain, openings: { done, allowed } }: Job): boolean =>
  chain.closure === 'reusable link' && allowed !== null && done >= allowed;

/** Whether the closure may be opened: what closes at the end is a reusable link, or a new link or pin lies ready. */
export const mayOpen = (job: Job): boolean =>
  // A new chain comes with what closes it.
  job.depth === 'new chain' || closesAs(job).closure === 'reusable link' || owns(job, 'new link');

/** Whether the chain comes off in this job. */
export const comesOff = (job: Job): boolean =>
  job.depth === 'swap' ||
  OFF.includes(job.depth) ||
  inPot(job) ||
  (mustStrip(job) && mayOpen(job) && offAllowed(job));

export const offAllowed = (job: Job): boolean => job.workshop.schools.chainOff !== 'never';

/** Whether fresh lube washes the old one out and stays as the coat. */
export const flushesIn = (job: Job): boolean =>
  job.oldCoat === 'flush' &&
  job.depth === 'top-up' &&
  !mustStrip(job) &&
  job.lube !== null &&
  !isWax(job.lube.lubeClass);

/** What a job takes of its bottle for a whole coat, ml. */
export const coatMlOf = (job: Job): number =>
  (job.lube?.ml ?? 0) * coatsTaken(flushesIn(job) ? 'flush and wipe' : 'none');

/** What oil or degreaser in the wrong place does to this bike's brake. */
export const brakeCautions = (job: Job): CautionName[] =>
  hasDisc(job) ? ['rotor'] : job.bike.brake === 'rim' ? ['rim'] : [];

/** Whether the job cleans with degreaser. */
export const usesDegreaser = (job: Job): boolean =>
  job.depth === 'on-bike clean' || OFF.includes(job.depth) || mustStrip(job);

/** Whether the job cleans inside the rollers: cassette and jockey wheels go with it. */
export const isDeep = (job: Job): boolean => usesDegreaser(job) || job.depth === 'wax reset';

/** What is on the rag of a wipe. */
export type OnRag = 'dry' | 'cloth' | 'solvent' | 'degreaser';
export function onRag(job: Job): OnRag {
  if (job.depth === 'rescue' || job.depth === 'roadside') return 'dry';
  if (isOnWax(job)) return 'cloth';
  return job.between === 'degreaser' ? 'degreaser' : 'solvent';
}

/** Whether solvent or degreaser is on the rag of a job that only wipes. */
export const wipesWet = (job: Job): boolean =>
  (job.depth === 'wipe-down' || job.depth === 'top-up') &&
  !comesOff(job) &&
  !mustStrip(job) &&
  ['solvent', 'degreaser'].includes(onRag(job));

/** Whether a wet chain is lubed without waiting for it to dry: a rescue, and no time. */
export const hasNoTime = (job: Job): boolean =>
  job.depth === 'rescue' && job.addOns.includes('no time to dry') && !isWaxed(job);

const isWaxed = ({ lube }: Job): boolean => lube !== null && isWax(lube.lubeClass);
