import { METHODS } from '../care/model/work';
import { STANDARDS } from '../care/model/constants';
import type { ChainReport } from '../care/verdict/report';
import type { Garage } from '../records/garage';
import type { PlainEvent, WorkDone } from '../records/event';
import { isWax } from '../lube/classes';
import { kmOnBikeSince } from './ridden';

/** What the logbook knows that bears on a noise. Distances are in km ridden on the bike. */
export interface LogFacts {
  /** Share of the coat that is left, and whether it is a wax. */
  film: number;
  waxed: boolean;
  /** Grit outside, inside and on the cogs as shares of what the rider's standard allows. */
  outside: number;
  inside: number;
  cogs: number;
  rust: number;
  /** Wear as a share of the limit. */
  wear: number;
  /** Since the chain went on this bike: it was opened then, or closed. */
  kmSinceOpened: number;
  /** Ridden by this chain in all, and by the cassette; null: not known. */
  kmOnChain: number;
  kmOnCassette: number | null;
  /** Since a coat went on; null: never in the log. */
  kmSinceLubed: number | null;
  /** Ridden before the carrier of the last coat had left. */
  riddenUnset: boolean;
  /** Since it rained or was washed without work after it; null: it was not. */
  kmSinceWet: number | null;
  /** Cleans of the jockey wheels with a degreaser since they were new or oiled. */
  jockeyDegreasings: number;
}

/** Facts of a bike and its chain by the log's effective events, in order of time. */
export function factsOf(
  report: ChainReport,
  events: readonly PlainEvent[],
  garage: Garage,
): LogFacts {
  const { bike, chain, state, cogs, limits } = report;
  const standard = STANDARDS[limits.standard];
  const own = events.filter((e) => ('bikeId' in e ? e.bikeId === bike.id : true));
  const kmAfter = (at: number): number => kmOnBikeSince(own, bike.id, at);
  const fitted = own.findLast((e) => e.type === 'chainFitted' && e.chainId === chain.id);
  const work = own.filter((e): e is WorkDone => e.type === 'workDone' && e.chainId === chain.id);
  const lubed = work.findLast((e) => e.lube !== null);
  const wet = own.findLast(isWet);
  const wetAt = wet ? Date.parse(wet.at) : null;
  const lastWork = work.at(-1);
  const rescued = wetAt === null || (lastWork !== undefined && Date.parse(lastWork.at) > wetAt);
  return {
    film: state.film,
    waxed: isWax(state.lube),
    outside: state.outside / standard.outside,
    inside: state.inside / standard.inside,
    cogs: cogs / COGS_DIRTY,
    rust: state.rust,
    wear: state.wear / limits.wearPercent,
    kmSinceOpened: fitted ? kmAfter(Date.parse(fitted.at)) : Infinity,
    kmOnChain: state.km,
    kmOnCassette: cassetteKm(own, garage, kmAfter),
    kmSinceLubed: lubed ? kmAfter(Date.parse(lubed.at)) : null,
    riddenUnset: lubed !== undefined && riddenBefore(own, Date.parse(lubed.at), state.setAt),
    kmSinceWet: rescued || wetAt === null ? null : kmAfter(wetAt),
    jockeyDegreasings: work.filter((e) => e.cogsCleaned && METHODS[e.method].deep).length,
  };
}

/** Grit on the cogs from which they are dirty: as the handbook has it for a proposal. Own choice. */
const COGS_DIRTY = 0.5;

const isWet = (e: PlainEvent): boolean =>
  e.type === 'gotWet' ||
  (e.type === 'rideLogged' && (e.weather === 'wet' || e.weather === 'downpour'));

/** Whether a ride began between a coat and the moment it had set. */
const riddenBefore = (events: readonly PlainEvent[], lubedAt: number, setAt: number): boolean =>
  events.some((e) => {
    const at = e.type === 'rideLogged' ? Date.parse(e.at) : -1;
    return at >= lubedAt && at < setAt;
  });

/** Ridden by the cassette that is on, by what is known of it. */
function cassetteKm(
  events: readonly PlainEvent[],
  { parts }: Garage,
  kmAfter: (at: number) => number,
): number | null {
  const on = events.findLast(
    (e) => e.type === 'partFitted' && parts[e.partId]?.kind === 'cassette',
  );
  if (on?.type !== 'partFitted') return null;
  return (on.start?.kmBefore ?? 0) + kmAfter(Date.parse(on.at));
}
