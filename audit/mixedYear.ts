import {
  exposureOf,
  HANDBOOK,
  NEW_CHAIN,
  ride,
  rodeOn,
  skyOf,
  startState,
  work,
  type ChainState,
  type WorkSpec,
} from '@/core/care';
import { Chance } from '@/core/chance';
import { NOT_RECORDED, type CleanMethod, type WeatherWord } from '@/core/logbook';
import type { LubeClass } from '@/core/lube';
import { STORAGE_AIR, WeatherRecord } from '@/core/weather';

/** Shares of a mixed year's rides by weather: common sense of a temperate climate. */
const MIXED_YEAR = [
  ['dry', 0.7],
  ['damp', 0.15],
  ['wet', 0.12],
  ['downpour', 0.03],
] as const;

/** A ride in the rain on most days, on treated roads: a commuter's winter. */
const SALTED_RAIN = [
  ['dry', 0.2],
  ['damp', 0.2],
  ['wet', 0.5],
  ['downpour', 0.1],
] as const;

const YEARS = { mixed: MIXED_YEAR, 'salted rain': SALTED_RAIN, dry: [['dry', 1]] } as const;

/** Returns the weather of a ride in a year of such a kind. */
function wordOfYear(year: keyof typeof YEARS, chance: Chance): WeatherWord {
  let left = chance.uniform();
  return YEARS[year].find(([, share]) => (left -= share) < 0)?.[0] ?? 'dry';
}

const NO_RECORD = new WeatherRecord();
const KM_PER_H = 24;
/** What a rider who starts with a new chain has on the cogs. */
const NEW_COGS = 0.03;

/** A chain ridden and worked on by a fixed routine in one kind of weather, by the handbook's factors. */
export class YearChain {
  state: ChainState = startState({ ...NEW_CHAIN, wearPercent: 0 }, 0);
  private cogs = NEW_COGS;
  private readonly chance: Chance;

  constructor(
    private readonly lube: LubeClass,
    private readonly weather: keyof typeof YEARS,
    seed: number,
  ) {
    this.chance = new Chance(seed, 402);
  }

  /** Strips the chain as it came and puts the first coat on. */
  coated(): this {
    return this.work(this.lube === 'hot wax' ? 'wax reset' : 'strip');
  }

  ride(distanceKm: number): this {
    const weather = wordOfYear(this.weather, this.chance);
    const salted = this.weather === 'salted rain';
    const hours = distanceKm / KM_PER_H;
    const body = { ...RIDE, distanceKm, weather, salted };
    const exposure = exposureOf(body, hours, skyOf(body, hours, NO_RECORD, undefined), {});
    const ridden = ride(this.state, this.cogs, exposure, HANDBOOK);
    this.state = ridden.state;
    this.cogs = ridden.cogs;
    rodeOn(this.state, exposure, STORAGE_AIR.indoors);
    return this;
  }

  /** Does a piece of work and waits until it has set. */
  work(method: CleanMethod, cogsCleaned = false): this {
    const spec: WorkSpec = {
      method,
      cogsCleaned,
      baths: { count: 3, ml: 150 },
      drying: 'towel and air',
      lube: { lubeClass: this.lube, coat: 1, wiped: true },
    };
    const done = work(this.state, this.cogs, spec, { air: STORAGE_AIR.indoors });
    this.state = { ...done.state, at: done.state.setAt };
    this.cogs = done.cogs;
    return this;
  }
}

const RIDE = {
  type: 'rideLogged',
  id: 'r',
  at: '2026-01-01T08:00:00.000Z',
  zone: 'UTC',
  recordedAt: '2026-01-01T08:00:00.000Z',
  bikeId: 'b',
  surface: 'paved',
  mud: false,
  salted: false,
  note: '',
  durationH: null,
  ...NOT_RECORDED,
} as const;
