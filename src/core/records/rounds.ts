/** The slower rounds: what is looked after beside the chain, in the trade's words. */
export const ROUNDS = [
  'tyres',
  'brake pads',
  'rotors',
  'rims',
  'jockey bearings',
  'pivots',
  'cables',
  'bolts',
  'freehub',
  'cranks',
] as const;
export type Round = (typeof ROUNDS)[number];

/** How a round ended. */
export const ROUND_ENDS = ['fine', 'put right', 'workshop'] as const;
export type RoundEnd = (typeof ROUND_ENDS)[number];
