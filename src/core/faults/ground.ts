import type { ChainReport } from '../care/verdict/report';
import type { Garage } from '../records/garage';
import { likelyCogs, middleCog } from '../garage/cogs';
import type { PlainEvent } from '../records/event';
import { isWax } from '../lube/classes';
import { factsOf } from './facts';
import type { Ground } from './finder';
import { countsOf, findingsOn } from './history';
import { notesOn } from './notes';
import { knownBy, movedBy, type Moved } from './known';
import { sharesOf } from './odds';
import { foundBefore, notedBefore } from './remembered';
import { countedGear } from './rhythm';

/** What a search on a bike with its chain starts from, and what of the log moved it. */
export function groundOf(
  report: ChainReport,
  events: readonly PlainEvent[],
  garage: Garage,
): { ground: Ground; moved: Moved[] } {
  const { bike, chain, state } = report;
  const gear = countedGear(bike, {
    ring: bike.rings[0] ?? 42,
    cog: middleCog(likelyCogs(bike)),
    links: chain.links,
  });
  const machine = { ...bike, chain, waxed: isWax(state.lube) };
  const share = sharesOf(machine);
  const moved = [
    ...movedBy(factsOf(report, events, garage)),
    ...foundBefore(countsOf(findingsOn(events, bike.id)), (cause) => share.get(cause) ?? 0),
    ...notedBefore(notesOn(events, { bikeId: bike.id, chainId: chain.id })),
  ];
  return { ground: { machine, known: knownBy(moved), gear }, moved };
}
