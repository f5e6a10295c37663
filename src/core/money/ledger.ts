import { depthOf, meanMinutes, type ReplayStep } from '../care';
import { wearLimitPercent } from '../chain';
import type { Bike, Garage, Part, PartKind } from '../garage';
import type { PlanSettings } from '../records/plan';
import { unitPrice } from '../shelf';
import { CHAINS_A_LIFE, chainsTaken } from '../wear';
import type { MONEY_ITEMS } from '../years';

export type MoneyItem = (typeof MONEY_ITEMS)[number];

/** A cost of one event, in the smallest unit of the rider's money, so that sums are exact. */
export interface Entry {
  /** As its event has it: UTC text, whose order is that of time. */
  at: string;
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

const NO_PARTS: readonly Part[] = [];

/** The books of a log in the making. */
class Books {
  readonly entries: Entry[] = [];
  /** By the thing's id; ids are unique in a garage. */
  readonly unpriced = new Map<string, Unpriced>();
  untimed = 0;
  /** By bike, and then by what the money goes on. */
  private readonly accounts = new Map<string, Map<string, Account>>();
  /** The parts on each bike. */
  private readonly fitted = new Map<string, readonly Part[]>();

  constructor(private readonly k: Keeping) {}

  private book(step: ReplayStep, item: MoneyItem, thing: string, amount: number): void {
    const { event, bikeId } = step;
    if (bikeId === null) return;
    let own = this.accounts.get(bikeId);
    if (!own) this.accounts.set(bikeId, (own = new Map<string, Account>()));
    let account = own.get(thing);
    if (!account) own.set(thing, (account = new Account()));
    const minor = account.add(amount, this.k.perUnit);
    if (minor !== 0) this.entries.push({ at: event.at, bikeId, eventId: event.id, item, minor });
  }

  private lacks(id: string, thing: () => Unpriced): void {
    if (!this.unpriced.has(id)) this.unpriced.set(id, thing());
  }

  work(step: ReplayStep): void {
    const { event } = step;
    if (event.type !== 'workDone') return;
    for (const { productId, amount } of event.used) {
      const product = this.k.garage.products[productId];
      if (!product) continue;
      const each = unitPrice(product);
      if (each === null)
        this.lacks(productId, () => ({ what: 'product', name: product.name, as: 'missing' }));
      else {
        const item = product.kind === 'lube' ? 'lube' : 'cleaning';
        this.book(step, item, productId, each * amount);
      }
    }
    if (event.minutes === null) this.untimed += 1;
    const minutes = event.minutes ?? meanMinutes(depthOf(event.method, event.lube !== null));
    this.book(step, 'time', 'time', (minutes / 60) * this.k.prices.hourPrice);
  }

  part({ event }: ReplayStep): void {
    if (event.type !== 'partFitted' && event.type !== 'partRemoved') return;
    const part = this.k.garage.parts[event.partId];
    for (const [bikeId, parts] of this.fitted)
      this.fitted.set(
        bikeId,
        parts.filter((p) => p.id !== event.partId),
      );
    if (event.type === 'partRemoved' || !part) return;
    // Of a bike's rings there may be several; a new cassette takes the old one's place.
    const others = (this.fitted.get(event.bikeId) ?? []).filter(
      (p) => p.kind === 'ring' || p.kind !== part.kind,
    );
    this.fitted.set(event.bikeId, [...others, part]);
  }

  ride(step: ReplayStep): void {
    const { event, chainId, from, after, bike } = step;
    if (event.type !== 'rideLogged' || !chainId || !from || !after) return;
    const by = after.wear - from.wear;
    const limit = limitOn(bike);
    this.chain(step, chainId, by / limit);
    const taken = chainsTaken(from.wear, by, limit);
    let hasCassette = false;
    for (const part of this.fitted.get(event.bikeId) ?? NO_PARTS) {
      const { id } = part;
      hasCassette ||= part.kind === 'cassette';
      const { chains } = CHAINS_A_LIFE[part.kind];
      if (part.price !== null)
        this.book(step, ITEM_OF[part.kind], id, (part.price * taken) / chains);
      else if (part.kind === 'cassette') this.usualCassette(step, id, () => part.name, taken);
      else this.lacks(id, () => ({ what: part.kind, name: part.name, as: 'missing' }));
    }
    if (!hasCassette && bike)
      this.usualCassette(step, bike.id, () => `${bike.name}’s cassette`, taken);
  }

  private chain(step: ReplayStep, chainId: string, used: number): void {
    const chain = this.k.garage.chains[chainId];
    if (!chain) return;
    if (chain.price === null)
      this.lacks(chainId, () => ({ what: 'chain', name: chain.name, as: 'usual' }));
    const price = chain.price ?? this.k.prices.chainPrice;
    this.book(step, 'chain', chainId, price * used);
  }

  /** The plan's settings say what of a cassette a chain takes. */
  private usualCassette(step: ReplayStep, id: string, name: () => string, taken: number): void {
    this.lacks(id, () => ({ what: 'cassette', name: name(), as: 'usual' }));
    this.book(step, 'cassette', id, this.k.prices.cassettePrice * taken);
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
