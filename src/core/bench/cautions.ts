import type { Bike, Chain } from '../garage';
import type { CleanMethod } from '../logbook';
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
  | 'tension';

const SENTENCES: Record<CautionName, string> = {
  motor: 'Motor off, battery out, and no water at the contacts.',
  'driven cranks':
    'On this bike the cranks drive the wheel: never hold a rag or brush on a running chain. Work on it standing still, a stretch at a time, or take it off.',
  fingers:
    'Fingers, rags and sleeves away from turning chain, cogs and spokes. Rag on the lower run, turn slowly, stop between moves.',
  solvent:
    'Gloves, eye protection, fresh air; no flame or spark. Petrol and other fuels are not for cleaning. Never mix cleaners. The label and its data sheet come first.',
  rotor:
    'Keep degreaser, lube and spray off rotor and pads. Oiled pads are replaced; clean the rotor and test the brake before you ride. If it stays weak: a workshop.',
  jar: 'A closed jar needs headspace and venting, no heat, a label, and is never a drinks bottle.',
  waste:
    'Used solvent and oily rags: sealed container and local waste rules, not the drain, not the washing machine. Spread rags out to dry outdoors.',
  'hot wax':
    'Hot wax and hot water scald, and wax can catch fire: a pot with a thermostat, no open flame, never left alone, the lid at hand, the chain dry.',
  'hot water':
    'Hot water scalds: pour away from hands and feet, off tyre and rotor, onto a floor that may get wet.',
  lever:
    'Wheel out: hands off the brake lever, or the pistons come out. A spacer between the pads keeps them.',
  'closes once':
    'This chain closes only once: have a new link or pin at hand before you open it. A used one can let go.',
  tension: 'Unload the chain before you open it and hold both ends: under tension it whips.',
};

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

export const sayCaution = (name: CautionName): string => SENTENCES[name];

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
];
export const mayHurt = (name: CautionName): boolean => HURTS.includes(name);
