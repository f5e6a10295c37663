import type { Bike, Garage } from '../garage';
import type { PlainEvent } from '../logbook';
import { STORAGE_AIR, type Air } from '../weather';
import { CARE } from './constants';
import { exposureOf, type Exposure } from './exposure';
import { observe } from './observe';
import { HANDBOOK, ride, rideOn, type RideEffect } from './ride';
import { rodeOn, stand, standOn, wetOn } from './stand';
import { copyState, LOOKS, NEW_CHAIN, startState, type ChainState } from './state';
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

/** One event as it was played: the chain it touched, as its last event left it and as this one did. */
export interface Step {
  event: PlainEvent;
  bikeId: string | null;
  chainId: string | null;
  /** Null at the chain's first event, and where no chain is touched. */
  from: ChainState | null;
  after: ChainState | null;
  cogsBefore: number;
  cogsAfter: number;
}

/** What happened within a step, worked out again when it is asked for. */
export interface StepInFull extends Step {
  /** The chain at the moment of the event, after standing until then. */
  before: ChainState | null;
  exposure: Exposure | null;
  effect: RideEffect | null;
}

/** A step in full; `bike` is the one of its `bikeId`. */
export function inFull(step: Step, bike: Bike | undefined): StepInFull {
  const { event, from } = step;
  const before = from && stand(from, Date.parse(event.at), airOf(bike));
  if (!before || event.type !== 'rideLogged')
    return { ...step, before, exposure: null, effect: null };
  const exposure = exposureOf(event, bike);
  const { effect } = ride(before, step.cogsBefore, exposure, HANDBOOK);
  return { ...step, before, exposure, effect };
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
 * touches no chain. One new state is made per event and worked on in place: replay is all of this.
 */
export function play(book: BookState, garage: Garage, event: PlainEvent): Step {
  const at = Date.parse(event.at);
  if (event.type === 'chainFitted') return fit(book, event, at, garage);
  const bikeId = 'bikeId' in event ? event.bikeId : bikeOf(book, event.chainId);
  const chainId = 'chainId' in event ? event.chainId : (book.fitted.get(event.bikeId) ?? null);
  const bike = bikeId === null ? undefined : garage.bikes[bikeId];
  const cogsBefore = (bikeId === null ? undefined : book.cogs.get(bikeId)) ?? 0;
  const step: Step = {
    event,
    bikeId,
    chainId,
    from: null,
    after: null,
    cogsBefore,
    cogsAfter: cogsBefore,
  };
  if (chainId === null) return step;

  const air = airOf(bike);
  const from = book.chains.get(chainId) ?? startState(NEW_CHAIN, at);
  let state = copyState(from);
  standOn(state, at, air);
  switch (event.type) {
    case 'rideLogged': {
      const exposure = exposureOf(event, bike);
      step.cogsAfter = rideOn(state, cogsBefore, exposure, HANDBOOK);
      rodeOn(state, exposure, air);
      break;
    }
    case 'gotWet':
      wetOn(state, GOT_WET_MM[event.how] * (bike?.mudguards ? CARE.guardShare.value : 1), air);
      break;
    case 'workDone': {
      const done = work(state, cogsBefore, event, air);
      step.cogsAfter = done.cogs;
      state = done.state;
      break;
    }
    case 'chainRemoved':
      if (bikeId !== null) book.fitted.delete(bikeId);
      break;
    default:
      state = observe(state, event);
  }
  step.from = from;
  step.after = state;
  book.chains.set(chainId, state);
  if (bikeId !== null && step.cogsAfter !== cogsBefore) book.cogs.set(bikeId, step.cogsAfter);
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
  const from = book.chains.get(chainId) ?? null;
  const oldAir = airOf(oldBike === null ? undefined : garage.bikes[oldBike]);
  const after = from ? stand(from, at, oldAir) : startState(event.start ?? NEW_CHAIN, at);
  const cogs = book.cogs.get(bikeId) ?? LOOKS[event.start?.look ?? 'clean'].cogs;
  if (oldBike !== null) book.fitted.delete(oldBike);
  book.fitted.set(bikeId, chainId);
  book.chains.set(chainId, after);
  book.cogs.set(bikeId, cogs);
  return { event, bikeId, chainId, from, after, cogsBefore: cogs, cogsAfter: cogs };
}
