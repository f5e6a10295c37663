import { leaningLinks, tightLinks } from '../chain/length';
import { fitOf } from '../chain/widths';
import type { Bike, Chain } from '../records/garage';
import { fail, type Result } from '../problem';
import { readOpenings } from './chain';
import { FormCheck, type FormResult } from './form';
import { readIfAny, readPrice, readWhole } from './number';

/** A chain out of its box, as it stands in the form. */
export interface NewChainDraft {
  links: string;
  speeds: string;
  closure: Chain['closure'];
  /** How often its maker lets the link be opened; empty: not known. */
  openingsAllowed: string;
  directional: boolean;
  /** Read on the bike before the first ride, %; empty: not measured. */
  baseline: string;
  price: string;
}

export type NewChainField = 'links' | 'speeds' | 'openingsAllowed' | 'baseline' | 'price';
export interface NewChainFields extends Pick<
  Chain,
  'links' | 'speeds' | 'closure' | 'openingsAllowed' | 'directional' | 'price'
> {
  wearPercent: number | null;
}

/** A new chain like another, as form text; that one's price is not the new one's. */
export const newChainDraft = (
  like: Pick<Chain, 'links' | 'speeds' | 'closure' | 'openingsAllowed' | 'directional'>,
): NewChainDraft => ({
  links: String(like.links),
  speeds: String(like.speeds),
  closure: like.closure,
  openingsAllowed: String(like.openingsAllowed ?? ''),
  directional: like.directional,
  baseline: '',
  price: '',
});

/** The shortest stay a bike may have where nobody measured, mm. */
const SHORTEST_STAY_MM = 300;
/** Most that a chain out of its box reads, %. Common practice: some read 0.1 to 0.2 %. */
const MOST_NEW_PERCENT = 0.5;

/** The fewest links that go round a bike at all. */
export function fewestLinks(bike: Bike): number {
  const drive = {
    chainstayMm: bike.chainstayMm ?? SHORTEST_STAY_MM,
    ring: Math.max(...bike.rings),
    cog: bike.largestCog,
  };
  return bike.gear === 'derailleur' ? leaningLinks(drive) : tightLinks(drive);
}

function readLinks(text: string, bike: Bike): Result<number> {
  const links = readWhole(text, 40, 250, 'links/impossible');
  if (!links.ok) return links;
  const fewest = fewestLinks(bike);
  return links.value < fewest ? fail('links/too-few', { fewest }) : links;
}

function readSpeeds(text: string, bike: Bike): Result<number> {
  const speeds = readWhole(text, 1, 14, 'speeds/impossible');
  if (!speeds.ok || bike.gear !== 'derailleur') return speeds;
  return fitOf(speeds.value, bike.speeds) === 'too wide'
    ? fail('speeds/too-wide', { cogs: bike.speeds })
    : speeds;
}

/** Reads the form of a new chain for a bike. */
export function readNewChain(
  draft: NewChainDraft,
  bike: Bike,
): FormResult<NewChainFields, NewChainField> {
  const check = new FormCheck<NewChainField>();
  const links = check.take('links', readLinks(draft.links, bike));
  const speeds = check.take('speeds', readSpeeds(draft.speeds, bike));
  const wearPercent = check.take('baseline', readIfAny(draft.baseline, 0, MOST_NEW_PERCENT));
  const openingsAllowed = check.take('openingsAllowed', readOpenings(draft.openingsAllowed));
  const price = check.take('price', readPrice(draft.price));
  if (
    links === undefined ||
    speeds === undefined ||
    openingsAllowed === undefined ||
    wearPercent === undefined ||
    price === undefined
  )
    return { ok: false, problems: check.problems };
  const { closure, directional } = draft;
  return {
    ok: true,
    value: { links, speeds, closure, openingsAllowed, directional, price, wearPercent },
  };
}
