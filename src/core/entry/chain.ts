import type { Chain, Garage } from '../records/garage';
import { FormCheck, othersNames, readName, type FormResult } from './form';
import { readPrice, readWhole, readWholeIfAny } from './number';

/** A chain as it stands in the form. */
export interface ChainDraft extends Pick<Chain, 'closure' | 'directional'> {
  name: string;
  links: string;
  speeds: string;
  /** How often its maker lets the link be opened; empty: not known. */
  openingsAllowed: string;
  price: string;
}

export type ChainField = 'name' | 'links' | 'speeds' | 'openingsAllowed' | 'price';
export type ChainFields = Omit<Chain, 'id' | 'retired' | 'changedAt'>;

/** How often a link may be opened; null: its maker's word is not known. */
export const readOpenings = (text: string) => readWholeIfAny(text, 1, 100, 'openings/impossible');

/** Reads the form of a chain. */
export function readChain(
  draft: ChainDraft,
  garage: Garage,
  id: string,
): FormResult<ChainFields, ChainField> {
  const check = new FormCheck<ChainField>();
  const name = check.take('name', readName(draft.name, othersNames(garage.chains, id)));
  const links = check.take('links', readWhole(draft.links, 40, 250, 'links/impossible'));
  const speeds = check.take('speeds', readWhole(draft.speeds, 1, 14, 'speeds/impossible'));
  const openingsAllowed = check.take('openingsAllowed', readOpenings(draft.openingsAllowed));
  const price = check.take('price', readPrice(draft.price));
  if (
    name === undefined ||
    links === undefined ||
    speeds === undefined ||
    openingsAllowed === undefined ||
    price === undefined
  )
    return { ok: false, problems: check.problems };
  const { closure, directional } = draft;
  return { ok: true, value: { name, links, speeds, closure, openingsAllowed, directional, price } };
}
