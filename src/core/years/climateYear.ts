import { generateDays } from '../climate/generator';
import type { Region } from '../climate/climates';
import type { Place } from '../track/distance';
import { MS_PER_DAY, MS_PER_HOUR } from '../units/convert';
import { dustOf, isSalted, roadAfter, ROAD_UNKNOWN, wetShareOf } from '../weather/road';
import { storedAir, type Air } from '../weather/drying';
import type { StoragePlace } from '../records/kinds';
import { dayNumber } from '../time/dates';

/** Hours of the longest year. */
const HOURS = 366 * 24;
/** The first year of the generator's calendar. */
const FIRST_YEAR = 1971;

/** A year of weather that a climate may bring, hour by hour, with the road it leaves. */
export class ClimateYear {
  private readonly rain = new Float32Array(HOURS);
  private readonly wet = new Float32Array(HOURS);
  private readonly dust = new Float32Array(HOURS);
  private readonly salt = new Uint8Array(HOURS);
  /** Sums from the year's start, so that a mean over hours costs two look-ups. */
  private readonly sums = {
    rain: new Float64Array(HOURS + 1),
    temperature: new Float64Array(HOURS + 1),
    humidity: new Float64Array(HOURS + 1),
  };

  /** Year number `n` of a seed; the same number is the same weather. */
  constructor(seed: number, n: number, region: Region, place: Place) {
    const from = dayNumber(`${FIRST_YEAR + n}-01-01`);
    const days = generateDays(seed + n, region, from, from + HOURS / 24 - 1);
    const { rain, wet, dust, salt, sums } = this;
    let road = ROAD_UNKNOWN;
    let h = 0;
    const start = from * MS_PER_DAY;
    for (const { hours } of days)
      for (const hour of hours) {
        road = roadAfter(road, hour, place, start + h * MS_PER_HOUR);
        rain[h] = hour.rainMm;
        wet[h] = wetShareOf(road);
        dust[h] = dustOf(road);
        salt[h] = isSalted(road) ? 1 : 0;
        sums.rain[h + 1] = sums.rain[h]! + hour.rainMm;
        sums.temperature[h + 1] = sums.temperature[h]! + hour.temperatureC;
        sums.humidity[h + 1] = sums.humidity[h]! + hour.humidity;
        h += 1;
      }
  }

  /** The sky of a ride that begins so many hours into the year and takes `hours`. */
  skyOf(start: number, hours: number) {
    const first = Math.min(HOURS - 1, Math.max(0, Math.floor(start)));
    const last = Math.min(HOURS - 1, Math.max(first, Math.ceil(start + hours) - 1));
    const count = last - first + 1;
    let wetShare = 0;
    let rainMmPerH = 0;
    let dust = 0;
    let salted = false;
    for (let h = first; h <= last; h++) {
      wetShare += this.wet[h]! / count;
      rainMmPerH += this.rain[h]! / count;
      dust += this.dust[h]! / count;
      salted ||= this.salt[h] === 1 && this.wet[h]! > 0;
    }
    const late = { wetShare: this.wet[last]!, rainMmPerH: this.rain[last]! };
    return { wetShare, rainMmPerH, late, dust, dustEverywhere: false, salted };
  }

  /** Rain between two hours of the year, mm. */
  rainBetween(from: number, to: number): number {
    return Math.max(0, this.sums.rain[at(to)]! - this.sums.rain[at(from)]!);
  }

  /** The mean air where a bike is kept, between two hours of the year. */
  airBetween(from: number, to: number, storage: StoragePlace): Air {
    const [a, b] = [at(from), at(to)];
    const [first, last] = b > a ? [a, b] : [Math.max(0, a - 1), Math.max(1, a)];
    const mean = (sums: Float64Array) => (sums[last]! - sums[first]!) / (last - first);
    return storedAir(storage, {
      temperatureC: mean(this.sums.temperature),
      humidity: mean(this.sums.humidity),
    });
  }
}

const at = (hour: number): number => Math.min(HOURS, Math.max(0, Math.round(hour)));
