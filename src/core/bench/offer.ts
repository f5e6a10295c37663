import { coatOf, CARE, work, type ChainState, type Verdict } from '../care';
import type { Bike, Chain } from '../garage';
import { DEPTHS, type Depth } from '../logbook';
import { doseOf, LUBE_CLASSES, sidesOf, type LubeClass } from '../lube';
import type { Settings } from '../settings';
import type { DateText } from '../time/dates';
import { bottlesOf, cleanersFor, undercoatOf, type Product } from '../shelf';
import { labelNote } from '../shelf/label';
import { formatTemperature } from '../units';
import { dryingHours, settingHours, type Air } from '../weather';
import { coatMlOf, isDeep, THIN_SHARE, type AddOn, type BenchLube, type Job } from './job';
import { refusal, type BenchRefusal } from './refusal';
import { procedure } from './procedure';
import { methodOf } from './result';
import type { Run } from './run';
import { timelineOf, type Timeline } from './timeline';

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
}

/** What the rider asked for beside the depth. */
export interface Wanted {
  lube: LubeClass;
  /** A bottle of that class; null: the first on the shelf. */
  bottleId: string | null;
  clean: Job['clean'];
  addOns: readonly AddOn[];
  baths: Job['baths'];
  wheelOut: boolean;
}

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

function lubeOf(at: AtTheBench, wanted: Wanted, bottle: Product | null): BenchLube {
  const { lube } = wanted;
  const traits = LUBE_CLASSES[lube];
  const { schools, dropsPerMl } = at.settings;
  const sides = sidesOf(schools.sides, at.bike.ebike, lube);
  const dose = doseOf(at.chain.links, sides, dropsPerMl, schools.amount);
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

/** Every depth for a chain, each with its own job, what it takes and what it leaves. */
export function offers(at: AtTheBench, wanted: Wanted): Offer[] {
  const { bike, chain, state, cogs, air, products, settings } = at;
  const { schools, workshop, standard } = settings;
  const bottles = bottlesOf(products, wanted.lube);
  const bottle = bottles.find((b) => b.id === wanted.bottleId) ?? bottles[0] ?? null;
  const under = bottle && undercoatOf(products, wanted.lube, schools.products);
  const lube = lubeOf(at, wanted, bottle);
  return DEPTHS.map((depth): Offer => {
    const job: Job = {
      depth,
      clean: wanted.clean,
      addOns: wanted.addOns,
      bike,
      chain,
      next: depth === 'swap' ? (at.next?.chain ?? null) : null,
      openings: { done: at.openings, allowed: chain.openingsAllowed },
      lube: LUBES_NOTHING.includes(depth) ? null : lube,
      onIt: state.lube,
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
    };
    const method = methodOf(job);
    const cleaner = cleanersFor(products, method, schools.degreaser)[0] ?? null;
    const named = {
      ...job,
      degreaser: cleaner?.kind === 'solvent' ? null : (cleaner?.name ?? null),
    };
    const refused = refusal(named);
    const base = { depth, job: named, bottle, under, cleaner, refused };
    if (refused !== null) return { ...base, time: null, after: null };
    if (depth === 'swap')
      return { ...base, time: timelineOf(procedure(named)), after: at.next?.state ?? null };
    const share = depth === 'thin coat' ? THIN_SHARE : 1;
    const coat = job.lube && { lubeClass: lube.lubeClass, coat: share, wiped: true };
    const used = bottle && coat ? [{ productId: bottle.id, amount: coatMlOf(named) * share }] : [];
    const done = work(
      state,
      cogs,
      {
        method,
        cogsCleaned: isDeep(named),
        baths: job.baths,
        drying: workshop.tools.includes('air') ? 'towel and air' : 'towel',
        lube: coat,
      },
      { air, coat: coatOf(products, { lube: coat, used }) },
    );
    return { ...base, time: timelineOf(procedure(named)), after: done.state };
  });
}

/** The depth to begin with, and why. */
export type Recommended = { depth: Depth } & (
  | { reason: 'only a noise' | 'shallowest' | 'next that can' | 'swap due' }
  /** The plan has it on this day. */
  | { reason: 'planned'; date: DateText }
);

/** The next job of a chain by the plan. */
export type NextPlanned = { depth: Depth; date: DateText } | null;

/**
 * What the plan has next, or the verdict proposes, or the next deeper that can be done here. Shallow first when a noise is the
 * only complaint: a wipe and a coat cure most of them.
 */
export function recommend(
  verdict: Verdict,
  list: readonly Offer[],
  planned: NextPlanned = null,
  swapDue = false,
): Recommended | null {
  const swap = list.find((o) => o.depth === 'swap' && o.refused === null);
  if (swapDue && swap && verdict.kind === 'good for') return { depth: 'swap', reason: 'swap due' };
  const can = list.filter((o) => o.refused === null && o !== swap);
  const noise = verdict.heard && !verdict.heard.odd && verdict.heard.sound === 'squeak';
  const dirty = verdict.clocks.some(
    (c) => c.fired && (c.name === 'inside' || c.name === 'outside'),
  );
  if (noise && !dirty && can.some((o) => o.depth === 'top-up'))
    return {
      depth: 'top-up',
      reason: 'only a noise',
    };
  if (planned && can.some((o) => o.depth === planned.depth))
    return { ...planned, reason: 'planned' };
  const { depth } = verdict.proposal;
  const from = DEPTHS.indexOf(depth);
  const found = can.find((o) => DEPTHS.indexOf(o.depth) >= from) ?? can.at(-1);
  if (!found) return null;
  return {
    depth: found.depth,
    reason: found.depth === depth ? 'shallowest' : 'next that can',
  };
}

/** The depths with the one to begin with first, and those that cannot be done last. */
export const nextFirst = (list: readonly Offer[], recommended: Recommended | null): Offer[] => {
  const place = (o: Offer) => (o.depth === recommended?.depth ? 0 : o.refused === null ? 1 : 2);
  return [...list].sort((a, b) => place(a) - place(b));
};

/** A session of an offer, begun at `now` (ms). */
export const startRun = (offer: Offer, chainId: string, now: number): Run => ({
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
});
