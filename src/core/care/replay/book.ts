import type { Bike, Garage } from '../../garage';
import type { PlainEvent } from '../../logbook';
import { storedAir, type Air, type Cell, type WeatherRecord } from '../../weather';
import { MS_PER_HOUR } from '../../units';
import { CARE } from '../model/constants';
import { exposureOf, ridingHours, type Exposure } from '../model/exposure';
import { observe, ragSeen } from '../model/observe';
import { HANDBOOK, NOT_LEARNT, personalKey, type Factors, type Personal } from '../model/personal';
import { ride, rideOn, type RideEffect } from '../model/ride';
import { endCell, skyOf, type Sky } from '../model/sky';
import { rodeOn, stand, standOn, wetOn } from '../model/stand';
import { copyState, LOOKS, NEW_CHAIN, startState, type ChainState } from '../model/state';
import { coatOf, work } from '../model/work';

/** The whole garage at one moment: each chain's state, and for each bike its chain and its cogs' grit. */
export interface BookState {
  chains: Map<string, ChainState>;
  /** Chain on each bike. */
  fitted: Map<string, string>;
  /** Grit on each bike's cassette, rings and jockey wheels: it stays when chains are swapped. */
  cogs: Map<string, number>;
  /** Square of the weather each bike stands in: where its last ride with a path ended. */
  cells: Map<string, Cell>;
  /** What was learnt of each lube on each bike, by `personalKey`. */
  learnt: Map<string, Personal>;
}

export const emptyBook = (): BookState => ({
  chains: new Map(),
  fitted: new Map(),
  cogs: new Map(),
  cells: new Map(),
  learnt: new Map(),
});

