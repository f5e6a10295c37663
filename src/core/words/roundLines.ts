import type { Bike } from '../records/garage';
import type { Round } from '../records/rounds';
import type { RoundState } from '../rounds/due';
import { formatDistance } from '../units/format';
import type { Units } from '../units/convert';
import { listed } from './counted';
import { ROUND_LABEL } from './roundLabels';

/** What a round is called on this bike. */
export const roundName = (round: Round, { gear }: Pick<Bike, 'gear'>): string =>
  round === 'freehub' && gear !== 'derailleur' ? 'Freewheel' : ROUND_LABEL[round];

/** Days as riders count them: weeks from a fortnight on. */
const lasted = (days: number): string =>
  days < 1
    ? 'Less than a day'
    : days === 1
      ? '1 day'
      : days < 14
        ? `${days} days`
        : `${Math.floor(days / 7)} weeks`;

/** "12 weeks since you last did it." */
export function dueSentence({ by, since, last, used }: RoundState, units: Units): string {
  if (by === 'noted') return 'You noted something of it. Look at it now.';
  const days = Math.floor(since.weeks * 7);
  const from = last ? 'since you last did it' : 'in the log, and it was never noted';
  const what = {
    weeks: lasted(days),
    wetKm: `${formatDistance(since.wetKm, units)} in the wet`,
    degreasings: `Degreaser ${since.degreasings} times`,
  }[by];
  return used >= 1 ? `${what} ${from}.` : `${what} ${from}. It keeps a while yet.`;
}

/** "Slower rounds: tyres and brake pads are due." */
export function roundsLine(due: readonly RoundState[]): string {
  const names = due.slice(0, 2).map((r) => ROUND_LABEL[r.round].toLowerCase());
  if (names.length === 0) return 'Slower rounds: brakes, tyres, bearings';
  const more = due.length > 2 ? [...names, `${due.length - 2} more`] : names;
  return `Slower rounds due: ${listed(more)}`;
}

/** "Due along with it: tyres, 4 min, and brake pads, 3 min." Null: nothing is. */
export function alongSentence(due: readonly RoundState[], bike: Pick<Bike, 'gear'>): string | null {
  if (due.length === 0) return null;
  const said = due
    .slice(0, 3)
    .map(({ round, minutes }) => `${roundName(round, bike).toLowerCase()} (${minutes} min)`);
  const more = due.length > 3 ? [...said, `${due.length - 3} more`] : said;
  return `Due along with it: ${listed(more)}.`;
}

/** "Quay commuter is overdue for tyres." Null: nothing is. */
export function overdueSentence(
  name: string,
  overdue: readonly RoundState[],
  bike: Pick<Bike, 'gear'>,
): string | null {
  if (overdue.length === 0) return null;
  const names = overdue.map(({ round }) => roundName(round, bike).toLowerCase());
  return `${name} is overdue for ${listed(names)}.`;
}
