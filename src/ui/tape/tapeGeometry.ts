import { withRoom } from './chalks';
import { CARE, STANDARDS } from '@/core/care/model/constants';
import type { AheadPoint } from '@/core/care/verdict/lookAhead';
import type { ChainReport } from '@/core/care/verdict/report';
import type { StepInFull } from '@/core/care/replay/step';
import type { Verdict } from '@/core/care/verdict/verdict';
import type { LubeClass } from '@/core/lube/classes';
import { formatDistance } from '@/core/units/format';
import type { Units } from '@/core/units/convert';
import { orderFor } from '@/core/words/orders';
import { ticks } from './ticks';
import { weaveOf, type Weave } from './weave';

/** Heights of the drawing in px, from the top: film, the tape itself, grit. */
export const TAPE = {
  height: 262,
  filmTop: 18,
  filmBottom: 96,
  bandTop: 104,
  bandBottom: 148,
  gritTop: 156,
  gritBottom: 240,
} as const;

export interface TapeView {
  widthPx: number;
  /** Kilometres across the drawing. */
  spanKm: number;
  /** Kilometres from now at the left edge; negative is ridden. */
  leftKm: number;
  units: Units;
}

export interface TapeShapes {
  nowX: number;
  ticks: { x: number; label: string | null }[];
  stitches: { id: string; from: number; to: number; weave: Weave; salted: boolean }[];
  pins: { id: string; x: number; lubed: boolean }[];
  film: { past: string; ahead: string; spread: string; limitY: number };
  outside: { past: string; ahead: string; limitY: number };
  inside: { past: string; ahead: string };
  /** Where the next jobs fall, as far as the drawing goes. */
  chalks: { x: number; label: string }[];
  /** Where the lube will meet its reserve and dirt the rider's standard; null: nothing to come is in sight. */
  lubeDue: Meeting | null;
  dirtDue: Meeting | null;
  /** Rides to come, paler than those ridden. */
  toCome: { from: number; to: number }[];
}

/** A line of the tape meeting its limit. */
export interface Meeting {
  x: number;
  y: number;
  label: string;
  /** It lies beyond the right edge, where only its words stand. */
  beyond: boolean;
}

export interface TapeInput {
  /** Steps of one chain in order of time. */
  steps: readonly StepInFull[];
  /** The chain's distance now, km. */
  nowKm: number;
  film: number;
  outside: number;
  inside: number;
  verdict: Verdict;
  lube: LubeClass | null;
  outsideLimit: number;
  insideLimit: number;
  filmLimit: number;
  /** What is planned; without a plan nothing, or the verdict's own mark. */
  planned: Planned;
}

/** What is planned on a bike, km from now: jobs, and rides from one distance to another. */
export interface Planned {
  chalks: readonly Chalk[];
  rides: readonly { from: number; to: number }[];
}

/** A job to come: km from now, and what it is in a word. */
export interface Chalk {
  km: number;
  label: string;
}

/** Grit beyond this is drawn as this: no standard lets it get that far. */
const GRIT_SHOWN = 0.75;

/** What the tape draws of a chain. */
export const tapeInputOf = (
  report: ChainReport,
  steps: readonly StepInFull[],
  planned: Planned,
): TapeInput => ({
  steps,
  nowKm: report.state.km,
  film: report.state.film,
  outside: report.state.outside,
  inside: report.state.inside,
  verdict: report.verdict,
  lube: report.state.lube,
  outsideLimit: STANDARDS[report.limits.standard].outside,
  insideLimit: STANDARDS[report.limits.standard].inside,
  filmLimit: CARE.reserve.value,
  planned,
});

/** How far the future is drawn beyond the later of lube and dirt. */
const BEYOND_KM = 60;

/** Km ahead that a chain's tape reaches. */
export const reachKm = ({ lube, dirt }: Verdict): number =>
  Math.max(lube.km?.high ?? 0, dirt.km?.high ?? 0) + BEYOND_KM;

/** Everything the tape draws, in px. Pure, so that it can be tested without a screen. */
export function tapeGeometry(input: TapeInput, view: TapeView): TapeShapes {
  const x = (km: number) => ((km - view.leftKm) / view.spanKm) * view.widthPx;
  const past = pastOf(input, view, x);
  const ahead = aheadOf(input, x);
  const lubeDue = meeting(input, 'lube', view, x);
  return {
    nowX: x(0),
    ticks: ticks(view, x),
    stitches: past.stitches.filter((s) => onView(s.from, s.to, view)),
    pins: past.pins.filter((p) => onView(p.x, p.x, view)),
    film: { past: line(past.film), ...ahead.film, limitY: filmY(input.filmLimit) },
    outside: {
      past: hanging(past.outside),
      ahead: ahead.outside,
      limitY: gritY(input.outsideLimit),
    },
    inside: { past: hanging(past.inside), ahead: ahead.inside },
    toCome: input.planned.rides
      .map(({ from, to }) => ({ from: x(from), to: x(to) }))
      .filter((r) => onView(r.from, r.to, view)),
    lubeDue,
    dirtDue: meeting(input, 'dirt', view, x),
    chalks: withRoom(
      input.planned.chalks
        .map(({ km, label }) => ({ x: x(km), label }))
        .filter((chalk) => chalk.x >= 0 && chalk.x <= view.widthPx),
      lubeDue,
    ),
  };
}

