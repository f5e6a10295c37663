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
