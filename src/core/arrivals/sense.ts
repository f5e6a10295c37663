import type { RideFromFile } from '../formats/rideFromFile';
import { LONGEST_RIDE_KM } from '../records/kinds';
import { KM_PER_MILE, M_PER_FOOT } from '../units/convert';

/** What is odd about a ride of a file. */
export type Oddity =
  | 'too fast'
  | 'walking pace'
  | 'very long'
  | 'very short'
  | 'many hours'
  | 'steep'
  | 'two distances'
  | 'gap'
  | 'unknown sport'
  | 'at the same time';

/** A way to mend a doubtful ride: how, and the ride it makes. */
export interface Mend {
  how:
    | 'in miles'
    | 'in km'
    | 'in metres'
    | 'minutes'
    | 'hours'
    | 'elapsed'
    | 'without hours'
    | 'feet'
    | 'without climb'
    | 'by track'
    | 'with the gap';
  ride: RideFromFile;
}

/** Why a ride is held back, and what would mend it. `asItIs`: it may be added unmended. */
export interface Doubt {
  odd: Oddity[];
  mends: Mend[];
  asItIs: boolean;
}

/** Average speeds of a bicycle ride, km/h: outside it is asked about; beyond the last ones the log takes no ride. Own choices. */
const SLOW = 7;
const FAST = 45;
const SLOWEST = 1;
const FASTEST = 90;
/** What a mended figure must come to, km/h. */
const USUAL_SLOW = 9;
const USUAL_FAST = 40;
/** Longer than most rides ever get, and shorter than a ride, km. Own choices. */
const LONG_KM = 400;
const SHORT_KM = 0.5;
const LONG_H = 24;
/** More hours the log takes in no ride. */
const MOST_H = 72;
/** Metres up a kilometre that hardly any ride has from start to end, over so many km at least. Own choice. */
const STEEP_M_PER_KM = 35;
const STEEP_FROM_KM = 2;
const MOST_CLIMB_M = 10_000;
/** Recorder and track part by more than this share: it is asked about; by the smaller it is said. */
const ASK_FROM = 0.1;
const SAY_FROM = 0.03;
/** A gap is asked about from here on, km and share of the ride. Own choices. */
const GAP_KM = 2;
const GAP_SHARE = 0.03;

const speedOf = (km: number, hours: number | null): number | null =>
  hours === null ? null : km / hours;
const within = (value: number | null, low: number, high: number): boolean =>
  value !== null && value >= low && value <= high;

/**
 * How far the recorder's distance and the track's part, as a share; 0: there is one of them only, or the track lacks what
 * can be ridden while it had no place.
 */
function partBy({ distanceKm, trackKm, unplacedH }: RideFromFile): number {
  if (trackKm === null) return 0;
  const more = distanceKm - trackKm;
  const explained = more > 0 && more <= unplacedH * FAST;
  return explained ? 0 : Math.abs(distanceKm / trackKm - 1);
}

/** Whether recorder and track part by so much that it is said, and so little that the recorder is taken. */
export const disagrees = (ride: RideFromFile): boolean => partBy(ride) > SAY_FROM;

/** What is odd about a ride's own figures; empty: nothing. */
export function odditiesOf(ride: RideFromFile): Oddity[] {
  const { distanceKm: km, movingH, elapsedH, climbM, gapKm, sportUnknown } = ride;
  // A day out with long stops is slow from start to end, and yet a ride.
  const [fastest, slowest] = [speedOf(km, movingH ?? elapsedH), speedOf(km, movingH)];
  const known: [Oddity, boolean][] = [
    ['too fast', fastest !== null && fastest > FAST],
    ['walking pace', slowest !== null && slowest < SLOW],
    ['very long', km > LONG_KM],
    ['very short', km < SHORT_KM],
    ['many hours', Math.max(movingH ?? 0, elapsedH ?? 0) > LONG_H],
    ['steep', isSteep(km, climbM)],
    ['two distances', partBy(ride) > ASK_FROM],
    ['gap', gapKm >= Math.max(GAP_KM, km * GAP_SHARE)],
    ['unknown sport', sportUnknown],
  ];
  return known.filter(([, is]) => is).map(([odd]) => odd);
}

