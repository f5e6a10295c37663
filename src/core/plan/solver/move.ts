import { below, COGS, FILM, FILMS, GRITS, INSIDE, OUTSIDE, part, STATES } from './grid';

// Bundlers reach across modules by a look-up each time: what loops use lies here.
const films = FILMS;
const grits = GRITS;
const [outsides, insides, cogses] = [OUTSIDE.length, INSIDE.length, COGS.length];
/** From a grit point to the one of the same grit inside and on the cogs with the next more outside. */
const next = insides * cogses;

/**
 * Where every grit point goes, and what becomes of every film: the two do not depend on one another. Nor does where
 * grit outside and on the cogs goes depend on grit inside, so that a pair of those is placed once for all its insides.
 */
export class Move {
  readonly film = new Float64Array(FILMS);
  /** Of each pair: the grit point below it, with nothing inside, and how far it lies to the next outside and cogs. */
  readonly at = new Int32Array(outsides * cogses);
  readonly outside = new Float64Array(outsides * cogses);
  readonly cogs = new Float64Array(outsides * cogses);
  /** Of each grit point: the point inside below it, and how far it lies to the next. */
  readonly insideAt = new Int32Array(GRITS);
  readonly inside = new Float64Array(GRITS);

  /** Places grit outside and on the cogs for the pair of the oth outside and the cth cogs. */
  setPair(o: number, c: number, outside: number, cogs: number): void {
    const pair = o * cogses + c;
    const no = below(OUTSIDE, outside);
    const nc = below(COGS, cogs);
    this.at[pair] = no * next + nc;
    this.outside[pair] = part(OUTSIDE, no, outside);
    this.cogs[pair] = part(COGS, nc, cogs);
  }

  /** Places grit inside for a grit point. */
  setInside(g: number, inside: number): void {
    const n = below(INSIDE, inside);
    this.insideAt[g] = n;
    this.inside[g] = part(INSIDE, n, inside);
  }
}

/**
 * The values of a coat (from `base` on) where films lead from each of its states, written to `out`; grit stays what it
 * is.
 */
export function standingValues(
  values: Float64Array,
  base: number,
  film: Float64Array,
  out: Float64Array,
): void {
  for (let f = 0; f < films; f++) {
    if (isAsBefore(film, f)) continue;
    const at = below(FILM, film[f] as number);
    const share = part(FILM, at, film[f] as number);
    const low = base + at * grits;
    for (let g = 0; g < grits; g++) {
      const a = values[low + g] as number;
      out[f * grits + g] = a + ((values[low + grits + g] as number) - a) * share;
    }
  }
  fillAlike(film, out);
}

/** Whether a film leads where the one below it does: a long ride leaves nothing of half of them. */
const isAsBefore = (film: Float64Array, f: number): boolean => f > 0 && film[f] === film[f - 1];

/** Gives films that lead where the one below them does its values. */
function fillAlike(film: Float64Array, out: Float64Array): void {
  for (let f = 1; f < films; f++)
    if (isAsBefore(film, f)) out.copyWithin(f * grits, (f - 1) * grits, f * grits);
}

const blended = new Float64Array(STATES);
/** Values of one pair and film, by grit inside. */
const row = new Float64Array(insides);

/** The values of a coat (from `base` on) where a move leads from each of its states, written to `out`. */
export function movedValues(
  values: Float64Array,
  base: number,
  move: Move,
  out: Float64Array,
): void {
  const { insideAt, inside, film } = move;
  standingValues(values, base, film, blended);
  for (let pair = 0; pair < outsides * cogses; pair++) {
    const so = move.outside[pair] as number;
    const sc = move.cogs[pair] as number;
    const [w0, w1, w2, w3] = [(1 - so) * (1 - sc), (1 - so) * sc, so * (1 - sc), so * sc];
    const first = Math.floor(pair / cogses) * next + (pair % cogses);
    for (let f = 0; f < films; f++) {
      if (isAsBefore(film, f)) continue;
      let k = f * grits + (move.at[pair] as number);
      for (let i = 0; i < insides; i++, k += cogses)
        row[i] =
          w0 * (blended[k] as number) +
          w1 * (blended[k + 1] as number) +
          w2 * (blended[k + next] as number) +
          w3 * (blended[k + next + 1] as number);
      const end = first + next;
      for (let g = first; g < end; g += cogses) {
        const i = insideAt[g] as number;
        const a = row[i] as number;
        out[f * grits + g] = a + ((row[i + 1] as number) - a) * (inside[g] as number);
      }
    }
  }
  fillAlike(film, out);
}
