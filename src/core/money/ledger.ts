import type { ReplayStep } from '../care';
import { wearLimitPercent } from '../chain';
import type { Bike, Garage, PartKind } from '../garage';
import type { PlanSettings } from '../records/plan';
import { unitPrice } from '../shelf';
import { CHAINS_A_LIFE, chainsTaken } from '../wear';
import type { MONEY_ITEMS } from '../years';

export type MoneyItem = (typeof MONEY_ITEMS)[number];

/** A cost of one event, in the smallest unit of the rider's money, so that sums are exact. */
export interface Entry {
  at: number;
  bikeId: string;
  eventId: string;
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

/** The books of a log in the making. */
class Books {
  readonly entries: Entry[] = [];
  readonly unpriced = new Map<string, Unpriced>();
  private readonly accounts = new Map<string, Account>();
  private readonly fitted = new Map<string, string>();

  constructor(private readonly k: Keeping) {}

  private book(step: ReplayStep, item: MoneyItem, account: string, amount: number): void {
    const { event, bikeId } = step;
    if (bikeId === null) return;
    const key = `${bikeId} ${account}`;
    const of = this.accounts.get(key) ?? new Account();
    this.accounts.set(key, of);
    const minor = of.add(amount, this.k.perUnit);
    if (minor !== 0)
      this.entries.push({ at: Date.parse(event.at), bikeId, eventId: event.id, item, minor });
  }

  private lacks(what: Unpriced['what'], id: string, name: string, as: Unpriced['as']): void {
    this.unpriced.set(`${what} ${id}`, { what, name, as });
  }

  work(step: ReplayStep): void {
    const { event } = step;
    if (event.type !== 'workDone') return;
    for (const { productId, amount } of event.used) {
      const product = this.k.garage.products[productId];
      if (!product) continue;
      const each = unitPrice(product);
      if (each === null) this.lacks('product', productId, product.name, 'missing');
      else {
        const item = product.kind === 'lube' ? 'lube' : 'cleaning';
        this.book(step, item, `product ${productId}`, each * amount);
      }
    }
    this.book(step, 'time', 'time', ((event.minutes ?? 0) / 60) * this.k.prices.hourPrice);
  }

  part(step: ReplayStep): void {
    const { event } = step;
    if (event.type === 'partRemoved') this.fitted.delete(event.partId);
    if (event.type !== 'partFitted') return;
    const { parts } = this.k.garage;
    const kind = parts[event.partId]?.kind;
    // Of a bike's rings there may be several; a new cassette takes the old one's place.
    for (const [id, on] of this.fitted)
      if (on === event.bikeId && kind !== 'ring' && parts[id]?.kind === kind)
        this.fitted.delete(id);
    this.fitted.set(event.partId, event.bikeId);
  }

  ride(step: ReplayStep): void {
    const { event, chainId, from, after, bike } = step;
    if (event.type !== 'rideLogged' || !chainId || !from || !after) return;
    const by = after.wear - from.wear;
    const limit = limitOn(bike);
    this.chain(step, chainId, by / limit);
    const taken = chainsTaken(from.wear, by, limit);
    let hasCassette = false;
    for (const [id, on] of this.fitted) {
      const part = this.k.garage.parts[id];
      if (on !== event.bikeId || !part) continue;
      hasCassette ||= part.kind === 'cassette';
      const { chains } = CHAINS_A_LIFE[part.kind];
      if (part.price !== null)
        this.book(step, ITEM_OF[part.kind], `part ${id}`, (part.price * taken) / chains);
      else if (part.kind === 'cassette') this.usualCassette(step, id, part.name, taken);
      else this.lacks(part.kind, id, part.name, 'missing');
    }
    if (!hasCassette && bike) this.usualCassette(step, bike.id, `${bike.name}’s cassette`, taken);
  }

  private chain(step: ReplayStep, chainId: string, used: number): void {
    const chain = this.k.garage.chains[chainId];
    if (!chain) return;
    if (chain.price === null) this.lacks('chain', chainId, chain.name, 'usual');
    const price = chain.price ?? this.k.prices.chainPrice;
    this.book(step, 'chain', `chain ${chainId}`, price * used);
  }

  /** The plan's settings say what of a cassette a chain takes. */
  private usualCassette(step: ReplayStep, id: string, name: string, taken: number): void {
    this.lacks('cassette', id, name, 'usual');
    this.book(step, 'cassette', `part ${id}`, this.k.prices.cassettePrice * taken);
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
  return { entries: books.entries, unpriced: [...books.unpriced.values()] };
}
