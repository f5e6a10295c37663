import type { Garage } from '../../records/garage';
import type { ChainStart, PlainEvent } from '../../records/event';
import type { Unsettled } from '../../records/kinds';
import { MS_PER_HOUR } from '../../units/convert';
import type { WeatherRecord } from '../../weather/record';
import { exposureOf, ridingHours } from '../model/exposure';
import { factorsOn, HANDBOOK, NOT_LEARNT } from '../model/personal';
import { endCell, skyOf } from '../model/sky';
import { standWhere } from '../model/standOutside';
import { copyState } from '../model/copyState';
import { LOOKS, NEW_CHAIN, startState, type ChainState } from '../model/state';
import { airOf, bikeOf, keyOf, type BookState } from './bookState';
import { faultFollowed, faultFound, faultsRidden } from './faults';
import { handedOut } from './handedOut';
import { HANDLERS, type Moment, type Outcome } from './handlers';
import type { ReplayStep } from './step';

/** How far ahead the air is asked for to tell how long a wet chain takes to dry. */
const DRYING_LOOK_MS = 24 * MS_PER_HOUR;

/** What events are played into, and what they are played under. */
export interface Scene {
  book: BookState;
  garage: Garage;
  weather: WeatherRecord;
}

type Of<T extends PlainEvent['type']> = Extract<PlainEvent, { type: T }>;
type Fitted = Of<'chainFitted'>;
type Fault = Extract<PlainEvent, { type: 'faultFound' | 'faultFollowed' }>;
type OfPart = Extract<
  PlainEvent,
  { type: 'partFitted' | 'partRemoved' | 'partNoted' | 'roundDone' }
>;
type OnBike = Exclude<PlainEvent, Fitted | OfPart | Fault>;

/** Parts are followed by core/wear, core/faults and core/rounds: what is done to one moves no chain. */
const isOfPart = (event: PlainEvent): event is OfPart =>
  event.type === 'partFitted' ||
  event.type === 'partRemoved' ||
  event.type === 'partNoted' ||
  event.type === 'roundDone';

/** A fault is known and moves no chain: what it teaches was said by the rider when it was found. */
const isOfFault = (event: PlainEvent): event is Fault =>
  event.type === 'faultFound' || event.type === 'faultFollowed';

/**
 * Plays one event into the book, changing `scene.book`. A fitting takes any other chain off the bike and
 * the chain off any other bike: the later fact wins. A ride on a bike without a chain is on record and
 * touches no chain.
 */
export function play(scene: Scene, event: PlainEvent): ReplayStep {
  const at = Date.parse(event.at);
  if (event.type === 'chainFitted') return fit(scene, event, at);
  if (isOfPart(event)) {
    if (event.type === 'roundDone') roundSettles(scene.book, event);
    return handedOut(untouched(scene, event, at));
  }
  if (isOfFault(event)) return faulty(scene, event, at);
  if (event.type === 'rideLogged') faultsRidden(scene.book, event);
  const step = opened(scene, event, at);
  const { chainId, from } = step;
  if (chainId === null || from === null) return handedOut(step);
  const state = copyState(from);
  const key = keyOf(state, step.bikeId);
  const learnt = (key !== null && scene.book.learnt.get(key)) || NOT_LEARNT;
  step.factors = factorsOn(state, learnt);
  const { bike, home: cell, weather, air } = step;
  standWhere(state, at, { bike, cell, weather, air });
  const moment: Moment = {
    at,
    state,
    cogs: step.cogsBefore,
    learnt,
    factors: step.factors,
    exposure: step.exposure,
    bikeId: step.bikeId,
    bike,
    garage: scene.garage,
    airAfter: (hours) => airFrom(scene, step.bikeId, at + hours * MS_PER_HOUR),
  };
  const handle = HANDLERS[event.type] as (moment: Moment, event: OnBike) => Outcome;
  commit(scene.book, step, key, handle(moment, event));
  return handedOut(step);
}

/** The step of an event that touches no chain. */
function untouched(
  { book, garage, weather }: Scene,
  event: OfPart | Fault,
  at: number,
): ReplayStep {
  const { bikeId } = event;
  const bike = garage.bikes[bikeId];
  const home = book.cells.get(bikeId);
  const air = airOf(weather, { bike, cell: home }, at, at);
  const none = { chainId: null, from: null, after: null };
  const cogs = book.cogs.get(bikeId) ?? 0;
  return stepOf({ event, bikeId, ...none, air, home, bike, weather }, cogs);
}

/** Jockey wheels that were seen to in their round are no longer left open. */
function roundSettles(book: BookState, { bikeId, round, end }: Of<'roundDone'>): void {
  if (round !== 'jockey bearings' || end === 'workshop') return;
  const chainId = book.fitted.get(bikeId);
  const state = chainId === undefined ? undefined : book.chains.get(chainId);
  if (chainId === undefined || !state?.leftOpen.includes('jockey wheels')) return;
  const leftOpen = state.leftOpen.filter((what) => what !== 'jockey wheels');
  book.chains.set(chainId, handedOut({ ...copyState(state), leftOpen }));
  book.leftOpen.set(bikeId, leftOpen.filter(isOfTheBike));
}

/** The step of a fault that was found, or of which was heard. */
function faulty(scene: Scene, event: Fault, at: number): ReplayStep {
  const step = handedOut(untouched(scene, event, at));
  if (event.type === 'faultFound') faultFound(scene.book, event);
  else faultFollowed(scene.book, event);
  return step;
}

