import type { Chain } from '../../garage';
import type { Said } from './said';

/** Putting the chain that came off away. */
export const rest = (salted: boolean): Said => ({
  what: salted
    ? 'Rinse the salt off this chain and dry it. Then put it away with its name on.'
    : 'Wipe this chain, and put it away dry, with its name on and its lube still in it.',
  why: 'A wet or bare chain rusts in the drawer. If it is dirty, clean it before it goes back on.',
});

/** Taking the other chain: of the same length, or it does not go on. */
export const exchange = (name: string, links: number, closure: Chain['closure']): Said => ({
  what: `Take ${name}. Count that it has ${links} links, like the one that came off.`,
  why:
    closure === 'reusable link'
      ? 'Compare by counting, not side by side: a worn chain is longer with the same links.'
      : 'Compare by counting. Have the new link or pin of its make ready.',
});
