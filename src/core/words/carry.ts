import { allEvents } from '../logbook/chunks';
import type { Logbook } from '../logbook/logbook';
import { EMPTY_GARAGE } from '../garage/empty';
import { listed } from './counted';

/** Why the other device is read first. */
export const WHY_ASK =
  'The other device reads this screen with its camera, and nothing goes over a network. Let this camera read its code first: then only what it lacks is shown, which takes seconds.';

/** Six codes a second. */
const CODES_A_MINUTE = 360;
/** Longer than this is no way to carry a logbook. */
const LONG_MINUTES = 3;

/** "Code 34. About 120 are needed, whichever they are." */
export const codeLine = (number: number, needed: number): string =>
  `Code ${number}. About ${needed} are needed, whichever they are.`;

/** What a long run takes, and what is quicker; null: it is not long. */
export function longLine(needed: number): string | null {
  const minutes = Math.round(needed / CODES_A_MINUTE);
  return minutes < LONG_MINUTES
    ? null
    : `This takes about ${minutes} minutes. For so much a backup file from Files is quicker.`;
}

export const pieceLine = (number: number): string => `Code ${number} of the run`;

/** "84 of 120 codes read." */
export const cameLine = (have: number, need: number): string => `${have} of ${need} codes read.`;

export const NOTHING_LACKING = 'The other device has everything that is here.';
export const NO_LOGBOOK = 'What came is not a logbook. Let the other device show it again.';
export const WRONG_CODE =
  'That code says what the other device has. There, tap one of the buttons under “Show this logbook”.';
export const NO_ASK = 'That code does not say what a device has. Show all of it instead.';

/** What is on its way: "This shows 42 entries, and the garage." */
export function outgoingLine({ garage, log }: Logbook): string {
  const entries = allEvents(log).filter((event) => event.type !== 'weatherSeen').length;
  const parts = [
    ...(entries > 0 ? [entries === 1 ? '1 entry' : `${entries} entries`] : []),
    ...(garage === EMPTY_GARAGE ? [] : ['the garage and the shelf']),
  ];
  return parts.length > 0 ? `This shows ${listed(parts)}.` : 'This shows the settings.';
}

export const DEMO_CARRIED =
  'This is the demo. What you carry from here puts made-up rides into the other logbook.';