/** The step of an event before it has done anything: which chain and bike, the air, a ride's sky. */
function opened({ book, garage, weather }: Scene, event: OnBike, at: number): ReplayStep {
  const bikeId = 'bikeId' in event ? event.bikeId : bikeOf(book, event.chainId);
  const chainId = 'chainId' in event ? event.chainId : (book.fitted.get(event.bikeId) ?? null);
  const bike = bikeId === null ? undefined : garage.bikes[bikeId];
  const cogs = (bikeId === null ? undefined : book.cogs.get(bikeId)) ?? 0;
  const home = bikeId === null ? undefined : book.cells.get(bikeId);
  const from = chainId === null ? null : (book.chains.get(chainId) ?? startState(NEW_CHAIN, at));
  const air = airOf(weather, { bike, cell: home }, from?.at ?? at, at);
  const step = stepOf(
    { event, bikeId, chainId, from, after: null, air, home, bike, weather },
    cogs,
  );
  if (event.type === 'rideLogged') {
    const hours = ridingHours(event);
    step.sky = skyOf(event, hours, weather, home);
    const links = chainId === null ? undefined : garage.chains[chainId]?.links;
    step.exposure = exposureOf(event, hours, step.sky, { bike, links });
    const end = endCell(event);
    if (end !== null) book.cells.set(event.bikeId, end);
  }
  return step;
}

/** The air of the bike's place from a moment (ms) on. */
function airFrom({ book, garage, weather }: Scene, bikeId: string | null, from: number) {
  const bike = bikeId === null ? undefined : garage.bikes[bikeId];
  const cell = bikeId === null ? undefined : book.cells.get(bikeId);
  return airOf(weather, { bike, cell }, from, from + DRYING_LOOK_MS);
}

/** Whether an open check concerns the bike, whichever chain is on it. */
const isOfTheBike = (what: Unsettled): boolean =>
  !['closure', 'routing', 'worn link', 'skipping', 'first ride'].includes(what);

/** Writes what an event did into its step and the book: the one place that does. */
function commit(book: BookState, step: ReplayStep, key: string | null, outcome: Outcome): void {
  const { bikeId, chainId, cogsBefore } = step;
  step.after = handedOut(outcome.state);
  step.cogsAfter = outcome.cogs ?? cogsBefore;
  if (chainId !== null) book.chains.set(chainId, outcome.state);
  if (bikeId === null) return;
  if (outcome.comesOff) book.fitted.delete(bikeId);
  if (outcome.state.leftOpen !== step.from?.leftOpen)
    book.leftOpen.set(bikeId, outcome.state.leftOpen.filter(isOfTheBike));
  if (step.cogsAfter !== cogsBefore) book.cogs.set(bikeId, step.cogsAfter);
  const known = (key !== null && book.learnt.get(key)) || NOT_LEARNT;
  if (key !== null && outcome.learnt && outcome.learnt !== known)
    book.learnt.set(key, outcome.learnt);
}

function fit({ book, garage, weather }: Scene, event: Fitted, at: number): ReplayStep {
  const { bikeId, chainId } = event;
  const oldBike = bikeOf(book, chainId);
  const from = book.chains.get(chainId) ?? null;
  const home = oldBike === null ? undefined : book.cells.get(oldBike);
  const bike = oldBike === null ? undefined : garage.bikes[oldBike];
  const air = airOf(weather, { bike, cell: home }, from?.at ?? at, at);
  const start = event.start ?? NEW_CHAIN;
  const stood = from && copyState(from);
  if (stood) standWhere(stood, at, { bike, cell: home, weather, air });
  const begun = event.start && stood?.km === 0 ? begunAs(event.start, stood) : stood;
  const fitted = begun ?? { ...startState(start, at), coatBike: bikeId };
  const ofTheBike = book.leftOpen.get(bikeId) ?? [];
  const ofTheChain = fitted.leftOpen.filter((what) => !isOfTheBike(what));
  const after = { ...fitted, leftOpen: [...ofTheChain, ...ofTheBike] };
  const cogs = book.cogs.get(bikeId) ?? LOOKS[event.start?.look ?? 'clean'].cogs;
  if (oldBike !== null) book.fitted.delete(oldBike);
  book.fitted.set(bikeId, chainId);
  book.chains.set(chainId, handedOut(after));
  book.cogs.set(bikeId, cogs);
  return handedOut(stepOf({ event, bikeId, chainId, from, after, air, home, bike, weather }, cogs));
}

/**
 * A chain that was noted before it was fitted: what the fitting tells of its past holds, and what was read or done
 * at the bench before stands.
 */
function begunAs(start: ChainStart, stood: ChainState): ChainState {
  const told = startState(start, stood.at);
  const guessed = startState(NEW_CHAIN, stood.at);
  const worked = stood.lube !== guessed.lube || stood.outside !== guessed.outside;
  const read = stood.wear !== guessed.wear;
  const wear = start.wearPercent === null && read ? stood : told;
  const { km, kmSinceClean } = told;
  return {
    ...(worked ? { ...stood, km, kmSinceClean } : told),
    wear: wear.wear,
    wearSd: wear.wearSd,
  };
}

type Begun = Pick<
  ReplayStep,
  'event' | 'bikeId' | 'chainId' | 'from' | 'after' | 'air' | 'home' | 'bike' | 'weather'
>;

/** A step in which nothing has been ridden or learnt, written out field by field for speed. */
const stepOf = (begun: Begun, cogs: number): ReplayStep => ({
  event: begun.event,
  bikeId: begun.bikeId,
  chainId: begun.chainId,
  from: begun.from,
  after: begun.after,
  cogsBefore: cogs,
  cogsAfter: cogs,
  air: begun.air,
  bike: begun.bike,
  weather: begun.weather,
  sky: null,
  exposure: null,
  home: begun.home,
  factors: HANDBOOK,
});
