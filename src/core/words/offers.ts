import type { BenchRefusal } from '../bench/job';
import type { Recommended } from '../bench/offer';

/** Why a depth cannot be done, and what to do instead. */
export const REFUSED: Record<BenchRefusal, string> = {
  'no new pin':
    'This chain closes with a pin that is used once: have a new pin at hand first, or clean it on the bike.',
  'no new link': 'This link opens once: have a new one at hand first, or clean it on the bike.',
  'chain stays on': 'You never take the chain off (a school): clean it on the bike.',
  'no scrubber': 'There is no scrubber among your tools.',
  'scrubber with driven cranks':
    'A scrubber runs the chain through it, and on this bike the cranks drive the wheel: use a brush, standing still.',
  'wax reset without wax': 'A wax reset ends with wax: choose drip wax or hot wax.',
  'no pot': 'Hot wax needs a pot with a thermostat, used for nothing else.',
  'factory grease stays':
    'The factory grease of a new chain is good under this lube: wipe the outside and ride (a school).',
  'wax at the roadside': 'Wax takes hours to set: at the roadside take the small bottle of oil.',
};

/** Why a depth is the one to begin with. */
export const RECOMMENDED: Record<Recommended['reason'], string> = {
  'only a noise':
    'A noise is the only complaint. Try the quick job first: it is nearly always enough.',
  shallowest: 'The shallowest work that will do for this chain.',
  'next that can': 'What would do cannot be done here: this is the next that can.',
};
