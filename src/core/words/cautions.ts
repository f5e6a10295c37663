import type { CautionName } from '../bench/cautions';

const SENTENCES: Record<CautionName, string> = {
  motor: 'Switch the motor off, take the battery out, and keep water off the contacts.',
  'driven cranks':
    'On this bike the cranks drive the wheel: never hold a rag or brush on a running chain. Work on it standing still, a stretch at a time, or take it off.',
  fingers:
    'Keep fingers, rags and sleeves away from turning chain, cogs and spokes. Hold the rag well before the cogs, turn slowly, stop between moves.',
  solvent:
    'Wear gloves and eye protection, in fresh air, away from flames and sparks. Petrol and other fuels are not for cleaning. Never mix cleaners. The label and its data sheet come first.',
  rotor:
    'Keep degreaser, lube and spray off rotor and pads. Oiled pads are replaced; clean the rotor and test the brake before you ride. If it stays weak, a workshop must see it.',
  jar: 'A closed jar needs headspace, venting and a label. Keep it away from heat, and never use a drinks bottle.',
  waste:
    'Put used solvent and oily rags into a sealed container, by local waste rules. They never go into the drain or the washing machine. Spread rags out to dry outdoors.',
  'hot wax':
    'Hot wax and hot water scald, and wax can catch fire. Use a pot with a thermostat, no open flame, and a dry chain. Keep the lid at hand, and never leave it alone.',
  'hot water':
    'Hot water scalds. Pour it away from hands and feet, off tyre and rotor, onto a floor that may get wet.',
  lever:
    'With the wheel out, keep your hands off the brake lever, or the pistons come out. A spacer between the pads keeps them.',
  'closes once':
    'This chain closes only once. Have a new link or pin at hand before you open it. A used one can let go.',
  air: 'With compressed air wear eye protection, point it away from faces and from bearings, and never use paint shop pressure.',
  rim: 'Keep lube off rims and brake blocks. If some lands there, wipe it off with alcohol and test the brake.',
  battery: 'Dry the contacts and lock the battery in before you ride.',
  tension: 'Unload the chain before you open it and hold both ends: under tension it whips.',
};

/** What may hurt, said at the step where it may. */
export const sayCaution = (name: CautionName): string => SENTENCES[name];
