import { wearLimitPercent } from '../chain/geometry';
import { coatOf, work } from '../care/model/work';
import { CARE } from '../care/model/constants';
import type { ChainState } from '../care/model/state';
import type { Bike, Chain } from '../records/garage';
import type { Boxed } from '../records/benchRun';
import { DEPTHS, type Depth } from '../records/kinds';
import { doseOf, sidesOf } from '../lube/dose';
import { LUBE_CLASSES, type LubeClass } from '../lube/classes';
import type { Settings } from '../records/settings';
import { bottlesOf, cleanersFor, undercoatOf } from '../shelf/use';
import type { Product } from '../records/product';
import { labelNote } from '../shelf/label';
import { formatTemperature } from '../units/format';
import { dryingHours, settingHours, type Air } from '../weather/drying';
import { takesRounds, type AddOn } from './addOns';
import { coatMlOf, isDeep, THIN_SHARE, type BenchLube, type Job } from './job';
import { refusal, type BenchRefusal } from './refusal';
import { procedure } from './procedure';
import type { BenchRound } from './rounds';
import { methodOf } from './result';
import type { Run } from './run';
import { timelineOf, type Timeline } from './timeline';
import { COATS, forJob, settingsBy, trialOn, type BenchTrial } from './trial';
import { isDoneBy } from './tryable';

/** The chain on its bike as it stands at the bench, and what stands on the shelf. */
export interface AtTheBench {
  bike: Bike;
  chain: Chain;
  state: ChainState;
  cogs: number;
  /** Of the bike's other chains the least worn; null: there is none. */
  next: { chain: Chain; state: ChainState | null; due: boolean } | null;
  air: Air;
  openings: number;
  /** Bottles not used for a month. */
  rested: readonly string[];
  products: Readonly<Record<string, Product>>;
  settings: Settings;
  /** The trial that runs on the bike, where one does. */
  trial?: BenchTrial | null;
}

/** What the rider asked for beside the depth. */
export interface Wanted {
  lube: LubeClass;
  /** A bottle of that class; null: the first on the shelf. */
  bottleId: string | null;
  clean: Job['clean'];
  addOns: readonly AddOn[];
  /** Slower rounds that go along. */
  rounds: readonly BenchRound[];
  baths: Job['baths'];
  wheelOut: boolean;
}

/** What is done unless the rider says otherwise, with a lube and its bottle. */
export const usualWanted = (
  { lube, bottleId }: Pick<Wanted, 'lube' | 'bottleId'>,
  { tools }: Settings['workshop'],
): Wanted => ({
  lube,
  bottleId,
  clean: tools.includes('scrubber') ? 'scrubber' : 'brush',
  addOns: [],
  rounds: [],
  baths: { count: 3, ml: 150 },
  wheelOut: false,
});

/** A depth the bench offers, with what it would take and do. */
export interface Offer {
  depth: Depth;
  job: Job;
  bottle: Product | null;
  under: Product | null;
  cleaner: Product | null;
  /** Why it cannot be done here; null: it can. */
  refused: BenchRefusal | null;
  /** Null where it is refused. */
  time: Timeline | null;
  /** The chain after it. */
  after: ChainState | null;
}

function lubeOf(at: AtTheBench, wanted: Wanted, bottle: Product | null, links: number): BenchLube {
  const { lube } = wanted;
  const traits = LUBE_CLASSES[lube];
  const { schools, dropsPerMl } = at.settings;
  const sides = sidesOf(schools.sides, at.bike.ebike, lube);
  const dose = doseOf(links, sides, dropsPerMl, schools.amount);
  const setHours = bottle?.setHours ?? traits.setHours;
  const note = bottle && labelNote(bottle, at.air);
  return {
    lubeClass: lube,
    name: bottle?.name ?? `${lube} lube`,
    sides,
    drops: dose.drops,
    ml: dose.ml,
    shake: note?.shake ?? false,
    tooColdFor:
      note && note.tooColdFor !== null
        ? formatTemperature(note.tooColdFor, at.settings.units)
        : null,
    setHours: settingHours({ ...traits, setHours }, at.air),
    stream: schools.amount === 'stream',
    rested: at.rested.includes(bottle?.id ?? ''),
  };
}

const dryHoursIn = (air: Air): Job['dryHours'] => ({
  towel: dryingHours(CARE.towelHours.value, air),
  air: dryingHours(CARE.airHours.value, air),
});

/** Depths that put nothing on. */
const LUBES_NOTHING: readonly Depth[] = ['wipe-down', 'swap'];

