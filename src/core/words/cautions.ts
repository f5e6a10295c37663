import type { CautionName } from '../bench/cautions';

const SENTENCES: Record<CautionName, string> = {
  motor: 'Motor off, battery out, and no water at the contacts.',
  'driven cranks':
    'On this bike the cranks drive the wheel: never hold a rag or brush on a running chain. Work on it standing still, a stretch at a time, or take it off.',
  fingers:
    'Fingers, rags and sleeves away from turning chain, cogs and spokes. Hold the rag well before the cogs, turn slowly, stop between moves.',
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
  air: 'Compressed air: eye protection on, away from faces and from bearings, and no paint shop pressure.',
  rim: 'Keep lube off rims and brake blocks. If some lands there, wipe it off with alcohol and test the brake.',
  battery: 'Dry contacts, and the battery locked in, before you ride.',
  tension: 'Unload the chain before you open it and hold both ends: under tension it whips.',
};

/** What may hurt, said at the step where it may. */
export const sayCaution = (name: CautionName): string => SENTENCES[name];
