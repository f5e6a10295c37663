import { DEPTHS, type CleanMethod, type Depth } from '../../records/kinds';
import { coatOf, OF_ITS_CLASS, type Coat, type WorkSpec } from '../../care/model/work';
import { HANDBOOK } from '../../care/model/personal';
import { offers, usualWanted, type AtTheBench, type Offer } from '../../bench/offer';

import { coatMlOf, isDeep } from '../../bench/job';
import { methodOf } from '../../bench/result';
import { againstHabits } from '../../choice/rules';
import { isWax, LUBE_CLASSES, type LubeClass } from '../../lube/classes';
import { coatDose } from '../../lube/dose';
import { costOf } from '../../shelf/stock';
import { usedOn } from '../../shelf/use';
import type { Air } from '../../weather/drying';
import type { CoatKind, Family, Work } from '../solver/problem';
import type { BikeNow, PlanRequest } from './request';

/** Depths the planner chooses from: the others answer to what happens on the road, or to a new chain. */
const RAG: readonly CleanMethod[] = [
  'none',
  'dry wipe',
  'solvent wipe',
  'degreaser wipe',
  'flush and wipe',
];
/** A job that strips for wax is called by what it is, not by the coat it ends with. */
const PLANNED = new Map<Depth, readonly CleanMethod[]>([
  ['wipe-down', RAG],
  // Over wax it begins with hot water.
  ['top-up', [...RAG, 'wax reset']],
  ['on-bike clean', ['brush', 'scrubber']],
  ['off-bike clean', ['baths']],
  ['wax reset', ['wax reset']],
]);
/** In the order in which the bench offers them. */
const DEPTHS_PLANNED = DEPTHS.filter((depth) => PLANNED.has(depth));
/** Put on where nothing is known. */
const LUBE_IF_UNKNOWN: LubeClass = 'all-weather';
/** The air in which minutes and labels are read; hours to set are worked out again for each day's air. */
const READ_IN: Air = { temperatureC: 20, humidity: 0.5 };

const familyOf = (lube: LubeClass | null): Family =>
  lube === null ? 'bare' : isWax(lube) ? 'wax' : 'oil';

/** How long a lube lasts on this bike over what the one that is on is reckoned with: each has its own factor. */
const beside = ({ own, factors }: BikeNow, id: string, lubeClass: LubeClass): number =>
  (own[id] ?? own[lubeClass] ?? HANDBOOK).life / factors.life;

/** The same of how fast grit comes to it. */
const gritBeside = ({ own, factors }: BikeNow, id: string, lubeClass: LubeClass | null): number =>
  lubeClass === null ? 1 : (own[id] ?? own[lubeClass] ?? HANDBOOK).grit / factors.grit;

/**
 * What may go on a chain ridden so much of the way in the wet: the bottles on the shelf that go with the rider's
 * habit and schools, and what is on now.
 */
export function coatsFor(
  request: PlanRequest,
  now: BikeNow,
  wetShare: number,
): { coats: CoatKind[]; coatNow: number } {
  const { products, left, settings } = request;
  const { habit } = settings.choice;
  const facts = { habit, wetShare, ...settings.schools };
  const kind = (
    id: string,
    lubeClass: LubeClass | null,
    label: number | null,
    atHand: boolean,
  ): CoatKind => ({
    id,
    lubeClass,
    family: familyOf(lubeClass),
    lifeKm: lubeClass ? (label ?? LUBE_CLASSES[lubeClass].lifeKm) * beside(now, id, lubeClass) : 1,
    grit: gritBeside(now, id, lubeClass),
    atHand,
  });
  const lubing = { links: now.chain.links, ebike: now.bike.ebike, ...settings };
  const coatMl = (lube: LubeClass) => coatDose(lubing, lube).ml;
  const all = Object.values(products).filter(
    ({ id, retired, lubeClass }) =>
      !retired &&
      lubeClass !== null &&
      (left[id] ?? 0) >= coatMl(lubeClass) &&
      (lubeClass === now.state.lube || againstHabits(lubeClass, facts) === null),
  );
  const kept = all.filter((p) => now.keepsTo?.some((k) => k === p.id || k === p.lubeClass));
  const bottles = kept.length > 0 ? kept : all;
  const coats = bottles.map((p) => kind(p.id, p.lubeClass, p.lifeKm, true));
  const { lube, bottle } = now.state;
  let coatNow = coats.findIndex((c) => c.id === bottle && c.lubeClass === lube);
  if (coatNow < 0) coatNow = coats.findIndex((c) => c.lubeClass === lube);
  const buys = bottles.length === 0;
  if (coatNow < 0) coatNow = coats.push(kind(lube ?? 'bare', lube, null, buys)) - 1;
  if (buys && lube === null) {
    const usual = now.lastLube ?? LUBE_IF_UNKNOWN;
    coats.push(kind(usual, usual, null, true));
  }
  return { coats, coatNow };
}

