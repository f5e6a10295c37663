import { dateFormat } from '../intl/dates';
import { formatDistance } from '../units/format';
import { MS_PER_DAY, type Units } from '../units/convert';
import { moneySaid } from './service';
import type { Lane, Span, Zoom } from '../wear/lanes';

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

/** What a span of a life holds, in a line: "Mon, 2 Nov 2026 and the six days after: 84 km. Spent: 0.40." */
export function spanSentence(span: Span, zoom: Zoom, units: Units): string {
  const { at, dryKm, wetKm, cost } = span;
  const from = day.format(at + MS_PER_DAY / 24);
  const when = zoom === 'years' ? `${from} and the six days after` : from;
  const spent = cost > 0 ? ` Lube and cleaners: ${moneySaid(cost)}.` : '';
  const km = dryKm + wetKm;
  if (km === 0) return `${when}: no ride.${spent}`;
  const wet = wetKm > 0 ? `, ${formatDistance(wetKm, units)} of them on damp and wet roads` : '';
  return `${when}: ${formatDistance(km, units)}${wet}.${spent}`;
}
