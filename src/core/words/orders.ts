import type { ClockName } from '../care/verdict/clocks';
import { isWax, type LubeClass } from '../lube/classes';

/** What a clock asks for in a word: oil is lubed, wax is waxed; the outside is wiped, the inside cleaned. */
export function orderFor(
  clock: ClockName,
  lube: LubeClass | null,
): 'Lube' | 'Wax' | 'Wipe' | 'Clean' {
  if (clock === 'outside') return 'Wipe';
  if (clock === 'inside') return 'Clean';
  return lube !== null && isWax(lube) ? 'Wax' : 'Lube';
}
