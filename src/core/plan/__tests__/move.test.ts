import fc from 'fast-check';
import { COGS, FILM, GRITS, INSIDE, OUTSIDE, STATES, gritIndex, valueAt } from '../solver/grid';
import { Move, movedValues, standingValues } from '../solver/move';

const share = fc.double({ min: 0, max: 1, noNaN: true });
const values = fc
  .array(fc.double({ min: 0, max: 90, noNaN: true }), { minLength: 40, maxLength: 40 })
  // Forty numbers over and over, of two coats: their period meets no axis of the grid.
  .map((some) => Float64Array.from({ length: 2 * STATES }, (_, n) => some[(n * 7) % 37] as number));

/** Films as rides of some length leave them: of the thinnest nothing. */
const filmLeft = (lost: number, kept: number) =>
  FILM.map((film) => Math.max(0, film * kept - lost));

/** Calls with each state of the grid and its index. */
function eachState(visit: (f: number, o: number, i: number, c: number, n: number) => void): void {
  for (let f = 0; f < FILM.length; f++)
    for (let o = 0; o < OUTSIDE.length; o++)
      for (let i = 0; i < INSIDE.length; i++)
        for (let c = 0; c < COGS.length; c++) visit(f, o, i, c, f * GRITS + gritIndex(o, i, c));
}

describe('the values where a move leads', () => {
  it('are those of the grid there, of films that end alike too', () => {
    fc.assert(
      fc.property(values, share, share, share, (all, lost, kept, left) => {
        const move = new Move();
        move.film.set(filmLeft(lost, kept));
        const outside = (o: number, c: number) =>
          1 - (1 - (OUTSIDE[o] as number)) * (1 - left * (COGS[c] as number));
        const inside = (i: number) => 1 - (1 - (INSIDE[i] as number)) * kept;
        const cogs = (c: number) => (COGS[c] as number) * left;
        OUTSIDE.forEach((_, o) =>
          COGS.forEach((__, c) => move.setPair(o, c, outside(o, c), cogs(c))),
        );
        eachState((f, _, i, __, n) => f === 0 && move.setInside(n, inside(i)));
        const moved = new Float64Array(STATES).fill(NaN);
        movedValues(all, STATES, move, moved);
        const stood = new Float64Array(STATES).fill(NaN);
        standingValues(all, STATES, move.film, stood);
        eachState((f, o, i, c, n) => {
          const film = move.film[f] as number;
          const grit = { o: outside(o, c), i: inside(i), c: cogs(c) };
          expect(moved[n]).toBeCloseTo(valueAt(all, STATES, film, grit), 9);
          const same = { o: OUTSIDE[o] as number, i: INSIDE[i] as number, c: COGS[c] as number };
          expect(stood[n]).toBeCloseTo(valueAt(all, STATES, film, same), 9);
        });
      }),
      { numRuns: 8 },
    );
  });
});
