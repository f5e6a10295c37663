import { coatOf } from '../care/model/work';
import type { Personal } from '../care/model/personal';
import { handbookCandidates, ownOf, type Candidate } from './candidate';
import { coatDose } from '../lube/dose';
import type { Schools } from '../lube/schools';
import type { Product } from '../records/product';
import { costOf } from '../shelf/stock';
import { undercoatOf } from '../shelf/use';

/**
 * The lubes to choose from: the bottles on the shelf, and the classes of which there is none. `learnt`
 * tells what is known of a lube, by bottle or class, on the bike.
 */
export function candidatesOf(
  products: Readonly<Record<string, Product>>,
  coat: { links: number; ebike: boolean; dropsPerMl: number; schools: Schools },
  learnt: (lube: string) => Personal,
): Candidate[] {
  const bottles = Object.values(products).flatMap((p): Candidate[] => {
    if (p.retired || p.lubeClass === null) return [];
    const { ml } = coatDose(coat, p.lubeClass);
    const { id, name, lubeClass, setHours } = p;
    const under = undercoatOf(products, lubeClass, coat.schools.products);
    const used = [p, ...(under ? [under] : [])];
    const { lifeKm } = coatOf(products, {
      lube: { lubeClass, coat: 1, wiped: true },
      used: used.map((u) => ({ productId: u.id, amount: ml })),
    });
    const costs = used.map((u) => costOf(u, ml));
    const costPerCoat = costs.reduce((a, b) => (a === null || b === null ? null : a + b));
    const own = ownOf(learnt(id));
    return [{ id, name, lubeClass, lifeKm, setHours, own, costPerCoat, owned: true }];
  });
  const owned = new Set(bottles.map((b) => b.lubeClass));
  return [...bottles, ...handbookCandidates(learnt).filter((c) => !owned.has(c.lubeClass))];
}
