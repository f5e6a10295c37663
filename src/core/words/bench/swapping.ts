import type { Chain } from '../../records/garage';
import type { Said } from './said';

/** Putting the chain that came off away. */
export const rest = (salted: boolean): Said => ({
  what: salted
    ? 'Rinse the salt off this chain and dry it. Then put it away with its name on.'
    : 'Wipe this chain, and put it away dry, with its name on and its lube still in it.',
  why: 'A wet or bare chain rusts in the drawer. If it is dirty, clean it before it goes back on.',
});

/** Taking the other chain: of the same length, or it does not go on. */
export function exchange(
  next: { name: string; links: number; closure: Chain['closure'] },
  links: number,
): Said {
  const own = next.closure === 'reusable link' ? ' and its own link' : '';
  if (next.links !== links)
    return {
      what: `Take ${next.name}${own}, and count its links. The log says ${next.links}, and ${links} of the chain that came off.`,
      why: 'Too short a chain tears the derailleur off on the largest ring and cog. If the counts differ, a workshop can tell.',
    };
  return {
    what: `Take ${next.name}${own}. Count that it has ${links} links, like the one that came off.`,
    why:
      next.closure === 'reusable link'
        ? 'Compare by counting, not side by side: a worn chain is longer with the same links.'
        : 'Compare by counting. Have the new link or pin of its make ready.',
  };
}

/** What the first ride after a swap tells. */
export const firstMetres = (derailleur: boolean): Pick<Said, 'why'> => ({
  why: `Ride the first metres seated${derailleur ? ', through the gears you use' : ''}: a chain that skips under load does not go with these cogs.`,
});