/** The bottles, cleaner and job of a depth as the rider wants it; `next`: the chain that goes on instead. */
function planned(
  usual: AtTheBench,
  wanted: Wanted,
  { depth, next, old }: Pick<Job, 'depth' | 'next' | 'old'>,
): Pick<Offer, 'depth' | 'job' | 'bottle' | 'under' | 'cleaner' | 'refused'> {
  const bottles = bottlesOf(usual.products, wanted.lube);
  const bottle = bottles.find((b) => b.id === wanted.bottleId) ?? bottles[0] ?? null;
  const trial = trialOn(usual.trial ?? null, depth, bottle?.id ?? null);
  const at = trial ? { ...usual, settings: settingsBy(usual.settings, trial) } : usual;
  const { bike, chain, state, air, products, settings } = at;
  const { schools, workshop, standard } = settings;
  const under = bottle && undercoatOf(products, wanted.lube, schools.products);
  const lube = lubeOf(at, wanted, bottle, (next ?? chain).links);
  const job: Job = {
    depth,
    clean: wanted.clean,
    addOns: wanted.addOns,
    rounds: takesRounds(depth) ? wanted.rounds : [],
    bike,
    chain,
    next,
    old,
    openings: { done: at.openings, allowed: chain.openingsAllowed },
    lube: LUBES_NOTHING.includes(depth) ? null : lube,
    onIt: depth === 'new chain' ? null : state.lube,
    outside: state.outside,
    salted: state.salted,
    under: lube.lubeClass === 'dry' ? (under?.name ?? null) : null,
    wheelOut: wanted.wheelOut,
    degreaser: null,
    workshop,
    oldCoat: schools.oldCoat,
    between: schools.between,
    baths: wanted.baths,
    standard,
    dryHours: dryHoursIn(air),
    ...(trial ? { trial: forJob(trial) } : {}),
  };
  // What cannot be done this way here is done as usual, and is not of the trial.
  if (trial && !isDoneBy(job, trial))
    return planned({ ...usual, trial: null }, wanted, { depth, next, old });
  const cleaner = cleanersFor(products, methodOf(job), schools.degreaser)[0] ?? null;
  const degreaser = cleaner?.kind === 'solvent' ? null : (cleaner?.name ?? null);
  const named = { ...job, degreaser };
  return { depth, job: named, bottle, under, cleaner, refused: refusal(named) };
}

/** Depths that the bench offers by themselves: a new chain is asked for by its form. */
const OFFERED = DEPTHS.filter((depth) => depth !== 'new chain');
const NO_OLD: Job['old'] = { becomes: null, limit: 0 };

/** Every depth for a chain (or some), each with its own job, what it takes and what it leaves. */
export function offers(
  at: AtTheBench,
  wanted: Wanted,
  depths: readonly Depth[] = OFFERED,
): Offer[] {
  const { state, cogs, air, products, settings } = at;
  return depths.map((depth): Offer => {
    const next = depth === 'swap' ? (at.next?.chain ?? null) : null;
    const base = planned(at, wanted, { depth, next, old: NO_OLD });
    const { job, bottle } = base;
    if (base.refused !== null) return { ...base, time: null, after: null };
    const time = timelineOf(procedure(job));
    if (depth === 'swap') return { ...base, time, after: at.next?.state ?? null };
    const share = depth === 'thin coat' ? THIN_SHARE : 1;
    const coat = job.lube && { lubeClass: job.lube.lubeClass, coat: share, wiped: true };
    const used = bottle && coat ? [{ productId: bottle.id, amount: coatMlOf(job) * share }] : [];
    const done = work(
      state,
      cogs,
      {
        method: methodOf(job),
        cogsCleaned: isDeep(job),
        baths: job.baths,
        drying: settings.workshop.tools.includes('air') ? 'towel and air' : 'towel',
        lube: coat,
      },
      { air, coat: coatOf(products, { lube: coat, used }) },
    );
    return { ...base, time, after: done.state };
  });
}

/** Whether a coat can be put on here as a trial's habit asks, at one depth or another. */
export const canTry = (at: AtTheBench, wanted: Wanted, trial: BenchTrial): boolean =>
  COATS.some((depth) => {
    const { job, refused } = planned({ ...at, trial }, wanted, { depth, next: null, old: NO_OLD });
    return refused === null && job.trial !== undefined;
  });

/** The fitting of a chain out of its box; `at` is of the chain on the bike, or of the new one where none is on. */
export function newChainOffer(at: AtTheBench, wanted: Wanted, boxed: Boxed): Offer {
  const base = planned(at, wanted, {
    depth: 'new chain',
    next: boxed.chain,
    old: {
      becomes: at.chain.id === boxed.chain.id ? null : boxed.keepsOld ? 'kept' : 'worn',
      limit: wearLimitPercent(at.chain.speeds, at.bike.gear),
    },
  });
  const time = base.refused === null ? timelineOf(procedure(base.job)) : null;
  return { ...base, time, after: null };
}

/** A session of an offer, begun at `now` (ms); `boxed`: the new chain it fits. */
export const startRun = (
  offer: Offer,
  chainId: string,
  now: number,
  boxed: Boxed | null = null,
): Run => ({
  version: 2,
  chainId,
  bottleId: offer.job.lube ? (offer.bottle?.id ?? null) : null,
  underId: offer.job.lube ? (offer.under?.id ?? null) : null,
  cleanerId: offer.cleaner?.id ?? null,
  startedAt: now,
  marks: [],
  acknowledged: [],
  coat: offer.depth === 'thin coat' ? THIN_SHARE : 1,
  note: '',
  job: offer.job,
  ...(boxed ? { boxed } : {}),
});
