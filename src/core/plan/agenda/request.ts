import type { ChainState } from '../../care/model/state';
import type { Factors } from '../../care/model/personal';
import type { ForecastHours } from '../../climate/futures';
import type { Bike, Chain } from '../../records/garage';
import type { LubeClass } from '../../lube/classes';
import type { Settings } from '../../records/settings';
import type { Product } from '../../records/product';
import type { Road } from '../../weather/road';
import type { RideAhead } from '../rides/occurrences';
import type { PlanMark } from '../../records/plan';

/** How far a chain goes by the verdict, for the plan to say where it goes past that. */
export interface DueKm {
  /** Km until the lube is used up and until it wants wiping or cleaning; 0: now; null: not within sight. */
  lube: number | null;
  dirt: number | null;
  /** It is grit inside that comes first, which a wipe does not reach. */
  inside: boolean;
  /** Nothing calls for work now. */
  quiet: boolean;
  /** It is wet and will rust, or has rusted. */
  rusts: boolean;
}

/** A bike as the planner meets it now. */
export interface BikeNow {
  bike: Bike;
  chain: Chain;
  state: ChainState;
  cogs: number;
  due: DueKm;
  /** What was learnt of the lube on it, and how far the next coat may lie off (log-normal sigmas). */
  factors: Factors;
  /** Life factors learnt of each lube on this bike, by bottle or class; not there: the handbook's. */
  own: Record<string, Pick<Factors, 'life' | 'grit'>>;
  lifeSigma: number;
  gritSigma: number;
  /** Log-normal sigma of how fast the chain wears. */
  wearSigma: number;
  openings: number;
  /** The lube put on last; null: none in the log. */
  lastLube: LubeClass | null;
  /** Bottles or classes that a trial on it keeps to; not there: none runs. */
  keepsTo?: readonly string[];
  wearLimit: number;
  /** When it was last cleaned inside, ms; null: never in the log. */
  cleanedAt: number | null;
  /** Jobs done on the chain so far: names the next ones, see `agenda`. */
  jobsDone: number;
  forecast: ForecastHours | null;
  /** Middle of the square it stands in, degrees; null: nowhere known. */
  place: { lat: number; lon: number } | null;
  /** The road as it is now, where the weather is known. */
  road: Road | null;
}

/** The weather to plan for: the forecast, or a supposed one. */
export const WHAT_IFS = ['forecast', 'dry', 'storm'] as const;
export type WhatIf = (typeof WHAT_IFS)[number];

/** All the planner is asked: plain data, so that it can go to a worker. */
export interface PlanRequest {
  now: number;
  zone: string;
  bikes: BikeNow[];
  products: Record<string, Product>;
  /** What is left of each product, in its unit. */
  left: Record<string, number>;
  settings: Settings;
  rides: RideAhead[];
  marks: PlanMark[];
  whatIf: WhatIf;
  futures: number;
  seed: number;
}