const isSteep = (km: number, climbM: number | null): boolean =>
  climbM !== null &&
  (climbM > MOST_CLIMB_M || (km >= STEEP_FROM_KM && climbM / km > STEEP_M_PER_KM));

/** The ways to mend what is odd that leave a ride with nothing, or less, odd about it. */
export function mendsOf(ride: RideFromFile, odd: readonly Oddity[]): Mend[] {
  const { distanceKm: km, movingH, elapsedH, climbM, trackKm, gapKm } = ride;
  const speedIsOdd = odd.includes('too fast') || odd.includes('walking pace');
  const lengthIsOdd = speedIsOdd || odd.includes('very long') || odd.includes('very short');
  const far = (how: Mend['how'], distanceKm: number, isOne: boolean): Mend[] =>
    isOne ? [{ how, ride: { ...ride, distanceKm, trackKm: null, gapKm: 0 } }] : [];
  const hours = (how: Mend['how'], value: number | null, isOne: boolean): Mend[] =>
    isOne && within(speedOf(km, value), USUAL_SLOW, USUAL_FAST) && value !== movingH
      ? [{ how, ride: { ...ride, movingH: value, elapsedH: longer(elapsedH, value) } }]
      : [];
  const isUsual = (distanceKm: number) =>
    distanceKm >= SHORT_KM &&
    distanceKm <= LONG_KM &&
    (movingH === null || within(distanceKm / movingH, USUAL_SLOW, USUAL_FAST));
  const plain = trackKm === null && ride.path === null && lengthIsOdd;
  const mends: Mend[] = [
    ...far('by track', trackKm ?? km, odd.includes('two distances')),
    ...far('with the gap', km + gapKm, odd.includes('gap')),
    ...far(
      'in miles',
      km * KM_PER_MILE,
      plain && isUsual(km * KM_PER_MILE) && odd.includes('walking pace'),
    ),
    ...far(
      'in km',
      km / KM_PER_MILE,
      plain && isUsual(km / KM_PER_MILE) && !odd.includes('walking pace'),
    ),
    ...far('in metres', km / 1000, plain && isUsual(km / 1000)),
    ...hours('minutes', movingH === null ? null : movingH / 60, speedIsOdd),
    ...hours('hours', movingH === null ? null : movingH * 60, speedIsOdd),
    ...hours('elapsed', elapsedH, speedIsOdd),
    ...(speedIsOdd || odd.includes('many hours')
      ? [{ how: 'without hours', ride: { ...ride, movingH: null, elapsedH: null } } as const]
      : []),
    ...(odd.includes('steep') && climbM !== null
      ? [
          { how: 'feet', ride: { ...ride, climbM: Math.round(climbM * M_PER_FOOT) } } as const,
          { how: 'without climb', ride: { ...ride, climbM: null } } as const,
        ]
      : []),
  ];
  return mends.filter((mend) => odditiesOf(mend.ride).length < odd.length);
}

/** A ride takes at least as long as it is ridden. */
const longer = (elapsedH: number | null, movingH: number | null): number | null =>
  elapsedH === null || movingH === null ? elapsedH : Math.max(elapsedH, movingH);

/** Whether the log takes a ride of these figures at all: the bounds of the form. */
export function isTakeable({ distanceKm, movingH, climbM }: RideFromFile): boolean {
  const speed = speedOf(distanceKm, movingH);
  return (
    distanceKm <= LONGEST_RIDE_KM &&
    (movingH === null || movingH <= MOST_H) &&
    (speed === null || within(speed, SLOWEST, FASTEST)) &&
    (climbM === null || climbM <= MOST_CLIMB_M * 3)
  );
}

/** What is doubtful about a ride; null: nothing. `more`: what its surroundings say against it. */
export function doubtOf(ride: RideFromFile, more: readonly Oddity[]): Doubt | null {
  const own = odditiesOf(ride);
  const odd = [...own, ...more];
  if (odd.length === 0) return null;
  const mends = mendsOf(ride, own).filter((mend) => isTakeable(mend.ride));
  return { odd, mends, asItIs: isTakeable(ride) };
}