type Point = readonly [number, number];
type Across = (km: number) => number;

const filmY = (film: number) => TAPE.filmBottom - film * (TAPE.filmBottom - TAPE.filmTop);
const gritY = (grit: number) =>
  TAPE.gritTop + (Math.min(grit, GRIT_SHOWN) / GRIT_SHOWN) * (TAPE.gritBottom - TAPE.gritTop);

/** Where the way ahead meets a limit, with the distance in words. */
function meeting(
  { verdict, lube, outsideLimit, insideLimit, filmLimit }: TapeInput,
  question: 'lube' | 'dirt',
  { units, widthPx }: TapeView,
  x: Across,
): Meeting | null {
  const { km, beyondHorizon, clock } = verdict[question];
  if (km === null || beyondHorizon) return null;
  const word = orderFor(clock, lube).toLowerCase();
  const y =
    question === 'lube' ? filmY(filmLimit) : gritY(clock === 'inside' ? insideLimit : outsideLimit);
  const at = x(km.mid);
  return { x: at, y, label: `${word} in ${formatDistance(km.mid, units)}`, beyond: at > widthPx };
}

/** What has been: lines of film and grit, rides and work. */
function pastOf({ steps, nowKm, film, outside, inside }: TapeInput, view: TapeView, x: Across) {
  const past = {
    film: [] as Point[],
    outside: [] as Point[],
    inside: [] as Point[],
    stitches: [] as TapeShapes['stitches'],
    pins: [] as TapeShapes['pins'],
  };
  const addPoint = (km: number, state: Pick<TapeInput, 'film' | 'outside' | 'inside'>) => {
    past.film.push([x(km), filmY(state.film)]);
    past.outside.push([x(km), gritY(state.outside)]);
    past.inside.push([x(km), gritY(state.inside)]);
  };
  const isInView = inView(view, nowKm);
  for (const { before, after, event, sky } of steps) {
    // Of twenty years of riding all but the last weeks lie beyond the edge.
    if (!after || !isInView((before ?? after).km, after.km)) continue;
    for (const state of before ? [before, after] : [after]) addPoint(state.km - nowKm, state);
    const to = x(after.km - nowKm);
    if (event.type === 'rideLogged' && before) {
      const weave = weaveOf(event, sky);
      const salted = sky?.salted ?? event.salted;
      past.stitches.push({ id: event.id, from: x(before.km - nowKm), to, weave, salted });
    } else if (event.type === 'workDone') {
      past.pins.push({ id: event.id, x: to, lubed: event.lube !== null });
    }
  }
  addPoint(0, { film, outside, inside });
  return past;
}

/** What is to be expected: the middle, and of the film half of all futures. */
function aheadOf({ verdict }: TapeInput, x: Across) {
  const endKm = reachKm(verdict);
  const drawn = (points: readonly AheadPoint[], y: (p: AheadPoint) => number): Point[] =>
    points.filter((p) => p.km <= endKm).map((p) => [x(p.km), y(p)]);
  const { low, mid, high } = verdict.ahead;
  const film = (p: AheadPoint) => filmY(p.film);
  return {
    film: {
      ahead: line(drawn(mid.points, film)),
      spread: area([...drawn(high.points, film), ...drawn(low.points, film).reverse()]),
    },
    outside: hanging(drawn(mid.points, (p) => gritY(p.outside))),
    inside: hanging(drawn(mid.points, (p) => gritY(p.inside))),
  };
}

const round = (n: number) => Math.round(n * 10) / 10;
const points = (list: readonly Point[]) => list.map(([px, py]) => `${round(px)} ${round(py)}`);
const line = (list: readonly Point[]): string => (list.length ? `M${points(list).join('L')}` : '');
const area = (list: readonly Point[]): string => (list.length ? `${line(list)}Z` : '');

/** An area that hangs from the top of the grit scale. */
function hanging(list: readonly Point[]): string {
  const first = list[0];
  const last = list.at(-1);
  if (!first || !last) return '';
  return area([[first[0], TAPE.gritTop], ...list, [last[0], TAPE.gritTop]]);
}

/** Whether a stretch of a chain's kilometres reaches the view, with some px to spare. */
function inView({ leftKm, spanKm, widthPx }: TapeView, nowKm: number) {
  const spare = (EDGE_PX / widthPx) * spanKm;
  const [least, most] = [nowKm + leftKm - spare, nowKm + leftKm + spanKm + spare];
  return (from: number, to: number): boolean => to >= least && from <= most;
}

const EDGE_PX = 40;
const onView = (from: number, to: number, view: TapeView) =>
  to >= -EDGE_PX && from <= view.widthPx + EDGE_PX;
