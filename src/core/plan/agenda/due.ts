import { readClocks, type ClockName } from '../../care/verdict/clocks';
import { stand } from '../../care/model/stand';
import type { ChainReport } from '../../care/verdict/report';
import type { Replay } from '../../care/replay/replay';

/** Clocks of a bike's chain that have run out since the rider looked. */
export interface FellDue {
  bikeName: string;
  clocks: ClockName[];
}

/**
 * What fell due on the chains since a moment (ms): the clocks that have run out now and had not then, bike by
 * bike. A chain that came into the log since says nothing.
 */
export function dueSince(
  replay: Replay,
  reports: readonly ChainReport[],
  since: number,
): FellDue[] {
  return reports.flatMap(({ bike, chain, verdict, limits }) => {
    const then = replay.steps.findLast(
      (s) => s.chainId === chain.id && s.after !== null && Date.parse(s.event.at) <= since,
    );
    if (!then?.after) return [];
    const before = readClocks(stand(then.after, since, then.air), limits);
    const fell = verdict.clocks.filter((c, n) => c.fired && before[n]?.fired === false);
    return fell.length > 0 ? [{ bikeName: bike.name, clocks: fell.map((c) => c.name) }] : [];
  });
}
