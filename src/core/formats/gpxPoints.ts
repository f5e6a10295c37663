import type { TrackPoint } from '../track/summary';
import { xmlHeight, xmlMoment, xmlNumber } from './xml';

/** A text of GPX without the points that were taken out of it; where a run of them stood there is a mark with its number. */
export interface PlainPoints {
  rest: string;
  runs: TrackPoint[][];
}

/** The element that stands for a run of points. */
export const RUN = 'run-of-points';

/** Sensors in a point that a pattern follows: of very many it would run out of room to go back. */
const MOST = 40;
const BLANKS = '[ \\t\\r\\n]*';
/** What needs no second look: neither markup nor a sign that XML forbids. */
const TEXT = "[ \\t\\r\\n!-%'-;=?-~]*";
const FIGURES = '[-+.0-9Ee]*';
/** A name that means nothing to the reader of a track, wherever it stands. */
const name = (group: string) =>
  `<(?!(?:[\\w.-]*:)?(?:gpx|rte|trk|trkseg|trkpt)>)(?<${group}>[A-Za-z_][\\w:.-]*)>`;
const leaf = (group: string) => `${name(group)}${TEXT}</\\k<${group}>>${BLANKS}`;
const branch = `${name('branch')}${BLANKS}(?:${leaf('inner')}){1,${MOST}}</\\k<branch>>${BLANKS}`;

/** A point as nearly all recorders write it: a place, a height, a moment, what sensors told. */
const PLAIN_POINT = new RegExp(
  `<trkpt lat="(${FIGURES})" lon="(${FIGURES})">${BLANKS}` +
    `(?:<ele>(${FIGURES})</ele>${BLANKS})?` +
    `(?:<time>([-+.:0-9TZ]*)</time>${BLANKS})?` +
    `(?:<extensions>${BLANKS}(?:${leaf('outer')}|${branch}){0,${MOST}}</extensions>${BLANKS})?` +
    `</trkpt>${BLANKS}`,
  'y',
);

/**
 * Takes the points out of a text that are written so plainly that a pattern knows them to be well formed, at most so
 * many; all else, points with anything unusual among it, is left to the reader of XML, which takes twice as long for a point. Null:
 * the text has comments or other markup in which a point would be none, or our own mark.
 */
export function takePlainPoints(text: string, most: number): PlainPoints | null {
  if (text.includes('<!') || text.includes(RUN)) return null;
  const runs: TrackPoint[][] = [];
  const rest: string[] = [];
  let from = 0;
  let taken = 0;
  let at = text.indexOf('<trkpt');
  while (at >= 0 && taken < most) {
    const { run, end } = runAt(text, at, most - taken);
    if (run.length > 0) {
      rest.push(text.slice(from, at), `<${RUN} n="${runs.length}"/>`);
      runs.push(run);
      taken += run.length;
      from = end;
    }
    at = text.indexOf('<trkpt', Math.max(end, at + 1));
  }
  rest.push(text.slice(from));
  return { rest: rest.join(''), runs };
}

/** The plain points that follow each other from a place on. */
function runAt(text: string, start: number, most: number): { run: TrackPoint[]; end: number } {
  const run: TrackPoint[] = [];
  let end = start;
  while (run.length < most) {
    PLAIN_POINT.lastIndex = end;
    const found = PLAIN_POINT.exec(text);
    if (!found) break;
    end = PLAIN_POINT.lastIndex;
    const [, lat, lon, height, moment] = found;
    run.push({
      lat: xmlNumber(lat),
      lon: xmlNumber(lon),
      at: moment === undefined ? null : xmlMoment(moment),
      elevationM: height === undefined ? null : xmlHeight(height),
    });
  }
  return { run, end };
}