export const copyBook = (book: BookState): BookState => ({
  chains: new Map(book.chains),
  fitted: new Map(book.fitted),
  cogs: new Map(book.cogs),
  cells: new Map(book.cells),
  learnt: new Map(book.learnt),
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
  /** The air the chain stood in until the event. */
  air: Air;
  /** The weather of a ride, and what it did; null of other events. */
  sky: Sky | null;
  exposure: Exposure | null;
  /** The square the bike stood in before a ride: where a ride without a path is taken to be. */
  home: Cell | undefined;
  /** How the lube then on it was taken to differ from the handbook. */
  factors: Factors;
}

/** What happened within a step, worked out again when it is asked for. */
export interface StepInFull extends Step {
  /** The chain at the moment of the event, after standing until then. */
  before: ChainState | null;
  effect: RideEffect | null;
}

/** A step in full. */
export function inFull(step: Step): StepInFull {
  const { event, from, exposure } = step;
  const before = from && stand(from, Date.parse(event.at), step.air);
  if (!before || !exposure) return { ...step, before, effect: null };
  const { effect } = ride(before, step.cogsBefore, exposure, step.factors);
  return { ...step, before, effect };
}

/** How far ahead the air is asked for to tell how long a wet chain takes to dry. */
const DRYING_LOOK_MS = 24 * MS_PER_HOUR;

/** Water of an hour of steady rain on a parked bike, or of a wash, mm. Own estimate. */
const GOT_WET_MM = { 'stood in rain': 2, washed: 4 } as const;

/** The bike a chain is on, if any. */
export function bikeOf(book: BookState, chainId: string): string | null {
  for (const [bikeId, fittedId] of book.fitted) if (fittedId === chainId) return bikeId;
  return null;
}

/**
 * The air a chain stands in between two moments (ms): that of its bike's storage place, under the weather
 * where the bike stands if that is known; a drawer indoors when it is off the bike.
 */
export function airOf(
  bike: Bike | undefined,
  cell: Cell | undefined,
  weather: WeatherRecord,
  from: number,
  to: number,
): Air {
  const outside = cell === undefined ? null : weather.airOver(cell, from, to);
  return storedAir(bike?.storage ?? 'indoors', outside);
}

/**
 * Plays one event into the book, changing `book`. A fitting takes any other chain off the bike and the
 * chain off any other bike: the later fact wins. A ride on a bike without a chain is on record and
 * touches no chain. One new state is made per event and worked on in place: replay is all of this.
 */
export function play(
  book: BookState,
  garage: Garage,
  weather: WeatherRecord,
  event: PlainEvent,
): Step {
  const at = Date.parse(event.at);
  if (event.type === 'chainFitted') return fit(book, event, at, garage, weather);
  const bikeId = 'bikeId' in event ? event.bikeId : bikeOf(book, event.chainId);
  const chainId = 'chainId' in event ? event.chainId : (book.fitted.get(event.bikeId) ?? null);
  const bike = bikeId === null ? undefined : garage.bikes[bikeId];
  const cogsBefore = (bikeId === null ? undefined : book.cogs.get(bikeId)) ?? 0;
  const home = bikeId === null ? undefined : book.cells.get(bikeId);
  const from = chainId === null ? null : (book.chains.get(chainId) ?? startState(NEW_CHAIN, at));
  const air = airOf(bike, home, weather, from?.at ?? at, at);
  const step: Step = {
    event,
    bikeId,
    chainId,
    from,
    after: null,
    cogsBefore,
    cogsAfter: cogsBefore,
    air,
    sky: null,
    exposure: null,
    home,
    factors: HANDBOOK,
  };
  if (event.type === 'rideLogged') {
    const hours = ridingHours(event);
    step.sky = skyOf(event, hours, weather, home);
    step.exposure = exposureOf(event, hours, step.sky, bike);
    const end = endCell(event);
    if (end !== null) book.cells.set(event.bikeId, end);
  }
  if (chainId === null || from === null) return step;

  let state = copyState(from);
  const key = keyOf(state, bikeId);
  const learnt = (key !== null && book.learnt.get(key)) || NOT_LEARNT;
  step.factors = learnt.factors;
  standOn(state, at, air);
  /** The air from here on, in which what got wet dries. */
  const airAfter = (hours = 0) => {
    const end = at + hours * MS_PER_HOUR;
    const cell = bikeId === null ? undefined : book.cells.get(bikeId);
    return airOf(bike, cell, weather, end, end + DRYING_LOOK_MS);
  };
  switch (event.type) {
    case 'rideLogged':
      if (step.exposure) {
        step.cogsAfter = rideOn(state, cogsBefore, step.exposure, learnt.factors);
        rodeOn(state, step.exposure, airAfter(step.exposure.hours));
      }
      break;
    case 'gotWet':
      wetOn(
        state,
        GOT_WET_MM[event.how] * (bike?.mudguards ? CARE.guardShare.value : 1),
        airAfter(),
      );
      break;
    case 'workDone': {
      const coat = coatOf(garage.products, event);
      const done = work(state, cogsBefore, event, airAfter(), coat);
      step.cogsAfter = done.cogs;
      state = done.state;
      // The last swatch read at the bench tells better than any method what the rag left.
      const swatch = event.swatches.at(-1);
      if (swatch !== undefined) state = ragSeen(state, learnt, swatch).state;
      break;
    }
    case 'chainRemoved':
      if (bikeId !== null) book.fitted.delete(bikeId);
      break;
    default: {
      const seen = observe(state, learnt, event);
      state = seen.state;
      if (key !== null && seen.learnt !== learnt) book.learnt.set(key, seen.learnt);
    }
  }
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
  weather: WeatherRecord,
): Step {
  const { bikeId, chainId } = event;
  const oldBike = bikeOf(book, chainId);
  const from = book.chains.get(chainId) ?? null;
  const home = oldBike === null ? undefined : book.cells.get(oldBike);
  const air = airOf(
    oldBike === null ? undefined : garage.bikes[oldBike],
    home,
    weather,
    from?.at ?? at,
    at,
  );
  const after = from ? stand(from, at, air) : startState(event.start ?? NEW_CHAIN, at);
  const cogs = book.cogs.get(bikeId) ?? LOOKS[event.start?.look ?? 'clean'].cogs;
  if (oldBike !== null) book.fitted.delete(oldBike);
  book.fitted.set(bikeId, chainId);
  book.chains.set(chainId, after);
  book.cogs.set(bikeId, cogs);
  return {
    event,
    bikeId,
    chainId,
    from,
    after,
    cogsBefore: cogs,
    cogsAfter: cogs,
    air,
    sky: null,
    exposure: null,
    home,
    factors: HANDBOOK,
  };
}

/** Under what name is learnt of the coat on a chain; null: bare, or on no bike. */
const keyOf = (state: ChainState, bikeId: string | null): string | null =>
  bikeId === null || state.lube === null ? null : personalKey(bikeId, state.bottle ?? state.lube);

/** What has been learnt of the coat on a chain. */
export function learntOf(book: BookState, state: ChainState, bikeId: string): Personal {
  return state.lube === null ? NOT_LEARNT : learntFor(book, bikeId, state.bottle ?? state.lube);
}

/** What has been learnt of a lube, by bottle or class, on a bike. */
export const learntFor = (book: BookState, bikeId: string, lube: string): Personal =>
  book.learnt.get(personalKey(bikeId, lube)) ?? NOT_LEARNT;
