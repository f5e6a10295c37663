import type { Act } from '../../bench/acts';

const LINES: Partial<Record<Act, string>> = {
  'battery out': 'Motor off and battery out first; it goes back in when you are done.',
  'hang up': 'Bike in the stand, rear wheel free.',
  'turn over':
    'No stand: turn it over on saddle and bars. Set down again, pull each brake lever until it bites.',
  'move on by hand': 'The cranks drive the wheel on this bike: move it on by the pedal, slowly.',
};

/** How the bike is got ready for a step, line by line, by what is done in it. */
export const gettingReady = (acts: readonly Act[]): string[] =>
  acts.flatMap((act) => LINES[act] ?? []);
