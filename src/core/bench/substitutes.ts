import type { Tool } from '../records/workshop';
import type { InHand } from '../words/bench/said';
import { owns, type Job } from './job';

/** How well a thing serves in place of another: as well, if one minds something, or never. */
export type Grade = 'fine' | 'with care' | 'never';

/** Something that serves in place of a tool, or must not. Common practice; the minutes are own estimates. */
export interface Substitute {
  use: string;
  instead: string;
  grade: Grade;
  /** Minutes more it takes a job. */
  minutes: number;
  /** What to mind, or what it does. */
  note: string;
}

/** What a kitchen or a drawer has, and what never comes near a bike. */
export const SUBSTITUTES = [
  {
    use: 'Looped towel or old sock',
    instead: 'workshop rags',
    grade: 'fine',
    minutes: 0,
    note: 'Bites better than a smooth cloth.',
  },
  {
    use: 'Toothbrush',
    instead: 'a chain brush',
    grade: 'fine',
    minutes: 2,
    note: 'Reaches between the plates; short life.',
  },
  {
    use: 'Paint brush',
    instead: 'a degreaser brush',
    grade: 'fine',
    minutes: 0,
    note: 'Cut the bristles short, so that it presses.',
  },
  {
    use: 'Kitchen brush',
    instead: 'a cassette brush',
    grade: 'fine',
    minutes: 1,
    note: 'Never back to the kitchen.',
  },
  {
    use: 'Pipe cleaner',
    instead: 'a cassette floss',
    grade: 'fine',
    minutes: 3,
    note: 'Two or three a cassette.',
  },
  {
    use: 'Shirt hem or shoelace',
    instead: 'a cassette floss',
    grade: 'fine',
    minutes: 2,
    note: 'Cranks still while it is between the cogs.',
  },
  {
    use: 'Shower cap or plastic bag',
    instead: 'a rotor cover',
    grade: 'fine',
    minutes: 0,
    note: 'Off again before the wheel turns.',
  },
  {
    use: 'Washing-up gloves',
    instead: 'workshop gloves',
    grade: 'fine',
    minutes: 0,
    note: 'Loose ones catch: fold the cuffs.',
  },
  {
    use: 'Bent wire or string',
    instead: 'a chain hook',
    grade: 'fine',
    minutes: 0,
    note: 'On both sides of the link, so that it hangs slack.',
  },
  {
    use: 'Bottle and kitchen sieve',
    instead: 'a jar with a lid',
    grade: 'with care',
    minutes: 3,
    note: 'Label it, and never drink from it again. Leave a third empty.',
  },
  {
    use: 'Dish soap and water',
    instead: 'degreaser',
    grade: 'with care',
    minutes: 5,
    note: 'Rinse it off well and dry the chain: it draws water in.',
  },
  {
    use: 'Wall',
    instead: 'a work stand',
    grade: 'with care',
    minutes: 3,
    note: 'Turn its chain side towards you, and do nothing that needs the wheel to turn forwards.',
  },
  {
    use: 'Upside down on a cloth',
    instead: 'a work stand',
    grade: 'with care',
    minutes: 3,
    note: 'Hydraulic brakes are tested upright before the ride.',
  },
  {
    use: 'Two small pairs of pliers',
    instead: 'quick-link pliers',
    grade: 'with care',
    minutes: 3,
    note: 'They scratch and slip.',
  },
  {
    use: 'Paper towels',
    instead: 'a lint-free cloth on wax',
    grade: 'never',
    minutes: 0,
    note: 'They leave lint in the wax.',
  },
  {
    use: 'Spray can',
    instead: 'a rag with solvent, near a rotor',
    grade: 'never',
    minutes: 0,
    note: 'The mist ruins the brake.',
  },
  {
    use: 'Rust remover or any acid',
    instead: 'degreaser',
    grade: 'never',
    minutes: 0,
    note: 'It makes the chain’s steel brittle.',
  },
  {
    use: 'Petrol or other fuels',
    instead: 'degreaser',
    grade: 'never',
    minutes: 0,
    note: 'They catch fire and harm you.',
  },
  {
    use: 'Dishwasher',
    instead: 'baths',
    grade: 'never',
    minutes: 0,
    note: 'Caustic, and afterwards on your plates.',
  },
  {
    use: 'Cooking pot',
    instead: 'a thermostat pot',
    grade: 'never',
    minutes: 0,
    note: 'Wax overheats and catches fire; the pot is spoilt for food.',
  },
  {
    use: 'Cooking oil or grease',
    instead: 'chain lube',
    grade: 'never',
    minutes: 0,
    note: 'It gums up and holds grit.',
  },
] as const satisfies readonly Substitute[];

/** Tools of a step that something else stands in for, and what the workshop calls them. */
const STANDS_IN = {
  'a chain brush': 'brushes',
  'a degreaser brush': 'brushes',
  'a cassette brush': 'brushes',
  'quick-link pliers': 'link pliers',
} as const satisfies Partial<Record<(typeof SUBSTITUTES)[number]['instead'], Tool>>;

/** Returns the tool where the rider owns it, else the first thing in the table that serves in its place. */
export function inHand(job: Job, tool: keyof typeof STANDS_IN): InHand {
  const name = tool.replace(/^a |^quick-/, '');
  const instead = SUBSTITUTES.find((s) => s.instead === tool);
  return owns(job, STANDS_IN[tool]) || !instead
    ? { name, standsIn: false, minutes: 0 }
    : { name: instead.use.toLowerCase(), standsIn: true, minutes: instead.minutes };
}

export const GRADES: readonly Grade[] = ['fine', 'with care', 'never'];
