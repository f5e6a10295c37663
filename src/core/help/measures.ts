import type { NamedConstant } from '../words/constants';

/** What is said of a measure: what it means, how it is worked out, and which constants that rests on. */
export interface Measure {
  title: string;
  says: string;
  /** In words a rider can follow with a pencil. */
  formula: string;
  rests: readonly NamedConstant[];
}

/** Every measure with a “?” beside it. Formulas: docs/model.md. */
export const MEASURES = {
  film: {
    title: 'Lube left',
    says: 'This is the share of the coat’s life that is left. Distance, water and standing use it up. At 15 % we say to lube again: the last part goes fast, and a chain that runs dry wears quickly.',
    formula:
      'A ride takes its distance divided by the life of the coat, plus what the water on the chain washes off. Standing takes a share a week.',
    rests: ['reserve', 'lifeSigma', 'dirtyCoatPenalty', 'earlyRideFloor'],
  },
  outside: {
    title: 'Dirt outside',
    says: 'This is the dirt on plates and rollers, which a rag takes off. It does little harm where it is, but it works its way in.',
    formula:
      'Each kilometre adds dirt by the road and by how sticky the lube is, less the more there is already. Some comes back from dirty cogs.',
    rests: ['outsideScaleKm', 'cogTransfer', 'unwipedStickiness', 'gritSigma'],
  },
  inside: {
    title: 'Grit inside',
    says: 'This is the grit between pins and rollers. It is what wears the chain, and no rag reaches it: only cleaning takes it out.',
    formula:
      'It grows with the dirt outside and with the water that carries it in. Water that runs through takes a little out again.',
    rests: ['insideScaleKm', 'waterCarries', 'waterFlushes'],
  },
  cogs: {
    title: 'Dirt on cassette and rings',
    says: 'This dirt stays with the bike when the chain is changed. A clean chain on dirty cogs is soon dirty again, so both are cleaned together.',
    formula: 'It gathers at half the speed of the dirt outside, and is handed back to the chain.',
    rests: ['cogShare', 'cogTransfer'],
  },
  wear: {
    title: 'Chain wear',
    says: 'The plates do not stretch: the joints wear, and the chain grows longer. Past its limit it wears the cogs too, which cost more than a chain.',
    formula:
      'Each kilometre adds a little; grit, a dry coat, wet roads and salt multiply it. A reading with a checker or a ruler puts it right.',
    rests: ['wearPerKm', 'wearByGrit', 'wearByDryness', 'wearByWater', 'wearBySalt'],
  },
  watts: {
    title: 'Watts lost',
    says: 'This is the power the chain takes more than a clean and well lubed one, at 250 W of riding.',
    formula: 'Dirt outside, grit inside, dryness and wear each take their part; the parts add up.',
    rests: ['wattsOutside', 'wattsInside', 'wattsDry', 'wattsWear'],
  },
  water: {
    title: 'Water',
    says: 'A wet chain rusts, and lube does not stay on it. Wipe it dry after a wet ride, and lube it once it is dry.',
    formula:
      'It dries by itself in some hours, sooner in warm and dry air. A towel or blown air shortens it.',
    rests: ['dripHours', 'towelHours', 'airHours', 'rustHours', 'saltRust'],
  },
} as const satisfies Record<string, Measure>;

export type MeasureName = keyof typeof MEASURES;
