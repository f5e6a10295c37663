import type { ChainReport } from '../care/verdict/report';
import type { ReplayStep } from '../care/replay/step';
import { formatDistance, formatShare } from '../units/format';
import type { Units } from '../units/convert';
import { shortVerdict } from './verdict';

/**
 * The tape in words, for whoever hears it: how far it reaches back, where lube and dirt stand now, and what comes next.
 * "Tape of Commuter chain. 320 km over 14 rides. Now lube 75 %, dirt outside 24 %, grit inside 5 %. Next: wipe in 45 km."
 */
export function tapeSummary(
  { chain, state, verdict }: ChainReport,
  steps: readonly ReplayStep[],
  units: Units,
): string {
  const rides = steps.flatMap(({ event }) => (event.type === 'rideLogged' ? [event] : []));
  const km = rides.reduce((sum, ride) => sum + ride.distanceKm, 0);
  const ridden =
    rides.length === 0
      ? 'No ride yet.'
      : `${formatDistance(km, units)} over ${rides.length === 1 ? '1 ride' : `${rides.length} rides`}.`;
  const now = [
    `lube ${formatShare(state.film)}`,
    `dirt outside ${formatShare(state.outside)}`,
    `grit inside ${formatShare(state.inside)}`,
  ].join(', ');
  return `Tape of ${chain.name}. ${ridden} Now ${now}. Next: ${shortVerdict(verdict, state, units)}.`;
}
