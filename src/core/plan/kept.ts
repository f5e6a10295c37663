import type { WeatherToCome } from './agenda/benches';
import type { BikePlan } from './simulate/planBike';
import type { BikeProblem, Work } from './solver/problem';

/** What was worked out last, by all that it was worked out from. */
export class Kept<T> {
  private readonly known = new Map<string, T>();

  /** `most`: so many are kept, those asked for last. */
  constructor(private readonly most: number) {}

  /** Returns what is kept under a key that tells all it rests on; where there is none, it is made. */
  of(key: string, make: () => T): T {
    const found = this.known.get(key) ?? make();
    this.known.delete(key);
    this.known.set(key, found);
    for (const oldest of this.known.keys()) {
      if (this.known.size <= this.most) break;
      this.known.delete(oldest);
    }
    return found;
  }
}

/** With nine lubes the values of a plan are 3 MB. */
const MOST = 20;

/** What one plan leaves to the next: another one is mostly asked for because of one bike, or a weather looked at before. */
export class KeptForPlans {
  /** The weathers of some places, as they are supposed. */
  readonly weathers = new Kept<WeatherToCome[]>(6);
  /** What may be done to a bike, each work with the bench's minutes. */
  readonly works = new Kept<Work[]>(MOST);
  /** Plans of bikes, of which ten are planned 19 times in a request, and what they were made for. */
  readonly problems = new Kept<BikeProblem>(MOST);
  readonly bikes = new Kept<BikePlan>(MOST);
}
