import type { Act } from '../../bench/acts';

const LINES: Partial<Record<Act, string>> = {
  'battery out': 'Switch the motor off and take the battery out. Put it back in when you are done.',
  'hang up': 'Put the bike in the stand, rear wheel free.',
  'turn over':
    'Turn the bike over on saddle and bars. When it stands again, pull each brake lever until it bites.',
  'move on by hand': 'The cranks drive the wheel on this bike. Move it on slowly by the pedal.',
};

const GEARS_BY_BATTERY = 'If your gears need this battery, leave this step to a workshop.';

/** How the bike is got ready for a step, line by line, by what is done in it. */
export const gettingReady = (acts: readonly Act[]): string[] => [
  ...acts.flatMap((act) => LINES[act] ?? []),
  // What is pedalled here is shifted too.
  ...(acts.includes('battery out') && acts.includes('pedal forwards') ? [GEARS_BY_BATTERY] : []),
];
