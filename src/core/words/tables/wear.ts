import { dateFormat } from '../../intl/dates';
import { formatDistance, formatElongation } from '../../units/format';
import type { Units } from '../../units/convert';
import { foreseenAt, type WearOutlook } from '../../wear/outlook';
import { wearShown } from '../event';

const day = dateFormat({ day: 'numeric', month: 'short', year: 'numeric' });

export const WEAR_COLUMNS = ['When', 'Distance', 'Wear'] as const;
/** Rows of the way so far; what was measured stands beside them, however many. */
const SO_FAR = 12;
/** Distances to come, of the way to the limit. */
const TO_COME = [0.25, 0.5, 0.75, 1];

/** Wear of chains: worked out so far, measured, and to come with the range of 8 in 10 cases. */
export function wearRows(
  chains: readonly { name: string; outlook: WearOutlook }[],
  units: Units,
): string[][] {
  return chains.flatMap(({ name, outlook }) => {
    const { story, state, limit } = outlook;
    const label = (what: string) => (chains.length > 1 ? `${name}, ${what}` : what);
    const step = Math.max(1, Math.ceil(story.line.length / SO_FAR));
    const past = story.line
      .filter((_, n) => (story.line.length - 1 - n) % step === 0)
      .map(({ at, km, wear }) => ({ at, km, what: '', wear: formatElongation(wear) }));
    const read = story.readings.map(({ at, km, percent, between }) => ({
      at,
      km,
      what: ', measured',
      wear: wearShown({ percent, ...(between ? { between: [...between] } : {}) }),
    }));
    const ahead = outlook.foresight.mid;
    const future = TO_COME.map((share) => {
      const km = share * ahead;
      const ends = [0.1, 0.9].map((p) => formatElongation(foreseenAt(outlook, km, p)));
      return [label('to come'), formatDistance(state.km + km, units), ends.join(' to ')];
    });
    return [
      ...[...past, ...read]
        .sort((a, b) => a.at - b.at)
        .map(({ at, km, what, wear }) => [
          label(`${day.format(at)}${what}`),
          formatDistance(km, units),
          wear,
        ]),
      ...(ahead > 0 ? future : []),
      [label('limit'), '', formatElongation(limit)],
    ];
  });
}
