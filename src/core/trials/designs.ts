import { CARE, OWN, STANDARDS, type Constant } from '../care/model/constants';
import { meanMinutes } from '../care/verdict/proposal';
import type { TypicalRiding } from '../care/verdict/typical';
import { isWax, type LubeClass } from '../lube/classes';
import type { Standard } from '../records/standards';
import type { Measure } from '../records/trialKinds';
import { HOURS_PER_WEEK } from '../units/convert';
import { gritIn, livesIn } from './common';
import { coatsNeeded } from './size';

/** How a trial can be run. */
export interface Design {
  measure: Measure;
  /** A rag is photographed, not picked by eye. */
  photo: boolean;
  /** A fresh coat goes on as soon as its rag is read. */
  again: boolean;
  ragKm: number;
  /** At most so many coats of each habit. */
  coatsAnArm: number;
  kmACoat: number;
  weeks: number;
  rides: number;
  /** Over what is done anyway: minutes, and all of it as money. */
  minutes: number;
  cost: number;
  /** What knowing saves, in the same money, if the difference is as large as the rider cares for. */
  saves: number;
  worth: 'worth it' | 'too long' | 'costs more';
}

/** Own estimates that a plan of a trial rests on. */
export const PLAN_OF_TRIAL = {
  noteMinutes: {
    value: 1,
    unit: 'min a coat to note a squeak and the way',
    source: OWN,
    spread: '0.5 to 2',
  },
  ragMinutes: { value: 2, unit: 'min to read a rag', source: OWN, spread: '1 to 3' },
  ragLevel: {
    value: 0.35,
    unit: 'grit outside at which a rag tells most',
    source: OWN,
    spread: '0.25 to 0.5',
  },
  photoNoise: {
    value: 0.04,
    unit: 'of outside, photographed',
    source: OWN,
    spread: '0.03 to 0.06',
  },
  keptYears: { value: 3, unit: 'years a habit is kept', source: OWN, spread: '1 to 5' },
} as const satisfies Record<string, Constant>;

/** A trial that takes longer is not worth it: seasons and parts change. */
export const LONGEST_WEEKS = 52;
/** A coat of one kind after the other is stripped between: a pair changes once, and every second one again. */
const CHANGES_A_COAT = 0.75;

/** All that a plan of a trial depends on. */
export interface Planned {
  lubes: { a: LubeClass; b: LubeClass };
  typical: TypicalRiding;
  /** How much longer than the handbook a coat lasts here, and how much coats vary. */
  life: number;
  sigma: number;
  careFor: number;
  standard: Standard;
  /** In the rider's money: an hour, a coat, a chain; the chain's wear limit, %. */
  prices: { hour: number; coat: number; chain: number; limit: number };
}

/** Handbook lives a kilometre takes as one rides now; parked time too. */
function livesAKm({ perKm, kmPerWeek }: TypicalRiding, lube: LubeClass): number {
  const hours = kmPerWeek > 0 ? HOURS_PER_WEEK / kmPerWeek : 0;
  const ridden = { loadKm: perKm.load, waterMm: perKm.waterMm, hours, dirt: 0, wetDirt: 0 };
  return livesIn(ridden, lube);
}

const meanOf = ({ a, b }: Planned['lubes'], of: (lube: LubeClass) => number): number =>
  (of(a) + of(b)) / 2;

/** Km after which a rag tells most, on a lube as one rides now; not beyond its usual coat. */
function ragKmOf({ typical, lubes }: Planned, usualKm: number): number {
  const { perKm } = typical;
  const road = { dirt: perKm.dirtPerKm, wetDirt: perKm.wetDirtPerKm };
  const gather = meanOf(lubes, (lube) => gritIn(road, lube)) / CARE.outsideScaleKm.value;
  const km = gather > 0 ? -Math.log(1 - PLAN_OF_TRIAL.ragLevel.value) / gather : usualKm;
  return Math.max(10, Math.round(Math.min(km, usualKm) / 10) * 10);
}

