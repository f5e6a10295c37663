import { closesAs, cranksDrive, type Job } from '../bench/job';
import type { Trouble } from '../bench/trouble';

export interface Help {
  title: string;
  steps: readonly string[];
}

const HELP: Record<Trouble, (job: Job) => Help> = {
  'stiff link': (job) => ({
    title: 'A stiff link',
    steps: [
      job.bike.gear === 'derailleur' && !cranksDrive(job)
        ? 'Turn slowly backwards and watch the jockey wheels: where the chain hops, there it is. Mark it.'
        : 'Move the chain on slowly by hand and watch where it leaves the ring: where it stands up, there it is. Mark it.',
      'Take it between two hands and bend it sideways, a little to each side, until it moves like its neighbours.',
      'Has a pin moved in its plate? Replace the link or the chain, or go to a workshop. A pin pushed back can let go under load.',
    ],
  }),
  'oil on the rotor': (job) => ({
    title: 'Degreaser or oil on the rotor',
    steps: [
      job.workshop.schools.rotor === 'alcohol'
        ? 'Let the rotor cool. Alcohol or brake cleaner on a clean rag, off seals and paint, no flame; a fresh patch each pass.'
        : 'Let the rotor cool. Wash it with soapy water, rinse, dry with a clean rag.',
      'Pads that got oil are replaced: it does not come out again.',
      'Test the brake upright and at walking pace. If it stays weak, a workshop must see it before you ride.',
    ],
  }),
  'single-use link opened': () => ({
    title: 'A link that closes once was opened',
    steps: [
      'It is not closed again: it can let go under load.',
      'Put in a new link or pin of the right speeds and make.',
      'If there is none at hand, the bike stays off the road until there is one.',
    ],
  }),
  'wrong side of the tab': (job) => ({
    title: 'The chain is on the wrong side of the tab',
    steps: [
      'Look at the cage from the side: the chain must run inside the small tab between the jockey wheels.',
      closesAs(job).closure === 'reusable link'
        ? 'Open the quick link again, draw the chain back, lay it inside the tab, close it.'
        : 'Leave the closure shut: it closes only once. Undo the lower jockey wheel’s bolt, swing the cage plate aside, lay the chain inside, and bolt it again.',
      'Not sure of the cage? Do not ride: a workshop does it in minutes.',
    ],
  }),
  'will not come clean': (job) => ({
    title: 'The chain will not come clean',
    steps: [
      'A chain can always get cleaner. When a second round changes nothing, stop: the pass mark is your standard, not white.',
      cranksDrive(job)
        ? 'If it matters, go one deeper next time: take the chain off and bathe it.'
        : 'If it matters, go one deeper next time: a scrubber instead of a brush, baths instead of a scrubber.',
    ],
  }),
  'ran out of lube': (job) => ({
    title: 'The bottle ran out half way',
    steps: [
      job.chain.closure.endsWith('link')
        ? 'Note where you stopped: the quick link marks the start of the lap.'
        : 'Note where you stopped, counted from where you began.',
      'Another bottle of the same class may finish it. Another class: wipe, and start a new coat with it.',
      'How much of the chain has its coat?',
    ],
  }),
  'rain starts': () => ({
    title: 'Rain starts',
    steps: [
      'Take bike or chain under a roof. Towel it: lube does not stick to water.',
      'If the coat was on and had not set, wipe, let it dry, and put on another.',
      'If there is no roof, leave it bare and dry, and lube it before you ride.',
    ],
  }),
};

/** What to do when something goes wrong at the bench; afterwards the work goes on where it was. */
export const helpWith = (trouble: Trouble, job: Job): Help => HELP[trouble](job);
