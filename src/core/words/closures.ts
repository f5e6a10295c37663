import { CLOSURES } from '../records/kinds';
import type { Chain } from '../records/garage';

type Closure = Chain['closure'];

const LABEL: Record<Closure, string> = {
  'reusable link': 'Quick link, reusable',
  'single-use link': 'Quick link, one use',
  'connecting pin': 'Joining pin',
  'not known': 'Not known',
};

const HINT: Record<Closure, string> = {
  'reusable link': 'Opens and closes again. We count the openings.',
  'single-use link': 'Closes once. Take the chain off only with a new link at hand.',
  'connecting pin': 'Opened with a chain tool and closed with a new pin.',
  'not known': 'We count it as one that closes once, until you know.',
};

/** What may close a chain, to choose from. */
export const CLOSURE_OPTIONS: readonly { value: Closure; label: string; hint: string }[] =
  CLOSURES.map((value) => ({ value, label: LABEL[value], hint: HINT[value] }));

/** How to tell, in the order of looking. The maker's word decides. */
export const CLOSURE_CLUES: readonly string[] = [
  'Look along the chain for the one place that looks different.',
  'Two outer plates with a slot in each, often with a letter or arrow, are a quick link. One pin with a brighter or different head is a joining pin.',
  'Look up the marks on the link: its maker says whether it may be opened and closed again. A groove along the plate often marks one that may not.',
  'The number of speeds helps, but is no proof. A link that slides open by hand is worn, unless it is made to.',
  'Curved plates have a right way round. If you are not sure, choose “Not known”.',
];
