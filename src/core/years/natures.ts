import type { Chance } from '../chance/chance';
import { normalQuantile } from '../learn/belief';

/**
 * As many standard normals as futures, one from each of as many equal shares of the distribution, in a drawn order (Latin
 * hypercube, McKay and others 1979, Technometrics 21:239): so few futures spread as widely as all would.
 */
export function evenNormals(count: number, chance: Chance): number[] {
  const drawn = Array.from({ length: count }, (_, n) => ({
    normal: normalQuantile((n + chance.uniform()) / count),
    order: chance.uniform(),
  }));
  return drawn.sort((a, b) => a.order - b.order).map(({ normal }) => normal);
}
