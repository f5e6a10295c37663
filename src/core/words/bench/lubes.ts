import type { LubeClass } from '../../lube/classes';

/** When a coat of a class is wiped. */
export const WIPE_WHEN: Record<LubeClass, string> = {
  wet: 'at once to 30 min',
  'heavy wet': 'at once to 30 min',
  dry: '10 to 30 min',
  'all-weather': '10 min',
  'drip wax': 'not wiped',
  'hot wax': 'not wiped; the first ride sheds flakes',
  'plant-based': 'at once to 30 min',
  'light oil': 'at once',
};

/** A class of lube in one line. */
export const CHARACTER: Record<LubeClass, string> = {
  wet: 'Long life, holds in rain; black and gritty in dust.',
  'heavy wet': 'For e-bikes and days of rain; gathers the most road.',
  dry: 'Runs clean, quiet and quick; short life, hopeless in rain.',
  'all-weather': 'Between wet and dry in everything.',
  'drip wax': 'Very clean; needs a stripped chain and time to set.',
  'hot wax': 'Longest and cleanest; needs a pot and planning.',
  'plant-based': 'Gentle on nature; picks up the most dirt.',
  'light oil': 'Household oil: better than nothing, soon gone.',
};
