import type { Bike } from '../../records/garage';
import type { Unsettled } from '../../records/kinds';
import { storedAir, type Air } from '../../weather/drying';
import type { Cell } from '../../weather/cells';
import type { WeatherRecord } from '../../weather/record';
import type { OpenFault } from './faults';
import { NOT_LEARNT, personalKey, type Personal } from '../model/personal';
import type { ChainState } from '../model/state';

/** The whole garage at one moment: each chain's state, and for each bike its chain and its cogs' grit. */
export interface BookState {
  chains: Map<string, ChainState>;
  /** Chain on each bike. */
  fitted: Map<string, string>;
  /** Grit on each bike's cassette, rings and jockey wheels: it stays when chains are swapped. */
  cogs: Map<string, number>;
  /** Checks of the bench left open that concern the bike: they stay when chains are swapped. */
  leftOpen: Map<string, readonly Unsettled[]>;
  /** Square of the weather each bike stands in: where its last ride with a path ended. */
  cells: Map<string, Cell>;
  /** What was learnt of each lube on each bike, by `personalKey`. */
  learnt: Map<string, Personal>;
  /** Faults that were found and are not over, by their finding. */
  faults: Map<string, OpenFault>;
}

export const emptyBook = (): BookState => ({
  chains: new Map(),
  fitted: new Map(),
  cogs: new Map(),
  leftOpen: new Map(),
  cells: new Map(),
  learnt: new Map(),
  faults: new Map(),
});

export const copyBook = (book: BookState): BookState => ({
  chains: new Map(book.chains),
  fitted: new Map(book.fitted),
  cogs: new Map(book.cogs),
  leftOpen: new Map(book.leftOpen),
  cells: new Map(book.cells),
  learnt: new Map(book.learnt),
  faults: new Map(book.faults),
});

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
  weather: WeatherRecord,
  place: { bike: Bike | undefined; cell: Cell | undefined },
  from: number,
  to: number,
): Air {
  const outside = place.cell === undefined ? null : weather.airOver(place.cell, from, to);
  return storedAir(place.bike?.storage ?? 'indoors', outside);
}

/** Returns the name (`personalKey`) under which the coat on a chain is learnt about; null: bare, or on no bike. */
export const keyOf = (state: ChainState, bikeId: string | null): string | null =>
  bikeId === null || state.lube === null ? null : personalKey(bikeId, state.bottle ?? state.lube);

/** What has been learnt of the coat on a chain. */
export function learntOf(book: BookState, state: ChainState, bikeId: string): Personal {
  return state.lube === null ? NOT_LEARNT : learntFor(book, bikeId, state.bottle ?? state.lube);
}

/** What has been learnt of a lube, by bottle or class, on a bike. */
export const learntFor = (book: BookState, bikeId: string, lube: string): Personal =>
  book.learnt.get(personalKey(bikeId, lube)) ?? NOT_LEARNT;
