import { normalQuantile } from '../learn/belief';

/** Chance of a false alarm, both ways, and of finding what is there: the usual 5 % and 80 %. */
const FALSE_ALARM = 0.05;
const POWER = 0.8;

/**
 * Coats of each habit to see a difference by a share `careFor`, where the logarithm of a coat varies by `sigma`: the
 * usual size of a comparison of two means, n = 2 (1.96 + 0.84)² σ² / ln(1 + d)², rounded up.
 */
export function coatsNeeded(sigma: number, careFor: number): number {
  const z = normalQuantile(1 - FALSE_ALARM / 2) + normalQuantile(POWER);
  return Math.ceil((2 * z ** 2 * sigma ** 2) / Math.log(1 + careFor) ** 2);
}
