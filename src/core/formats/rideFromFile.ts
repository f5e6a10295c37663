import type { PathPoint } from '../logbook';
import { fail, ok, type Result } from '../problem';
import { summariseTrack, type TrackPoint } from '../track';
import { hasUnseen, tidy } from './tidy';
import { zoneAt } from './zone';

/** A ride as a file tells it. */
export interface RideFromFile {
  /** ISO instant. */
  startedAt: string;
  /** Zone of the place it started in; null where only the rider knows. */
  zone: string | null;
  distanceKm: number;
  movingH: number | null;
  /** The recorder's own distance differs from the track's by more than 3 %; the recorder's is taken. */
  disagrees: boolean;
  /** Its name held signs that cannot be seen or turn writing around; they were taken out. */
  cleaned: boolean;
  climbM: number | null;
  path: PathPoint[] | null;
  /** Ridden on the spot: no road, no weather. */
  indoors: boolean;
  name: string;
  clues: Clues;
}

/** What a file says of who recorded the ride and on what: from these the bike is known again. */
export interface Clues {
  device: string;
  sport: string;
  /** What the rider called the bike where it was recorded. */
  gear: string;
}

/** What a recorder says of a ride beside its track. */
export interface Recorded extends Clues {
  name: string;
  distanceKm: number | null;
  movingH: number | null;
  climbM: number | null;
  /** Used where there is no track. */
  startedAt: number | null;
  indoors: boolean;
}

export const NOTHING_RECORDED: Recorded = {
  device: '',
  sport: '',
  gear: '',
  name: '',
  distanceKm: null,
  movingH: null,
  climbM: null,
  startedAt: null,
  indoors: false,
};

/** The recorder's distance and the track's are one when they agree within this. */
const AGREES = 0.03;

/** Sports that turn no bicycle chain. */
const NOT_CYCLING =
  /run|walk|hik|swim|row|ski|skat|padd|kayak|yoga|strength|train(?!er)|soccer|golf/i;
const CYCLING = /cycl|bik|ride|spin/i;

/**
 * A ride of a track and of what its recorder says: the recorder's distance wins where it has one, and
 * their disagreement is reported. Without a track the recorder's figure is used.
 */
export function rideFrom(
  segments: readonly (readonly TrackPoint[])[],
  recorded: Recorded,
): Result<RideFromFile> {
  const { device, sport, gear, name, indoors } = recorded;
  if (NOT_CYCLING.test(sport) && !CYCLING.test(sport))
    return fail('track/not-cycling', { sport: sport.toLowerCase().slice(0, 40) });
  const clues = { device: tidy(device), sport: tidy(sport), gear: tidy(gear) };
  const summary = summariseTrack(segments);
  const recordedKm =
    recorded.distanceKm !== null && recorded.distanceKm > 0 ? recorded.distanceKm : null;
  if (!summary.ok) {
    if (recorded.startedAt === null || recordedKm === null) return summary;
    return ok({
      startedAt: new Date(recorded.startedAt).toISOString(),
      zone: null,
      distanceKm: recordedKm,
      movingH: recorded.movingH,
      disagrees: false,
      cleaned: hasUnseen(name),
      climbM: recorded.climbM,
      path: null,
      indoors,
      name: tidy(name),
      clues,
    });
  }
  const { startedAt, distanceKm, movingH, climbM, path } = summary.value;
  if (!isMoment(startedAt)) return fail('track/no-times');
  const [lat, lon] = path[0] ?? [0, 0];
  return ok({
    startedAt: new Date(startedAt).toISOString(),
    zone: zoneAt(lat, lon),
    distanceKm: recordedKm ?? distanceKm,
    movingH: movingH > 0 ? movingH : recorded.movingH,
    disagrees: recordedKm !== null && Math.abs(recordedKm / distanceKm - 1) > AGREES,
    cleaned: hasUnseen(name),
    climbM: recorded.climbM ?? climbM,
    path: indoors ? null : path,
    indoors,
    name: tidy(name),
    clues,
  });
}

const EARLIEST = Date.parse('1970-01-02T00:00:00Z');
const LATEST = Date.parse('2200-01-01T00:00:00Z');

/** A moment a ride can have, ms: not the year 30,000 of a spoilt file. */
export const isMoment = (ms: number): boolean => ms > EARLIEST && ms < LATEST;
