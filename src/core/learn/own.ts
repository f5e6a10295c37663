import { GRID, type Belief, type Likelihood } from './belief';

/** What is known of one case, beyond what is believed of all. */
interface Known {
  /** Log-normal noise from case to case. */
  noise: number;
  /** It lies above this. */
  above: number;
  /** An observation that is in the belief already and is not to count twice. */
  without: Likelihood | null;
  /** How likely what was seen of this very case is, by its own factor. */
  seen: Likelihood;
}

/** Returns the factor below which one case lies with a probability `p`, by what was seen of it: exact to a step of the grid's tenth. */
export function ownQuantile({ shares }: Belief, p: number, known: Known): number {
  const { noise, above, without, seen } = known;
  const step = (GRID[1] as number) - (GRID[0] as number);
  const kernel = GRID.map((_, n) => Math.exp(-0.5 * ((n * step) / noise) ** 2));
  const lowest = Math.log(above);
  const own = GRID.map((ln, m) => {
    if (ln < lowest) return 0;
    let sum = 0;
    for (let n = 0; n < GRID.length; n++)
      sum += ((shares[n] as number) / (without?.[n] ?? 1)) * (kernel[Math.abs(m - n)] as number);
    return sum * (seen[m] as number);
  });
  const wanted = p * own.reduce((sum, w) => sum + w, 0);
  let below = 0;
  for (let m = 0; m < own.length; m++) {
    const w = own[m] as number;
    if (below + w >= wanted && w > 0)
      return Math.max(above, Math.exp((GRID[m] as number) + ((wanted - below) / w - 0.5) * step));
    below += w;
  }
  return Math.max(above, 1);
}

/** How likely a figure with a normal error is, up to a constant. */
export const normalFit = (off: number, sd: number): number => Math.exp(-0.5 * (off / sd) ** 2) / sd;
