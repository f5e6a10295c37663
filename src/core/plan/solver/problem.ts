import type { ChainState } from '../../care/model/state';
import type { Coat, WorkSpec } from '../../care/model/work';
import type { Exposure } from '../../care/model/exposure';
import type { Factors } from '../../care/model/personal';
import type { Depth, Weight } from '../../records/kinds';
import type { LubeClass } from '../../lube/classes';
import type { Air } from '../../weather/drying';
import type { DateText } from '../../time/dates';

/** Which works bear on one another: wax holds on wax, oil goes over oil. */
export type Family = 'oil' | 'wax' | 'bare';

/** A coat a chain may carry during the plan. */
export interface CoatKind {
  /** Bottle, or class where no bottle is known. */
  id: string;
  /** Null: bare steel. */
  lubeClass: LubeClass | null;
  family: Family;
  /** Life of a coat on a clean chain, km. */
  lifeKm: number;
  /** How fast grit comes to it, times what the plan reckons with for the coat that is on. */
  grit?: number;
  /** It may be put on again: it stands on the shelf, or nothing does and it is to be bought. */
  atHand: boolean;
}

/** A piece of work the planner may choose. Minutes are the bench's own. */
export interface Work {
  depth: Depth;
  /** Index of the coat it leaves in `BikeProblem.coats`; null: the coat stays. */
  coat: number | null;
  /** What it may be done over. */
  over: readonly Family[];
  spec: WorkSpec;
  from: Coat;
  /** Whether it counts as a clean for the calendar's cap. */
  deep: boolean;
  handsOn: number;
  /** From starting to the last touch, minutes, and then so many hours to set in workshop air. */
  elapsed: number;
  setHours: number;
  carrier: 'none' | 'solvent' | 'water';
  /** Consumables; what has no price counts as nothing and is said. */
  money: number;
  /** Coats left of its bottle; null: not counted, none is on the shelf. */
  coatsLeft: number | null;
  /** What a coat of a bottle that runs out is worth beyond its price: weighed, not paid. See `scarcity.ts`. */
  scarce?: number;
  /** The least °C its label allows. */
  leastC: number | null;
  bottleId: string | null;
  /** The lube by name; null where it puts none on. */
  lubeName: string | null;
}

/** A ride to come as this bike will meet it: its exposure in each future. */
export interface RideExposed {
  date: DateText;
  at: number;
  hours: number;
  weight: Weight;
  exposure: readonly Exposure[];
}

/** Rain on a bike that stands outdoors, in each future, as if it had all fallen at one moment (ms); mm on its chain. */
export interface RainOnIt {
  at: number;
  mm: readonly number[];
}

/** A day's chance to work on a bike. */
export interface BenchSlot {
  date: DateText;
  /** When work can begin, ms: the rider's hour, or the end of the ride before it. */
  from: number;
  /** Minutes free that day, for all bikes. */
  minutes: number;
  /** The air the chain dries and sets in. */
  air: Air;
  /** The next ride of the bike after `from`, ms; null: none in the plan. */
  nextRideAt: number | null;
  /** Rides until the next bench. */
  rides: readonly RideExposed[];
  /** Rain on it between the last of them and the next bench; null: it stands under a roof. */
  parked: RainOnIt | null;
  /** The eve of a race, or its day: nothing new any more. */
  raceEve: boolean;
  /** A race within a week: no other lube than the one on. */
  sameLube: boolean;
  /** A clean is due by this day (since 1970) and no earlier than a few days before it, for a race; null: no race near. */
  raceBy: number | null;
  /** The rider's word: no work, or this depth. */
  mark: 'leave' | Depth | null;
  /** Days since 1970: the calendar's cap counts them. */
  day: number;
}

/** What everything costs, in the rider's money. */
export interface Prices {
  hour: number;
  /** Of a % of elongation: chain and the share of the cassette, over the wear limit. */
  wearPercent: number;
  /** Of rust from none to plainly seen. */
  rust: number;
  wattHour: number;
  dryKm: number;
  /** Of a km ridden dirtier than the rider's standard. */
  grubbyKm: number;
}

export interface BikeProblem {
  bikeId: string;
  chainId: string;
  bikeName: string;
  now: number;
  state: ChainState;
  cogs: number;
  /** What the rider's coats are reckoned with, and each future's own life and grit beside it. */
  factors: Factors;
  natures: readonly Factors[];
  coats: readonly CoatKind[];
  /** Index of the coat that is on. */
  coatNow: number;
  works: readonly Work[];
  limits: { outside: number; inside: number };
  /** Rides between now and the first bench. */
  before: readonly RideExposed[];
  benches: readonly BenchSlot[];
  prices: Prices;
  /** Days between two cleans at most; null: as due. And when the last was, days since 1970. */
  capDays: number | null;
  lastCleanDay: number;
}

/** Days before a race from which a clean counts as made for it. Own choice. */
export const RACE_CLEAN_DAYS = 3;

/** Minutes saved on the second bike of an evening: gloves, stand and rags are out already. Own estimate. */
export const SHARED_MINUTES = 3;

/** Own estimates of what hurts, where no shop prints a price; the rider sets the others. */
export const PENALTY = {
  /** Money a km on a squeaking chain. */
  dryKm: 0.1,
  /** Money a km beyond the rider's standard: a wipe-down pays from some 30 km on. */
  grubbyKm: 0.04,
  /** Grit beyond the standard at which it counts in full. */
  grubbyFull: 0.2,
  /** Watts lost in a race, and a dry chain on a long day or race, count so many times more. */
  raceWatts: 20,
  dryWhenItMatters: 5,
  /** Share of a chain's price that plainly seen rust takes from it. */
  rustShare: 0.25,
} as const;
