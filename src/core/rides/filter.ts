import type { Garage } from '../records/garage';
import type { RideEntry } from './entries';

export const SKY_FILTERS = ['all', 'dry', 'wet', 'guessed'] as const;
export type SkyFilter = (typeof SKY_FILTERS)[number];

/** Which rides a list shows. */
export interface RideFilter {
  /** Words that must all occur in a ride's note, bike, ground, weather or date. */
  text: string;
  /** Null: any bike. */
  bikeId: string | null;
  sky: SkyFilter;
}

export const EVERY_RIDE: RideFilter = { text: '', bikeId: null, sky: 'all' };

export const isFiltered = ({ text, bikeId, sky }: RideFilter): boolean =>
  text.trim() !== '' || bikeId !== null || sky !== 'all';

const WET_WORDS: readonly string[] = ['damp', 'wet', 'downpour'];

/** The rides a filter lets through, in the order given. */
export function filterRides(
  rides: readonly RideEntry[],
  filter: RideFilter,
  bikes: Garage['bikes'],
): readonly RideEntry[] {
  if (!isFiltered(filter)) return rides;
  const words = filter.text.toLowerCase().split(/\s+/).filter(Boolean);
  return rides.filter(({ ride, sky }) => {
    if (filter.bikeId !== null && ride.bikeId !== filter.bikeId) return false;
    if (filter.sky === 'guessed' && sky.basis !== 'guess') return false;
    if (filter.sky === 'wet' && !WET_WORDS.includes(sky.word)) return false;
    if (filter.sky === 'dry' && (sky.basis === 'guess' || WET_WORDS.includes(sky.word)))
      return false;
    if (words.length === 0) return true;
    const text = [
      ride.note,
      bikes[ride.bikeId]?.name,
      ride.surface,
      ride.mud && 'mud',
      sky.salted && 'salt',
      sky.word,
      ride.at.slice(0, 10),
    ]
      .filter(Boolean)
      .join(' ')
      .toLowerCase();
    return words.every((word) => text.includes(word));
  });
}
