import { GRID, type Belief } from './belief';

/** A point of the curve of a belief: the factor on the handbook, and how much is believed of it. */
export interface CurvePoint {
  factor: number;
  /** Density over the factor's logarithm, of the prior's greatest. */
  height: number;
}

/** The curve of a belief for drawing beside a prior: both on the prior's scale, ends left out. */
export function curveOf(belief: Belief, prior: Belief, reach = 3): CurvePoint[] {
  const most = Math.max(...prior.shares);
  const points: CurvePoint[] = [];
  for (const [n, ln] of GRID.entries())
    if (Math.abs(ln) <= Math.log(reach))
      points.push({ factor: Math.exp(ln), height: (belief.shares[n] as number) / most });
  return points;
}
