import isEqual from 'fast-deep-equal';
import type { WeatherToCome } from './agenda/weathers';
import type { BikePlan } from './simulate/planBike';
import type { BikeProblem, Work } from './solver/problem';

/** What was worked out last, each beside all that it was worked out from: plain data, which nobody changes. */
export class Kept<T> {
  /** Asked for last comes last. */
  private known: { from: unknown; made: T }[] = [];

  /** `most`: so many are kept, those asked for last. */
  constructor(private readonly most: number) {}

  /** Returns what is kept of the same `from`, all that it rests on; where there is none, it is made. */
  of(from: unknown, make: () => T): T {
    // Compared, not written out as a text to look up: of a bike that text is a third of a MB.
    const found = this.known.find((k) => isEqual(k.from, from)) ?? { from, made: make() };
    this.known = [...this.known.filter((k) => k !== found), found].slice(-this.most);
    return found.made;
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
