import { METHODS } from '../care/model/work';
import type { ChainState } from '../care/model/state';
import type { Replay } from '../care/replay/replay';
import type { Bike, Chain, Garage } from '../records/garage';
import { firstFitted, fittings } from '../logbook/fittings';
import type { PlainEvent } from '../records/event';

/** What the log holds of a bike's rides, and what is believed of the chain on it now. */
export interface Understood {
  bike: Bike;
  rides: number;
  km: number;
  /** First and last ride, and those before any chain of the log. */
  from: string;
  to: string;
  before: { rides: number; km: number };
  chain: UnderstoodChain | null;
}

export interface UnderstoodChain {
  chain: Chain;
  since: string;
  state: ChainState;
  /** Its last clean that went inside; null: none is in the log. */
  cleanedAt: string | null;
}

/** What was understood of each bike that has rides, the most ridden first. */
export function understood(
  { steps, book }: Pick<Replay, 'steps' | 'book'>,
  garage: Garage,
): Understood[] {
  const events = steps.map((step): PlainEvent => step.event);
  const spells = fittings(events);
  return Object.values(garage.bikes)
    .flatMap((bike): Understood[] => {
      const rides = events.filter((e) => e.type === 'rideLogged' && e.bikeId === bike.id);
      const [first, last] = [rides[0], rides.at(-1)];
      if (bike.retired || !first || !last) return [];
      const noted = firstFitted(spells, bike.id) ?? last.at;
      const early = rides.filter((e) => e.at < noted);
      const km = (list: readonly PlainEvent[]) =>
        list.reduce((sum, e) => sum + (e.type === 'rideLogged' ? e.distanceKm : 0), 0);
      const chain = garage.chains[book.fitted.get(bike.id) ?? ''];
      const state = chain && book.chains.get(chain.id);
      const since = chain && spells.findLast((s) => s.chainId === chain.id)?.from;
      const cleaned = events.findLast(
        (e) => e.type === 'workDone' && e.chainId === chain?.id && METHODS[e.method].deep,
      );
      return [
        {
          bike,
          rides: rides.length,
          km: km(rides),
          from: first.at,
          to: last.at,
          before: { rides: early.length, km: km(early) },
          chain:
            chain && state && since
              ? { chain, since, state, cleanedAt: cleaned?.at ?? null }
              : null,
        },
      ];
    })
    .sort((a, b) => b.km - a.km);
}
