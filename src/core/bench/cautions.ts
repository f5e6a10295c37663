import type { Bike, Chain } from '../records/garage';
import type { CleanMethod } from '../records/kinds';
import { cleanerFor } from '../shelf/use';

/** What may hurt someone or something at a piece of work. Labels and local rules come first, always. */
export type CautionName =
  | 'motor'
  | 'driven cranks'
  | 'fingers'
  | 'solvent'
  | 'rotor'
  | 'jar'
  | 'waste'
  | 'hot wax'
  | 'hot water'
  | 'lever'
  | 'closes once'
  | 'tension'
  | 'air'
  | 'rim'
  | 'battery';

const OFF_THE_BIKE: readonly CleanMethod[] = ['baths', 'soak', 'strip', 'wax reset'];
const ON_THE_BIKE: readonly CleanMethod[] = [
  'dry wipe',
  'solvent wipe',
  'degreaser wipe',
  'flush and wipe',
  'brush',
  'scrubber',
];

/** The cautions of a piece of work on this bike and chain, in the order they come up. */
export function cautionsFor(
  method: CleanMethod,
  lubed: boolean,
  bike: Bike | undefined,
  chain: Chain | undefined,
): CautionName[] {
  const offTheBike = OFF_THE_BIKE.includes(method);
  const onTheBike = ON_THE_BIKE.includes(method) || (method === 'none' && lubed);
  const degreaser = cleanerFor(method) !== null;
  const all: [CautionName, boolean][] = [
    ['motor', bike?.ebike === true],
    ['driven cranks', onTheBike && bike !== undefined && bike.drive !== 'freewheel'],
    ['fingers', onTheBike && bike?.drive === 'freewheel'],
    ['closes once', offTheBike && chain !== undefined && chain.closure !== 'reusable link'],
    ['tension', offTheBike],
    ['solvent', degreaser],
    ['rotor', bike?.brake.startsWith('disc') === true && (degreaser || lubed) && !offTheBike],
    ['jar', method === 'baths' || method === 'soak'],
    ['hot wax', method === 'wax reset'],
    ['waste', degreaser],
  ];
  return all.filter(([, applies]) => applies).map(([name]) => name);
}

/** Those that may hurt someone: acknowledged with a tap, the first time in a session. */
const HURTS: readonly CautionName[] = [
  'motor',
  'driven cranks',
  'fingers',
  'solvent',
  'rotor',
  'jar',
  'hot wax',
  'hot water',
  'lever',
  'closes once',
  'tension',
  'air',
];
export const mayHurt = (name: CautionName): boolean => HURTS.includes(name);
