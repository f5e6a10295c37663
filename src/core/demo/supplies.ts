import type { CleanMethod } from '../records/kinds';
import type { WorkDone } from '../records/event';
import type { LubeClass } from '../lube/classes';
import { bathUseMl } from '../shelf/stock';
import { SHELF } from './island';

/** What the island's rider takes off the shelf for a job: a coat, degreaser or solvent, a rag. */
export function usedFor(method: CleanMethod, lubeClass: LubeClass): WorkDone['used'] {
  const bottle = Object.values(SHELF).find((p) => p.lubeClass === lubeClass);
  const used = [{ productId: SHELF.rags.id, amount: 1 }];
  if (bottle) used.push({ productId: bottle.id, amount: COAT_ML });
  if (method === 'baths' || method === 'brush' || method === 'scrubber')
    used.push({
      productId: SHELF.degreaser.id,
      amount: method === 'baths' ? bathUseMl(3, 150, SHELF.degreaser.dilution, true) : 60,
    });
  if (method === 'solvent wipe') used.push({ productId: SHELF.solvent.id, amount: 10 });
  return used;
}

/** A drop a link at 25 drops a ml. */
const COAT_ML = 4.5;
