import type { ChainReport } from '../care';
import type { Garage } from '../garage';
import type { PlainEvent } from '../logbook';
import { isWax } from '../lube';
import { factsOf } from './facts';
import type { Ground } from './finder';
import { likelyCogs, middleCog } from './gears';
import { knownBy, movedBy, type Moved } from './known';
import { countedGear } from './rhythm';

/** What a search on a bike with its chain starts from, and what of the log moved it. */
export function groundOf(
  report: ChainReport,
  events: readonly PlainEvent[],
  garage: Garage,
): { ground: Ground; moved: Moved[] } {
  const { bike, chain, state } = report;
  const moved = movedBy(factsOf(report, events, garage));
  const gear = countedGear(bike, {
    ring: bike.rings[0] ?? 42,
    cog: middleCog(likelyCogs(bike)),
    links: chain.links,
  });
  const machine = { ...bike, chain, waxed: isWax(state.lube) };
  return { ground: { machine, known: knownBy(moved), gear }, moved };
}
