import { airOf } from '@/core/care/replay/bookState';
import { openingsOf, restedBottles } from '@/core/care/replay/usage';
import type { ChainState } from '@/core/care/model/state';
import type { Replay } from '@/core/care/replay/replay';
import type { AtTheBench } from '@/core/bench/offer';
import type { Bike, Chain, Garage } from '@/core/records/garage';
import type { Settings } from '@/core/records/settings';
import { rotationOf } from '@/core/wear/rotation';

interface Of {
  replay: Replay;
  garage: Garage;
  settings: Settings;
  /** ms */
  now: number;
}

/** A chain at the bench with its bike; `state`: as it stands now, with what lies on its cogs. */
export function atTheBench(
  { replay, garage, settings, now }: Of,
  bike: Bike,
  chain: Chain,
  { state, cogs }: { state: ChainState; cogs: number },
): AtTheBench {
  const { book, weather, steps } = replay;
  const { products } = garage;
  return {
    bike,
    chain,
    state,
    cogs,
    next: nextOf(replay, garage.chains, bike),
    air: airOf(weather, { bike, cell: book.cells.get(bike.id) }, state.at, now),
    openings: openingsOf(steps, chain.id, chain.openingsAllowed),
    rested: restedBottles(steps, Object.keys(products), now),
    products,
    settings,
  };
}

/** The chain whose turn is next on a bike, where several take turns. */
function nextOf({ steps, book }: Replay, chains: Garage['chains'], bike: Bike) {
  const turns = rotationOf(steps, chains, book.fitted, bike);
  return (
    turns && {
      chain: turns.next.chain,
      state: book.chains.get(turns.next.chain.id) ?? null,
      due: turns.due,
    }
  );
}
