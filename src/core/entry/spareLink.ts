import { closes } from '../chain/widths';
import type { Chain } from '../records/garage';
import { fail, type Result } from '../problem';
import { readWhole } from './number';

/** The speeds a spare link is made for, where it closes the chain. */
export function readSpareLink(text: string, { speeds }: Pick<Chain, 'speeds'>): Result<number> {
  const link = readWhole(text, 1, 14, 'speeds/impossible');
  if (!link.ok || closes(link.value, speeds)) return link;
  return fail('link/other-width', { link: link.value, chain: speeds });
}
