import type { Bike, Garage } from '../garage';
import type { PlainEvent } from '../logbook';
import { STORAGE_AIR, type Air } from '../weather';
import { CARE } from './constants';
import { exposureOf, type Exposure } from './exposure';
import { observe } from './observe';
import { HANDBOOK, ride, type RideEffect } from './ride';
import { rodeFor, stand, wetted } from './stand';
import { LOOKS, NEW_CHAIN, startState, type ChainState } from './state';
import { work } from './work';

/** The whole garage at one moment: each chain's state, and for each bike its chain and its cogs' grit. */
export interface BookState {
  chains: Map<string, ChainState>;
  /** Chain on each bike. */
  fitted: Map<string, string>;
  /** Grit on each bike's cassette, rings and jockey wheels: it stays when chains are swapped. */
  cogs: Map<string, number>;
}

export const emptyBook = (): BookState => ({
  chains: new Map(),
  fitted: new Map(),
  cogs: new Map(),
});

export const copyBook = (book: BookState): BookState => ({
  chains: new Map(book.chains),
  fitted: new Map(book.fitted),
  cogs: new Map(book.cogs),
});

/** One event as it was played: the chain it touched, before (after standing until then) and after. */
export interface Step {
  event: PlainEvent;
  bikeId: string | null;
  chainId: string | null;
  stoodFrom: ChainState | null;
  before: ChainState | null;
  after: ChainState | null;
  cogsAfter: number;
  exposure: Exposure | null;
  effect: RideEffect | null;
}

/** Water of an hour of steady rain on a parked bike, or of a wash, mm. Own estimate. */
const GOT_WET_MM = { 'stood in rain': 2, washed: 4 } as const;

/** The bike a chain is on, if any. */
export function bikeOf(book: BookState, chainId: string): string | null {
  for (const [bikeId, fittedId] of book.fitted) if (fittedId === chainId) return bikeId;
  return null;
}

/** The air a chain stands in: its bike's storage place, a drawer indoors when it is off the bike. */
export const airOf = (bike: Bike | undefined): Air => STORAGE_AIR[bike?.storage ?? 'indoors'];

/**
 * Plays one event into the book, changing `book`. A fitting takes any other chain off the bike and the
 * chain off any other bike: the later fact wins. A ride on a bike without a chain is on record and
 * touches no chain.
 */
export function play(book: BookState, garage: Garage, event: PlainEvent): Step {
  const at = Date.parse(event.at);
  const bikeId = 'bikeId' in event ? event.bikeId : bikeOf(book, event.chainId);
  const chainId = 'chainId' in event ? event.chainId : (book.fitted.get(event.bikeId) ?? null);
  const bike = bikeId === null ? undefined : garage.bikes[bikeId];
  const cogs = (bikeId === null ? undefined : book.cogs.get(bikeId)) ?? 0;
  if (event.type === 'chainFitted') return fit(book, event, at, garage);
  const step: Step = {
    event,
    bikeId,
    chainId,
    stoodFrom: null,
    before: null,
    after: null,
    cogsAfter: cogs,
    exposure: null,
    effect: null,
  };
  if (chainId === null) return step;

  const air = airOf(bike);
  const known = book.chains.get(chainId) ?? startState(NEW_CHAIN, at);
  const before = stand(known, at, air);
  step.stoodFrom = known;
  step.before = before;
  switch (event.type) {
    case 'rideLogged': {
      const exposure = exposureOf(event, bike);
      const ridden = ride(before, cogs, exposure, HANDBOOK);
      step.exposure = exposure;
      step.effect = ridden.effect;
      step.cogsAfter = ridden.cogs;
      step.after = rodeFor(ridden.state, exposure, air);
      break;
    }
    case 'gotWet': {
      const mm = GOT_WET_MM[event.how] * (bike?.mudguards ? CARE.guardShare.value : 1);
      step.after = wetted(before, mm, air);
      break;
    }
    case 'workDone': {
      const done = work(before, cogs, event, air);
      step.cogsAfter = done.cogs;
      step.after = done.state;
      break;
    }
    case 'chainRemoved':
      if (bikeId !== null) book.fitted.delete(bikeId);
      step.after = before;
      break;
    default:
      step.after = observe(before, event);
  }
  book.chains.set(chainId, step.after);
  if (bikeId !== null) book.cogs.set(bikeId, step.cogsAfter);
  return step;
}

function fit(
  book: BookState,
  event: Extract<PlainEvent, { type: 'chainFitted' }>,
  at: number,
  garage: Garage,
): Step {
  const { bikeId, chainId } = event;
  const oldBike = bikeOf(book, chainId);
  const known = book.chains.get(chainId);
  const oldAir = airOf(oldBike === null ? undefined : garage.bikes[oldBike]);
  const before = known ? stand(known, at, oldAir) : null;
  const after = before ?? startState(event.start ?? NEW_CHAIN, at);
  const cogs = book.cogs.get(bikeId) ?? LOOKS[event.start?.look ?? 'clean'].cogs;
  if (oldBike !== null) book.fitted.delete(oldBike);
  book.fitted.set(bikeId, chainId);
  book.chains.set(chainId, after);
  book.cogs.set(bikeId, cogs);
  return {
    event,
    bikeId,
    chainId,
    stoodFrom: known ?? null,
    before,
    after,
    cogsAfter: cogs,
    exposure: null,
    effect: null,
  };
}
