import { exposureOf } from '@/core/care/model/exposure';
import { skyOf } from '@/core/care/model/sky';
import { Chance } from '@/core/chance/chance';
import type { RideLogged } from '@/core/records/event';
import type { LubeClass } from '@/core/lube/classes';
import { WeatherRecord } from '@/core/weather/record';
import { TestChain } from '@/test/chains';
import { rideBody, stamped } from '@/test/events';
import { wordOfYear, type YEARS } from '@/test/mixedYear';

const NO_RECORD = new WeatherRecord();
const KM_PER_H = 24;
const AT = '2026-01-01T08:00:00.000Z';

/** A chain ridden and worked on by a fixed routine in one kind of year, by the handbook's factors. */
export class YearChain {
  private readonly chain = new TestChain('wet').grit(0.03, 0.02, 0.03);
  private readonly chance: Chance;

  constructor(
    private readonly lube: LubeClass,
    private readonly year: keyof typeof YEARS,
    seed: number,
  ) {
    this.chance = new Chance(seed, 402);
  }

  get state() {
    return this.chain.state;
  }

  /** Strips the chain as it came and puts the first coat on. */
  coated(): this {
    return this.work(this.lube === 'hot wax' ? 'wax reset' : 'strip');
  }

  ride(km: number): this {
    const weather = wordOfYear(this.year, this.chance);
    const [ride] = stamped([
      rideBody(AT, 'b', km, { weather, salted: this.year === 'salted rain' }),
    ]);
    const hours = km / KM_PER_H;
    const sky = skyOf(ride as RideLogged, hours, NO_RECORD, undefined);
    this.chain.ride(km, exposureOf(ride as RideLogged, hours, sky, {}));
    return this;
  }

  /** Does a piece of work with a new coat and waits until it has set. */
  work(method: Parameters<TestChain['work']>[0], cogsCleaned = false): this {
    this.chain.work(method, this.lube, { cogsCleaned });
    return this;
  }
}
