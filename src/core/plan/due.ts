import { readClocks, stand, type ChainReport, type ClockName, type Replay } from '../care';

/** What a clock that has run out says of a chain. */
const SAYS: Record<ClockName, string> = {
  wear: 'is worn out',
  rust: 'has rusted',
  bare: 'is bare',
  wet: 'is wet',
  film: 'has used its lube up',
  standing: 'has dried out standing',
  inside: 'is gritty inside',
  outside: 'is dirty outside',
};

/**
 * What fell due on the chains since a moment (ms): the clocks that have run out now and had not then, a line
 * a bike. A chain that came into the log since says nothing.
 */
export function dueSince(replay: Replay, reports: readonly ChainReport[], since: number): string[] {
  return reports.flatMap(({ bike, chain, verdict, limits }) => {
    const then = replay.steps.findLast(
      (s) => s.chainId === chain.id && s.after !== null && Date.parse(s.event.at) <= since,
    );
    if (!then?.after) return [];
    const before = readClocks(stand(then.after, since, then.air), limits);
    const fell = verdict.clocks.filter((c, n) => c.fired && before[n]?.fired === false);
    if (fell.length === 0) return [];
    return [`${bike.name}: the chain ${fell.map((c) => SAYS[c.name]).join(', ')}.`];
  });
}
