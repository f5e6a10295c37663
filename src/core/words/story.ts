import { dateFormat } from '../time/dateFormat';
import { formatDistance, MS_PER_DAY, type UnitSystem } from '../units';
import type { Lane, Span, Zoom } from '../wear';

export const ZOOM_LABEL: Record<Zoom, string> = {
  years: 'Years',
  months: 'Months',
  weeks: 'Weeks',
  days: 'Days',
};

export const LANE_LABEL: Record<Lane, string> = {
  fitted: 'Fitted',
  lubed: 'Lubed',
  cleaned: 'Cleaned',
  read: 'Measured',
  noticed: 'Noticed',
};

const day = dateFormat({ weekday: 'short', day: 'numeric', month: 'short', year: 'numeric' });

/** What a span of a life holds, in a line: "Mon, 2 Nov 2026 and the six days after: 84 km". */
export function spanSentence({ at, dryKm, wetKm }: Span, zoom: Zoom, units: UnitSystem): string {
  const from = day.format(at + MS_PER_DAY / 24);
  const when = zoom === 'years' ? `${from} and the six days after` : from;
  const km = dryKm + wetKm;
  if (km === 0) return `${when}: no ride.`;
  const wet = wetKm > 0 ? `, ${formatDistance(wetKm, units)} of them on damp and wet roads` : '';
  return `${when}: ${formatDistance(km, units)}${wet}.`;
}
