import type { Bike, Garage } from '../../records/garage';
import type { PlainEvent } from '../../records/event';
import type { Unsettled } from '../../records/kinds';
import type { Air } from '../../weather/drying';
import { letThrough, type Exposure } from '../model/exposure';
import {
  coatEnded,
  ragLeft,
  ragReadOf,
  ragSeen,
  recordingSeen,
  soundSeen,
  wearSeen,
} from '../model/observe';
import { lifeShown, type Factors, type Personal } from '../model/personal';
import { rideOn } from '../model/ride';
import { rodeOn, wetOn } from '../model/stand';
import type { ChainState } from '../model/state';
import { coatOf, work } from '../model/work';

/** Water of an hour of steady rain on a parked bike, or of a wash, mm. Own estimate. */
const GOT_WET_MM = { 'stood in rain': 2, washed: 4 } as const;

/** A chain at the moment of an event, and all that bears on what the event does to it. */
export interface Moment {
  /** When it happened, ms. */
  at: number;
  /** The handler's own copy, to be worked on in place: replay makes one new state an event and no more. */
  state: ChainState;
  cogs: number;
  learnt: Personal;
  /** What its ride is reckoned with. */
  factors: Factors;
  /** Of a ride. */
  exposure: Exposure | null;
  bikeId: string | null;
  bike: Bike | undefined;
  garage: Garage;
  /** The air so many hours after the event began, in which what got wet dries. */
  airAfter: (hours: number) => Air;
}

/** What an event did: the chain, and whatever else changed. */
export interface Outcome {
  state: ChainState;
  /** Grit on the bike's cogs; not there: as before. */
  cogs?: number;
  /** What is now known of the lube on the bike; not there: as before. */
  learnt?: Personal;
  /** The chain came off its bike. */
  comesOff?: true;
}

type Of<T extends PlainEvent['type']> = Extract<PlainEvent, { type: T }>;

/** The bike a coat has been ridden on alone, after a ride; null where it was another before. */
const coatBikeAfter = ({ worn, coatBike }: ChainState, bikeId: string | null): string | null =>
  worn === 0 || coatBike === bikeId ? bikeId : null;

function rode({ at, state, cogs, exposure, factors, bikeId, airAfter }: Moment): Outcome {
  if (!exposure) return { state };
  state.shownBefore = lifeShown(state) ?? 0;
  state.coatBike = coatBikeAfter(state, bikeId);
  state.unheard += 1;
  const cogsAfter = rideOn(state, cogs, exposure, { factors });
  rodeOn(state, exposure, airAfter(exposure.hours), at);
  return { state, cogs: cogsAfter };
}

function gotWet({ state, bike, airAfter }: Moment, event: Of<'gotWet'>): Outcome {
  const passed = letThrough(bike).water;
  wetOn(state, GOT_WET_MM[event.how] * passed, airAfter(0));
  if (event.how === 'washed') state.salted = false;
  return { state };
}

/** An inspection settles rust: what it found is known, and no spell hangs over the chain any more. */
function inspected({ state }: Moment, { found }: Of<'chainInspected'>): Outcome {
  state.rust = 0;
  state.rustSpell = 0;
  state.stiff = found === 'stiff links';
  state.pitted = found === 'pitted';
  return { state };
}

/** Adds what was left open, each once. */
function leaveOpen(state: ChainState, more: readonly Unsettled[]): void {
  if (more.length > 0) state.leftOpen = [...new Set([...state.leftOpen, ...more])];
}

function settled({ state }: Moment, { what }: Of<'settled'>): Outcome {
  state.leftOpen = state.leftOpen.filter((open) => open !== what);
  return { state };
}

function worked(moment: Moment, event: Of<'workDone'>): Outcome {
  const { state, cogs, learnt, garage, bikeId, airAfter } = moment;
  const done = work(state, cogs, event, {
    air: airAfter(0),
    coat: coatOf(garage.products, event),
  });
  // The last swatch read at the bench tells better than any method what the rag left.
  const swatch = event.swatches.at(-1);
  const after =
    swatch === undefined ? done.state : ragLeft(done.state, ragReadOf(swatch, event.photo));
  leaveOpen(after, event.leftOpen ?? []);
  return event.lube === null
    ? { state: after, cogs: done.cogs }
    : { state: after, cogs: done.cogs, learnt: coatEnded(state, learnt, bikeId) };
}

/**
 * What each kind of event does to the chain it speaks of. A fitting is none of these: it changes which
 * chain is meant (see `book.ts`); nor is what is done to a part or said of a fault. A new kind of event does not compile before it has a handler here.
 */
export const HANDLERS: {
  [
    T in Exclude<
      PlainEvent['type'],
      | 'chainFitted'
      | 'partFitted'
      | 'partRemoved'
      | 'partNoted'
      | 'faultFound'
      | 'faultFollowed'
      | 'roundDone'
    >
  ]: (moment: Moment, event: Of<T>) => Outcome;
} = {
  rideLogged: rode,
  gotWet,
  workDone: worked,
  chainRemoved: ({ state }) => ({ state, comesOff: true }),
  wearRead: ({ state }, read) => ({ state: wearSeen(state, read) }),
  ragChecked: ({ state, learnt }, { swatch, photo }) =>
    ragSeen(state, learnt, ragReadOf(swatch, photo)),
  chainRecorded: ({ state, learnt, bikeId }, { louder }) =>
    recordingSeen(state, learnt, louder, bikeId),
  chainInspected: inspected,
  settled,
  soundHeard: ({ state, learnt, bikeId }, { sound }) => soundSeen(state, learnt, sound, bikeId),
};
