import type { Bike, Chain } from '../../records/garage';
import { formatElongation } from '../../units/format';
import type { LookSaid } from './closing';
import type { Moving, Said } from './said';

/** Measuring the chain that goes, while it is still on: what it ran on wore with it. */
export const measureOld = (limit: number): Said => ({
  what: 'Hold the wheel, press the pedal lightly so that the old chain is straight, and measure its wear.',
  why: `From ${formatElongation(limit)} it is done, and the cogs have likely worn with it. Note the figure: we ask for it at the end.`,
});

/** What becomes of the chain that came off. */
export function restOld(
  becomes: 'kept' | 'worn',
  closure: Chain['closure'],
  salted: boolean,
): Said {
  const reusable = closure === 'reusable link';
  if (becomes === 'worn')
    return {
      what: 'Hang the old chain up as it is, and keep it until the new one has been ridden.',
      why: `Its links can be counted again, and if the new chain skips you can go back to it${reusable ? '' : ' with a new link or pin'}.`,
    };
  const clean = salted ? 'Rinse the salt off the old chain and dry it.' : 'Wipe the old chain.';
  return {
    what: `${clean} Put it away dry with its name on${reusable ? ', its link beside it' : ''}.`,
    why: reusable
      ? 'A wet or bare chain rusts in the drawer.'
      : 'It needs a new link or pin of its make to go on again.',
  };
}

/** Looking at the teeth the new chain is to run on. */
export const teeth = (several: boolean): LookSaid => ({
  what: `Look at ${several ? 'cogs and rings' : 'cog and ring'} from the side. Are the teeth even, none hooked or pointed?`,
  why: 'A new chain skips on worn teeth under load. The cogs you ride most wear first.',
  failWhy: `Fit a new ${several ? 'cassette or ring' : 'cog or ring'} with the chain, or ride the old one on. You can also go on and try it under load.`,
});

type Closing = Pick<Chain, 'links' | 'closure'>;

/** Links to count off the new chain: what closes it may be a link itself. */
const toCount = ({ links, closure }: Closing): number =>
  closure.endsWith('link') ? links - 1 : links;

const countOff = (closing: Closing): string =>
  closing.closure.endsWith('link')
    ? `count off ${toCount(closing)} links; the quick link makes ${closing.links}`
    : `count off ${closing.links} links`;

/** Trying the length before anything is cut. Common practice: an inch more than goes round both without the cage. */
export const tryLength = ({ gear, rings }: Pick<Bike, 'gear' | 'rings'>, closing: Closing): Said =>
  gear === 'derailleur'
    ? {
        what: `Take the new chain and ${countOff(closing)}. Lay it round the ${
          rings.length > 1 ? 'largest ring' : 'ring'
        } and the largest cog, not through the derailleur, and pull it snug. At least two links must be left over.`,
        why: 'Too short a chain can tear the derailleur off on that gear. If in doubt, leave two links more.',
      }
    : {
        what: `Take the new chain and ${countOff(closing)}. Lay it round ring and cog, the wheel in the front third of its slots.`,
        why: 'The ends must meet there, so that the wheel can be drawn back as the chain wears.',
      };

/** Cutting it, by what closes it. */
export function cut(closing: Closing): Said {
  const { closure } = closing;
  const ends =
    closure === 'connecting pin'
      ? 'so that one end is narrow and the other wide'
      : closure === 'not known'
        ? 'with the ends its maker’s closure asks for'
        : 'so that both ends are narrow';
  return {
    what: `If it is longer, press out the pin behind link ${toCount(closing)} with the chain tool, ${ends}. Then count once more.`,
    why: 'Wear eye protection: a pin can jump. What is cut off does not go back on without a link or pin, so count twice.',
  };
}

/** Taking the sticky coat off outside, and leaving what is inside. */
export const WIPE_GREASE: Said = {
  what: 'Pull the new chain through a rag with a little solvent until its outside no longer sticks.',
  why: 'The grease inside is a good first lube. Outside it only gathers dirt.',
};

const MOVED: Record<Moving, string> = {
  cranks: 'Turn the cranks slowly backwards',
  'by hand': 'Turn the cranks slowly',
  rolling: 'Roll the bike',
};

/** Every joint of a new chain bends, the one just closed above all. */
export const joints = (gear: Bike['gear'], moving: Moving): LookSaid => ({
  what: `${MOVED[moving]} and watch the chain run over the ${
    gear === 'derailleur' ? 'jockey wheels' : 'cog'
  } for one whole lap. Does every joint bend and lie straight again?`,
  why: 'A stiff link jumps there. It clicks once a lap and can skip under load.',
  failWhy: 'Bend the stiff joint sideways a little with both hands until it moves freely.',
});

export const BASELINE: Said = {
  what: 'Hold the wheel, press the pedal lightly, and measure the new chain at three places a third of a lap apart.',
  why: 'Some new chains already read 0.1 %. Without this reading that looks like wear. We ask for it at the end.',
};

/** Pressing hard where nobody can fall, before the road does. */
export const load = (derailleur: boolean, handBrake: boolean): LookSaid => ({
  what: `Stand beside the bike with its front wheel against a wall. ${
    handBrake ? 'Hold the rear brake' : 'Have someone hold the rear wheel'
  } and press the pedal down hard. Does the chain stay in the teeth?`,
  why: derailleur
    ? 'Try it again on the cogs you ride most. Foot and fingers away from chain and spokes.'
    : 'Foot and fingers away from chain and spokes.',
  failWhy:
    'A new chain that climbs the teeth skips when you stand on the pedals. Fit new cogs with it, or put the old chain back on.',
});

/** The ride that everything important waits for. */
export const firstRide = (gear: Bike['gear'], setMinutes: number): LookSaid => ({
  what: `${setMinutes >= 30 ? 'When the lube has set, ride' : 'Ride'} ten minutes near home, seated${
    gear === 'single' ? '' : ', through all gears'
  }, then harder. Did it run without a skip or a click?`,
  why: 'What is wrong with a new chain shows in the first minutes, and not in a race.',
  failWhy:
    'Ride it before anything important. Stop if it skips, and look at the link and the cogs.',
});