/** Every work that may be chosen for a bike, with the bench's own minutes and what it takes off the shelf. */
export function worksFor(request: PlanRequest, now: BikeNow, coats: readonly CoatKind[]): Work[] {
  const works = new Map<string, Work>();
  const add = (work: Work) => {
    const key = JSON.stringify([work.depth, work.coat, work.spec.method, work.handsOn]);
    const same = works.get(key);
    if (same) same.over = [...new Set([...same.over, ...work.over])];
    else works.set(key, work);
  };
  // Only what may be on the chain at some time bears on what can be done.
  const families = [...new Set(coats.map((c) => c.family))];
  coats.forEach((coat, index) => {
    if (coat.lubeClass === null || !coat.atHand) return;
    for (const over of families) {
      // What is on decides how it is cleaned: oil is stripped before wax.
      const on = over === 'oil' ? 'wet' : over === 'wax' ? 'drip wax' : null;
      for (const offer of offersFor(request, now, on, coat))
        if (offer.refused === null && PLANNED.get(offer.depth)?.includes(methodOf(offer.job)))
          add(planWorkOf(request, now, { offer, coat, index, over }));
    }
  });
  return [...works.values()];
}

/** A coat with the life it has on this bike, over what the coat that is on is reckoned with. */
function ownCoat(now: BikeNow, lubeClass: LubeClass, coat: Coat): Coat {
  const lifeKm = coat.lifeKm ?? LUBE_CLASSES[lubeClass].lifeKm;
  return { ...coat, lifeKm: lifeKm * beside(now, coat.bottle ?? lubeClass, lubeClass) };
}

function offersFor(
  request: PlanRequest,
  now: BikeNow,
  on: LubeClass | null,
  coat: CoatKind,
): Offer[] {
  const { products, settings } = request;
  const at: AtTheBench = {
    bike: now.bike,
    chain: now.chain,
    state: { ...now.state, lube: on },
    cogs: now.cogs,
    air: READ_IN,
    next: null,
    openings: now.openings,
    rested: [],
    products,
    settings,
  };
  const wanted = { lube: coat.lubeClass ?? LUBE_IF_UNKNOWN, bottleId: coat.id };
  return offers(at, usualWanted(wanted, settings.workshop), DEPTHS_PLANNED);
}

interface Offered {
  offer: Offer;
  coat: CoatKind;
  index: number;
  over: Family;
}

function planWorkOf(
  request: PlanRequest,
  now: BikeNow,
  { offer, coat, index, over }: Offered,
): Work {
  const { products, left, settings } = request;
  const { job, depth } = offer;
  const method = methodOf(job);
  const bottle = coat.lubeClass === null ? null : (products[coat.id] ?? null);
  const lube = job.lube;
  const spec: WorkSpec = {
    method,
    cogsCleaned: isDeep(job),
    baths: job.baths,
    // A rag job ends with a towel; what is rinsed is blown out where there is air.
    drying:
      !RAG.includes(method) && settings.workshop.tools.includes('air') ? 'towel and air' : 'towel',
    lube: lube && { lubeClass: lube.lubeClass, coat: 1, wiped: true },
  };
  const coatMl = lube && bottle ? [{ bottle, ml: coatMlOf(job) }] : [];
  const used = usedOn({
    method,
    baths: method === 'baths' ? job.baths : null,
    coat: coatMl,
    cleaner: offer.cleaner,
    settled: false,
  });
  const money = used.reduce((sum, u) => {
    const product = products[u.productId];
    return sum + ((product && costOf(product, u.amount)) ?? 0);
  }, 0);
  const from = lube
    ? ownCoat(now, lube.lubeClass, coatOf(products, { lube: spec.lube, used }))
    : OF_ITS_CLASS;
  const traits = LUBE_CLASSES[coat.lubeClass ?? LUBE_IF_UNKNOWN];
  const setHours = bottle?.setHours ?? traits.setHours;
  return {
    depth,
    coat: lube ? index : null,
    over: [over],
    spec,
    from,
    deep: isDeep(job),
    handsOn: Math.round(offer.time?.handsOn ?? 0),
    elapsed: Math.round(offer.time?.elapsed ?? 0),
    setHours: lube ? setHours : 0,
    carrier: lube ? traits.carrier : 'none',
    money,
    coatsLeft: lube && bottle ? Math.floor((left[bottle.id] ?? 0) / coatMlOf(job) + 1e-9) : null,
    leastC: lube ? (bottle?.leastC ?? null) : null,
    bottleId: lube ? (bottle?.id ?? null) : null,
    lubeName: lube ? (bottle?.name ?? `${lube.lubeClass} lube`) : null,
  };
}
