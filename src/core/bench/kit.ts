import { widthFor, type ChainWidth } from '../chain/widths';
import { rinsesOff } from '../choice/rules';
import type { Bike, Chain } from '../records/garage';
import type { LubeClass } from '../lube/classes';

/** A bike that goes out, the chain on it and what it is lubed with. */
export interface GoingOut {
  bike: Bike;
  chain: Chain;
  lube: LubeClass | null;
}

/** A spare link that goes along, and whom it is for. */
export interface SpareLink {
  /** Null: without a derailleur, by the width of the chain. */
  width: ChainWidth | null;
  bikes: string[];
  /** A link of the make, since none fits all of that count. */
  ofItsMake: boolean;
}

export interface Kit {
  links: SpareLink[];
  /** Bikes whose lube one shower takes off. */
  rinsed: { bike: string; lube: LubeClass }[];
}

/** From this many speeds links of one maker need not close another's chain. Common practice. */
const MAKES_DIFFER = 12;

/** What to carry for a broken link and for rain, for all bikes that go out. */
export function kitFor(bikes: readonly GoingOut[]): Kit {
  const links: SpareLink[] = [];
  for (const { bike, chain } of bikes) {
    const width = bike.gear === 'derailleur' ? widthFor(chain.speeds) : null;
    const same = links.find((l) => l.width === width);
    if (same) same.bikes.push(bike.name);
    else
      links.push({ width, bikes: [bike.name], ofItsMake: (width?.speeds[1] ?? 0) >= MAKES_DIFFER });
  }
  return {
    links,
    rinsed: bikes.flatMap(({ bike, lube }) =>
      lube && rinsesOff(lube) ? [{ bike: bike.name, lube }] : [],
    ),
  };
}
