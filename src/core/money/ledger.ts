import { depthOf, meanMinutes } from '../care/verdict/proposal';
import type { ReplayStep } from '../care/replay/step';
import { wearLimitPercent } from '../chain/geometry';
import type { Bike, Garage, Part } from '../records/garage';
import type { PartKind } from '../records/kinds';
import type { PlanSettings } from '../records/plan';
import { unitPrice } from '../shelf/stock';
import { CHAINS_A_LIFE, chainsTaken } from '../wear/parts';
import type { MONEY_ITEMS } from '../years/outcome';

export type MoneyItem = (typeof MONEY_ITEMS)[number];

/** A cost of one event, in the smallest unit of the rider's money, so that sums are exact. */
export interface Entry {
  /** As its event has it: UTC text, whose order is that of time. */
  at: string;
  bikeId: string;
  item: MoneyItem;
  minor: number;
}

/** What has no price of its own: left out (`missing`), or counted as the plan's settings say (`usual`). */
export interface Unpriced {
  what: 'product' | 'chain' | 'cassette' | 'ring' | 'jockey wheels';
  name: string;
  as: 'missing' | 'usual';
}

export interface Ledger {
  entries: Entry[];
  unpriced: Unpriced[];
  /** Jobs whose minutes nobody wrote down: the usual ones are counted. */
  untimed: number;
}

/** What the ledger is kept with. */
export interface Keeping {
  garage: Garage;
  prices: Pick<PlanSettings, 'hourPrice' | 'chainPrice' | 'cassettePrice'>;
  /** Smallest units in one of the currency: 100 where it has cents. */
  perUnit: number;
}

/** Money that goes on one thing bit by bit: each bit is rounded so that the bits add up to the rounded whole. */
class Account {
  private exact = 0;
  private booked = 0;

  /** The smallest units that this amount adds. */
  add(amount: number, perUnit: number): number {
    this.exact += amount;
    const minor = Math.round(this.exact * perUnit) - this.booked;
    this.booked += minor;
    return minor;
  }
}

const ITEM_OF: Record<PartKind, MoneyItem> = {
  cassette: 'cassette',
  ring: 'rings',
  'jockey wheels': 'rings',
};

/** What money goes on: an item, and the thing's id. */
type On = readonly [MoneyItem, string];

/** The books of one bike: what goes on each thing, by the thing's id, and the parts that are on it. */
class BikeBooks {
  private readonly accounts = new Map<string, Account>();
  parts: readonly Part[] = [];

  constructor(readonly bikeId: string) {}

  account(thing: string): Account {
    let account = this.accounts.get(thing);
    if (!account) this.accounts.set(thing, (account = new Account()));
    return account;
  }
}

/** The books of a log in the making. */
class Books {
  readonly entries: Entry[] = [];
  /** By the thing's id; ids are unique in a garage. */
  readonly unpriced = new Map<string, Unpriced>();
  untimed = 0;
  private readonly bikes = new Map<string, BikeBooks>();

  constructor(private readonly k: Keeping) {}

  private of(bikeId: string): BikeBooks {
    let own = this.bikes.get(bikeId);
    if (!own) this.bikes.set(bikeId, (own = new BikeBooks(bikeId)));
    return own;
  }

  private book(own: BikeBooks, at: string, [item, thing]: On, amount: number): void {
    const minor = own.account(thing).add(amount, this.k.perUnit);
    if (minor !== 0) this.entries.push({ at, bikeId: own.bikeId, item, minor });
  }

  private lacks(id: string, thing: Unpriced): void {
    if (!this.unpriced.has(id)) this.unpriced.set(id, thing);
  }

  work({ event, bikeId }: ReplayStep): void {
    if (event.type !== 'workDone') return;
    if (event.minutes === null) this.untimed += 1;
    if (bikeId === null) return;
    const own = this.of(bikeId);
    for (const { productId, amount } of event.used) {
      const product = this.k.garage.products[productId];
      if (!product) continue;
      const { name, kind } = product;
      const each = unitPrice(product);
      if (each === null) this.lacks(productId, { what: 'product', name, as: 'missing' });
      else
        this.book(own, event.at, [kind === 'lube' ? 'lube' : 'cleaning', productId], each * amount);
    }
    const minutes = event.minutes ?? meanMinutes(depthOf(event.method, event.lube !== null));
    this.book(own, event.at, ['time', 'time'], (minutes / 60) * this.k.prices.hourPrice);
  }

  part({ event }: ReplayStep): void {
    if (event.type !== 'partFitted' && event.type !== 'partRemoved') return;
    const part = this.k.garage.parts[event.partId];
    for (const own of this.bikes.values())
      own.parts = own.parts.filter((p) => p.id !== event.partId);
    if (event.type === 'partRemoved' || !part) return;
    // Of a bike's rings there may be several; a new cassette takes the old one's place.
    const own = this.of(event.bikeId);
    own.parts = [...own.parts.filter((p) => p.kind === 'ring' || p.kind !== part.kind), part];
  }

  ride({ event, chainId, from, after, bike }: ReplayStep): void {
    if (event.type !== 'rideLogged' || !chainId || !from || !after) return;
    const own = this.of(event.bikeId);
    const by = after.wear - from.wear;
    const limit = limitOn(bike);
    this.chain(own, event.at, chainId, by / limit);
    const taken = chainsTaken(from.wear, by, limit);
    let hasCassette = false;
    for (const { id, kind, name, price } of own.parts) {
      hasCassette ||= kind === 'cassette';
      if (price !== null) {
        const { chains } = CHAINS_A_LIFE[kind];
        this.book(own, event.at, [ITEM_OF[kind], id], (price * taken) / chains);
      } else if (kind === 'cassette') this.usualCassette(own, event.at, { id, name }, taken);
      else this.lacks(id, { what: kind, name, as: 'missing' });
    }
    if (!hasCassette && bike) {
      const name = `${bike.name}’s cassette`;
      this.usualCassette(own, event.at, { id: bike.id, name }, taken);
    }
  }

  private chain(own: BikeBooks, at: string, chainId: string, used: number): void {
    const chain = this.k.garage.chains[chainId];
    if (!chain) return;
    if (chain.price === null) this.lacks(chainId, { what: 'chain', name: chain.name, as: 'usual' });
    const price = chain.price ?? this.k.prices.chainPrice;
    this.book(own, at, ['chain', chainId], price * used);
  }

  /** The plan's settings say what of a cassette a chain takes. */
  private usualCassette(
    own: BikeBooks,
    at: string,
    { id, name }: Pick<Part, 'id' | 'name'>,
    taken: number,
  ): void {
    this.lacks(id, { what: 'cassette', name, as: 'usual' });
    this.book(own, at, ['cassette', id], this.k.prices.cassettePrice * taken);
  }
}

const limitOn = (bike: Bike | undefined): number =>
  bike ? wearLimitPercent(bike.speeds, bike.gear) : wearLimitPercent(11, 'derailleur');

/**
 * What care and wear came to, event by event: what jobs took off the shelf, the rider's minutes, and of chain and parts
 * the share each ride wore off. Sums of entries are exact, and those of one thing are its rounded whole.
 */
export function keepLedger(steps: readonly ReplayStep[], keeping: Keeping): Ledger {
  const books = new Books(keeping);
  for (const step of steps) {
    const { type } = step.event;
    if (type === 'rideLogged') books.ride(step);
    else if (type === 'workDone') books.work(step);
    else if (type === 'partFitted' || type === 'partRemoved') books.part(step);
  }
  const { entries, unpriced, untimed } = books;
  return { entries, unpriced: [...unpriced.values()], untimed };
}
