import type { Chain, Garage } from '../garage';
import { FormCheck, othersNames, readName, type FormResult } from './form';
import { readWhole } from './number';

/** A chain as it stands in the form. */
export interface ChainDraft extends Pick<Chain, 'closure' | 'directional'> {
  name: string;
  links: string;
  speeds: string;
}

export type ChainField = 'name' | 'links' | 'speeds';
export type ChainFields = Omit<Chain, 'id' | 'retired' | 'changedAt'>;

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
  if (name === undefined || links === undefined || speeds === undefined)
    return { ok: false, problems: check.problems };
  const { closure, directional } = draft;
  return { ok: true, value: { name, links, speeds, closure, directional } };
}
