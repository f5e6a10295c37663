import type { PathPoint } from '../records/event';
import { fail, ok, type Result } from '../problem';
import { summariseTrack, type TrackPoint } from '../track/summary';
import { MS_PER_HOUR } from '../units/convert';
import type { GearTime } from './fitGears';
import { sportOf } from './sport';
import { hasUnseen, tidy } from './tidy';
import { zoneAt } from './zone';

/** A ride as a file tells it. */
export interface RideFromFile {
  /** ISO instant. */
  startedAt: string;
  /** Whether the file tells the time of day: a table may know the day only, which is then taken at noon. */
  timed: boolean;
  /** Zone of the place it started in; null where only the rider knows. */
  zone: string | null;
  distanceKm: number;
  /** What the track makes it where the recorder's own distance was taken; null: there is one of them only. */
  trackKm: number | null;
  /** Hours in which the track had no place: a recorder that counts the wheel's turns knows of a way there. */
  unplacedH: number;
  /** Km between points long and far apart that are not in the distance. */
  gapKm: number;
  movingH: number | null;
  /** From start to end, stops and pauses among them. */
  elapsedH: number | null;
  /** Its name held signs that cannot be seen or turn writing around; they were taken out. */
  cleaned: boolean;
  climbM: number | null;
  path: PathPoint[] | null;
  /** Time on each ring and cog; empty: nothing recorded them. */
  gears: GearTime[];
  /** Ridden on the spot: no road, no weather. */
  indoors: boolean;
  /** Ridden with a motor's help. */
  eBike: boolean;
  /** Its word for the sport is none known, of cycling or of anything else. */
  sportUnknown: boolean;
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
  elapsedH: number | null;
  climbM: number | null;
  /** Ms. Before the first point: the recorder ran and did not know yet where it was. */
  startedAt: number | null;
  timed: boolean;
  indoors: boolean;
  gears: GearTime[];
}

export const NOTHING_RECORDED: Recorded = {
  device: '',
  sport: '',
  gear: '',
  name: '',
  distanceKm: null,
  movingH: null,
  elapsedH: null,
  climbM: null,
  startedAt: null,
  timed: true,
  indoors: false,
  gears: [],
};

/** The recorder's moving time is taken where it is the track's within this share. */
const TIMES_AGREE = 0.1;
/** A recorder starts before its first point by so much at most. */
const LONGEST_SEARCH_MS = 6 * MS_PER_HOUR;

const above = (value: number | null): number | null => (value !== null && value > 0 ? value : null);

/**
 * A ride of a track and of what its recorder says: the recorder's distance wins where it has one, its moving time
 * where the track agrees. Without a track the recorder's figures are used.
 */
export function rideFrom(
  segments: readonly (readonly TrackPoint[])[],
  recorded: Recorded,
): Result<RideFromFile> {
  const { device, sport, gear, name } = recorded;
  const kind = sportOf(sport);
  if (kind === 'other') return notCycling(sport);
  const recordedKm = above(recorded.distanceKm);
  const said = {
    timed: recorded.timed,
    gears: recorded.gears,
    indoors: recorded.indoors || kind === 'indoors',
    eBike: kind === 'e-bike',
    sportUnknown: kind === 'unknown',
    cleaned: hasUnseen(name),
    name: tidy(name),
    clues: { device: tidy(device), sport: tidy(sport), gear: tidy(gear) },
  };
  const summary = summariseTrack(segments);
  if (!summary.ok) {
    if (recorded.startedAt === null || recordedKm === null) return summary;
    return ok({
      ...said,
      startedAt: new Date(recorded.startedAt).toISOString(),
      zone: null,
      distanceKm: recordedKm,
      trackKm: null,
      unplacedH: 0,
      gapKm: 0,
      movingH: above(recorded.movingH),
      elapsedH: above(recorded.elapsedH),
      climbM: recorded.climbM,
      path: null,
    });
  }
  const { distanceKm, gapKm, unplacedH, movingH, climbM, path, endedAt } = summary.value;
  const startedAt = startOf(summary.value.startedAt, recorded.startedAt);
  if (!isMoment(startedAt)) return fail('track/no-times');
  const [lat, lon] = path[0] ?? [0, 0];
  const own = above(recorded.movingH);
  const agree = own !== null && movingH > 0 && Math.abs(own / movingH - 1) <= TIMES_AGREE;
  return ok({
    ...said,
    startedAt: new Date(startedAt).toISOString(),
    // The roads of a room may lie anywhere.
    zone: said.indoors ? null : zoneAt(lat, lon),
    distanceKm: recordedKm ?? distanceKm,
    trackKm: recordedKm === null ? null : distanceKm,
    unplacedH,
    gapKm: recordedKm === null ? gapKm : 0,
    movingH: agree || movingH <= 0 ? own : movingH,
    elapsedH: above(recorded.elapsedH) ?? above((endedAt - startedAt) / MS_PER_HOUR),
    climbM: recorded.climbM ?? climbM,
    path: said.indoors ? null : path,
  });
}

/** What is no ride: of another sport, by the word for it. */
export const notCycling = (sport: string) =>
  fail('track/not-cycling', { sport: tidy(sport).toLowerCase().slice(0, 40) });

/** The recorder's start, where its track begins later because it was still looking for its place. */
const startOf = (track: number, recorder: number | null): number =>
  recorder !== null && recorder < track && track - recorder <= LONGEST_SEARCH_MS ? recorder : track;

const EARLIEST = Date.parse('1970-01-02T00:00:00Z');
const LATEST = Date.parse('2200-01-01T00:00:00Z');

/** A moment a ride can have, ms: not the year 30,000 of a spoilt file. */
export const isMoment = (ms: number): boolean => ms > EARLIEST && ms < LATEST;
