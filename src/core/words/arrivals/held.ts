import { countedRides } from '../counted';
import type { Decision } from '../../arrivals/importRides';
import type { Doubt, Mend, Oddity } from '../../arrivals/sense';
import type { RideFromFile } from '../../formats/rideFromFile';
import { formatExactDistance, formatClimb, formatSpell } from '../../units/format';
import type { Units } from '../../units/convert';

/** What is odd about a ride held back, in words that follow "held back:". */
export function odditySentence(odd: Oddity, ride: RideFromFile, units: Units): string {
  const { distanceKm, trackKm, gapKm, movingH, elapsedH, climbM, clues } = ride;
  const far = (km: number) => formatExactDistance(km, units);
  const hours = formatSpell(movingH ?? elapsedH ?? 0);
  switch (odd) {
    case 'too fast':
      return `${far(distanceKm)} in ${hours} is faster than nearly all rides.`;
    case 'walking pace':
      return `${far(distanceKm)} in ${hours} is no faster than walking.`;
    case 'very long':
      return `${far(distanceKm)} is very far for one ride.`;
    case 'very short':
      return `${far(distanceKm)} is hardly a ride.`;
    case 'many hours':
      return `It lasts ${formatSpell(Math.max(movingH ?? 0, elapsedH ?? 0))}.`;
    case 'steep':
      return `${formatClimb(climbM ?? 0, units)} climbed in ${far(distanceKm)} is steeper than a mountain pass all the way.`;
    case 'two distances':
      return `The recorder says ${far(distanceKm)}, its track ${far(trackKm ?? 0)}.`;
    case 'gap':
      return `${far(gapKm)} of its way have no points, as on a ferry or a train. They are not counted.`;
    case 'unknown sport':
      return `It is marked “${clues.sport}”. Was it a ride?`;
    case 'at the same time':
      return 'Another ride was recorded at that time, by a second recorder perhaps.';
  }
}

const MENDS: Record<Mend['how'], (ride: RideFromFile, units: Units) => string> = {
  'in miles': ({ distanceKm }, units) =>
    `It was in miles: ${formatExactDistance(distanceKm, units)}`,
  'in km': ({ distanceKm }, units) => `It was in km: ${formatExactDistance(distanceKm, units)}`,
  'in metres': ({ distanceKm }, units) =>
    `It was in metres: ${formatExactDistance(distanceKm, units)}`,
  minutes: ({ movingH }) => `They were minutes: ${formatSpell(movingH ?? 0)}`,
  hours: ({ movingH }) => `They were hours: ${formatSpell(movingH ?? 0)}`,
  elapsed: ({ movingH }) => `By its start and end: ${formatSpell(movingH ?? 0)}`,
  'without hours': () => 'Without its hours',
  feet: ({ climbM }, units) => `The climb was in feet: ${formatClimb(climbM ?? 0, units)}`,
  'without climb': () => 'Without its climb',
  'by track': ({ distanceKm }, units) => `By its track: ${formatExactDistance(distanceKm, units)}`,
  'with the gap': ({ distanceKm }, units) =>
    `That was ridden: ${formatExactDistance(distanceKm, units)}`,
};

/** Several rides held back for the same reason: "3 rides, too fast". */
export const heldTitle = (rides: number, odd: readonly Oddity[]): string =>
  `${countedRides(rides)}, ${odd.map((o) => SHORT[o]).join(', ')}`;

const SHORT: Record<Oddity, string> = {
  'too fast': 'very fast',
  'walking pace': 'very slow',
  'very long': 'very long',
  'very short': 'very short',
  'many hours': 'over many hours',
  steep: 'very steep',
  'two distances': 'with two distances',
  gap: 'with a gap',
  'unknown sport': 'of another sport perhaps',
  'at the same time': 'recorded twice perhaps',
};

/** What can be said of several rides at once. */
export function decisionsOfAll(doubts: readonly Doubt[]): { value: Decision; label: string }[] {
  const [first, ...rest] = doubts;
  const shared = (first?.mends ?? []).filter(({ how }) =>
    rest.every((d) => d.mends.some((m) => m.how === how)),
  );
  return [
    ...shared.map(({ how }) => ({ value: how, label: MENDS_ALL[how] })),
    ...(doubts.every((d) => d.asItIs)
      ? [{ value: 'as it is', label: 'Add all as they are' } as const]
      : []),
    { value: 'leave out', label: 'Leave all out' },
  ];
}

const MENDS_ALL: Record<Mend['how'], string> = {
  'in miles': 'All were in miles',
  'in km': 'All were in km',
  'in metres': 'All were in metres',
  minutes: 'Their hours were minutes',
  hours: 'Their minutes were hours',
  elapsed: 'All by start and end',
  'without hours': 'All without their hours',
  feet: 'Their climbs were in feet',
  'without climb': 'All without their climbs',
  'by track': 'All by their tracks',
  'with the gap': 'Their gaps were ridden',
};

/** What a rider can say of a ride held back, the likeliest first. */
export function decisionsOf(
  { mends, asItIs }: Doubt,
  units: Units,
): { value: Decision; label: string }[] {
  return [
    ...mends.map((mend) => ({ value: mend.how, label: MENDS[mend.how](mend.ride, units) })),
    ...(asItIs ? [{ value: 'as it is', label: 'Add it as it is' } as const] : []),
    { value: 'leave out', label: 'Leave it out' },
  ];
}
