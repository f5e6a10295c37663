/** Words of fault finding that stored records choose from. */

export const NOISES = [
  'squeak',
  'grind',
  'click',
  'creak',
  'rattle',
  'rub',
  'skip',
  'drops off',
  'shifts badly',
] as const;
export type Noise = (typeof NOISES)[number];

export const CAUSES = [
  'dry chain',
  'dirty chain',
  'rusted chain',
  'stiff link',
  'moved pin',
  'unseated link',
  'link wrong way',
  'wrong side of tab',
  'outside the stay',
  'reversed chain',
  'worn chain',
  'chain too long',
  'slack chain',
  'chain too short',
  'dirty jockey wheels',
  'dry jockey bearing',
  'dirty cogs',
  'packed ring',
  'worn cogs',
  'bad tooth',
  'out of index',
  'cage rubs',
  'limit screw',
  'lube not set',
  'dry freehub',
  'loose crank parts',
  'brake rubs',
  'oil on brake',
  'loose wheel',
  'wax flakes',
  'new chain settling',
] as const;
export type Cause = (typeof CAUSES)[number];

/** Causes that can throw the rider. */
export const UNSAFE_CAUSES = [
  'moved pin',
  'unseated link',
  'chain too short',
  'limit screw',
  'oil on brake',
  'loose wheel',
] as const satisfies readonly Cause[];

/** How a fault stands when it is written down. */
export const FAULT_STATES = ['put right', 'to do', 'workshop'] as const;
export type FaultState = (typeof FAULT_STATES)[number];

/** What became of it later: put right after all, or how the ride after that sounded. */
export const FOLLOWED = ['put right', 'gone', 'better', 'same', 'cannot tell'] as const;
export type Followed = (typeof FOLLOWED)[number];

export const SIDES = ['drive side', 'far side'] as const;

/** What is worth noting of a part before it is heard. */
export const NOTABLE = [
  'stiff link',
  'gritty upper jockey wheel',
  'gritty lower jockey wheel',
  'stiff upper jockey wheel',
  'stiff lower jockey wheel',
  'hooked teeth',
  'damaged tooth',
  'packed ring',
  'bent hanger',
  'rough freehub',
  'play in the cranks',
] as const;
export type Notable = (typeof NOTABLE)[number];
