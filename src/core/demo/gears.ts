import { Chance } from '../chance/chance';
import type { Bike } from '../records/garage';
import type { RideLogged } from '../records/event';
import { gearMap } from '../watts/gears';

/** How a ride’s time lies over the cogs of each ring: the middle of it, as a share of the cassette, and how wide. */
const HABITS = [
  { share: 0.78, middle: 0.45, wide: 0.22 },
  { share: 0.22, middle: 0.6, wide: 0.25 },
] as const;

/** Minutes in each gear of a ride of so many hours, as a recorder of electronic gears tells them. */
export function gearsOf(bike: Bike, hours: number, seed: number): RideLogged['gears'] {
  const map = gearMap(bike);
  if (!map) return undefined;
  const chance = new Chance(seed, 53);
  const ridden = map.gears.flatMap((row, r) => {
    const { share, middle, wide } = HABITS[r] ?? HABITS[1];
    const weights = row.map((_, c) => {
      const off = (c / (row.length - 1) - middle) / wide;
      return Math.exp(-(off ** 2) / 2) * (0.7 + 0.6 * chance.uniform());
    });
    const all = weights.reduce((a, b) => a + b, 0);
    return row.map(({ ring, cog }, c): [number, number, number] => {
      const minutes = (hours * 60 * share * weights[c]!) / all;
      return [ring, cog, Math.round(minutes * 10) / 10];
    });
  });
  return ridden.filter(([, , minutes]) => minutes > 0);
}