/** Sigma of how fast grit came, read once by rag at the level where it tells most. */
export function ragSigma(photo: boolean): number {
  const level = PLAN_OF_TRIAL.ragLevel.value;
  const slope = -(1 - level) * Math.log(1 - level);
  const sd = photo ? PLAN_OF_TRIAL.photoNoise.value : CARE.swatchNoise.value;
  return Math.hypot(CARE.gritNoise.value, sd / slope);
}

/** What half of a chance of finding the better habit is worth: jobs a year that it spares, as long as a habit is kept. */
const worthOf = (jobsAYear: number, costOfJob: number, careFor: number): number =>
  0.5 * PLAN_OF_TRIAL.keptYears.value * jobsAYear * (careFor / (1 + careFor)) * costOfJob;

type Way = Pick<Design, 'measure' | 'photo' | 'again'>;

function designOf(planned: Planned, way: Way): Design {
  const { lubes, typical, life, careFor, prices, standard } = planned;
  const perMinute = prices.hour / 60;
  const wholeKm = life / meanOf(lubes, (lube) => livesAKm(typical, lube));
  const usualKm = wholeKm * (1 - CARE.reserve.value);
  const ragKm = ragKmOf(planned, usualKm);
  const wholeRides = Math.ceil(ragKm / typical.rideKm) * typical.rideKm;
  const kmACoat =
    way.measure === 'squeak' ? wholeKm : way.again ? Math.min(wholeRides, usualKm) : usualKm;
  const sigma = way.measure === 'squeak' ? planned.sigma : ragSigma(way.photo);
  const coatsAnArm = Math.max(2, coatsNeeded(sigma, careFor));
  const coats = 2 * coatsAnArm;
  const coatMinutes = meanMinutes('top-up');
  const extraCoats = way.again ? coats * (1 - kmACoat / usualKm) : 0;
  const strips = isWax(lubes.a) === isWax(lubes.b) ? 0 : coats * CHANGES_A_COAT;
  const noting = way.measure === 'squeak' ? PLAN_OF_TRIAL.noteMinutes : PLAN_OF_TRIAL.ragMinutes;
  const minutes =
    coats * noting.value + extraCoats * coatMinutes + strips * meanMinutes('off-bike clean');
  // Ridden on to a squeak, half of a ride is dry.
  const dryKm = way.measure === 'squeak' ? (coats * typical.rideKm) / 2 : 0;
  const dryWear =
    (dryKm * CARE.wearPerKm.value * CARE.wearByDryness.value * prices.chain) / prices.limit;
  const cost = minutes * perMinute + extraCoats * prices.coat + dryWear;
  const kmAYear = typical.kmPerWeek * 52;
  const wipeKm =
    ragKm *
    (Math.log(1 - STANDARDS[standard].outside) / Math.log(1 - PLAN_OF_TRIAL.ragLevel.value));
  const saves =
    way.measure === 'squeak'
      ? worthOf(kmAYear / usualKm, coatMinutes * perMinute + prices.coat, careFor)
      : worthOf(kmAYear / wipeKm, meanMinutes('wipe-down') * perMinute, careFor);
  const weeks = typical.kmPerWeek > 0 ? (coats * kmACoat) / typical.kmPerWeek : Infinity;
  return {
    ...way,
    ragKm,
    coatsAnArm,
    kmACoat,
    weeks,
    rides: Math.ceil((coats * kmACoat) / typical.rideKm),
    minutes,
    cost,
    saves,
    worth: weeks > LONGEST_WEEKS ? 'too long' : cost > saves ? 'costs more' : 'worth it',
  };
}

const WAYS: readonly Way[] = [
  { measure: 'squeak', photo: false, again: false },
  { measure: 'rag', photo: false, again: false },
  { measure: 'rag', photo: true, again: false },
  { measure: 'rag', photo: false, again: true },
  { measure: 'rag', photo: true, again: true },
];

/** The ways to run a trial, the one to take first: worth it before not, then the soonest. */
export const designsOf = (planned: Planned): Design[] =>
  WAYS.map((way) => designOf(planned, way)).sort(
    (x, y) => Number(x.worth !== 'worth it') - Number(y.worth !== 'worth it') || x.weeks - y.weeks,
  );
