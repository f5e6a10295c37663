import { dryRoad } from './dryRoad';
import { HANDBOOK } from '@/core/care/model/personal';
import { ride } from '@/core/care/model/ride';
import { rodeOn } from '@/core/care/model/stand';
import { startState, type ChainState } from '@/core/care/model/state';
import { work, type WorkSpec } from '@/core/care/model/work';
import { exposureOf, ridingHours, type Exposure } from '@/core/care/model/exposure';
import { skyOf } from '@/core/care/model/sky';
import type { Bike } from '@/core/records/garage';
import type { ChainStart, RideLogged } from '@/core/records/event';
import type { CleanMethod } from '@/core/records/kinds';
import type { LubeClass } from '@/core/lube/classes';
import { STORAGE_AIR } from '@/core/weather/drying';
import { WeatherRecord } from '@/core/weather/record';

/** A chain that comes into the logbook some way into its life. */
export const USED_CHAIN = {
  lube: 'wet',
  kmSinceLube: 50,
  look: 'used',
  kmBefore: 900,
  wearPercent: null,
} as const satisfies ChainStart;

/** A chain without a grain of grit, in a full coat of wet lube that lasts 400 km, changed where a test needs it. */
export const spotlessChain = (more: Partial<ChainState> = {}): ChainState => ({
  ...startState({ lube: 'wet', kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: 0 }, 0),
  lifeKm: 400,
  outside: 0,
  outsideFrom: 0,
  inside: 0,
  ...more,
});

/** The exposure of a ride where no hourly weather is known. */
export function exposedBy(ride: RideLogged, bike?: Bike): Exposure {
  const hours = ridingHours(ride);
  return exposureOf(ride, hours, skyOf(ride, hours, new WeatherRecord(), undefined), { bike });
}

/** A chain with its cogs, taken through rides and work by hand: for checks of the model itself. */
export class TestChain {
  state: ChainState;
  cogs: number;

  constructor(lube: LubeClass | null, look: ChainStart['look'] = 'clean') {
    this.state = startState({ lube, kmSinceLube: 0, look, kmBefore: 0, wearPercent: null }, 0);
    this.cogs = 0;
    if (look === 'clean') this.grit(0, 0, 0);
    if (lube) this.state.lifeKm = this.handbookLife(lube);
  }

  /** Puts grit where a check wants it. */
  grit(outside: number, inside: number, cogs: number): this {
    this.state = { ...this.state, outside, inside };
    this.cogs = cogs;
    return this;
  }

  ride(km: number, more: Partial<Exposure> = {}): this {
    const exposure = dryRoad(km, more);
    const ridden = ride(this.state, this.cogs, exposure, HANDBOOK);
    this.state = ridden.state;
    rodeOn(this.state, exposure, STORAGE_AIR.indoors);
    this.cogs = ridden.cogs;
    return this;
  }

  work(method: CleanMethod, lube: LubeClass | null, more: Partial<WorkSpec> = {}): this {
    const spec: WorkSpec = {
      method,
      cogsCleaned: false,
      baths: { count: 3, ml: 150 },
      drying: 'towel and air',
      lube: lube ? { lubeClass: lube, coat: 1, wiped: true } : null,
      ...more,
    };
    const done = work(this.state, this.cogs, spec, { air: STORAGE_AIR.indoors });
    // Checks of the trade wait until the coat has set.
    this.state = { ...done.state, at: done.state.setAt };
    this.cogs = done.cogs;
    return this;
  }

  private handbookLife(lube: LubeClass): number {
    return startState({ lube, kmSinceLube: 0, look: 'clean', kmBefore: 0, wearPercent: null }, 0)
      .lifeKm;
  }
}
