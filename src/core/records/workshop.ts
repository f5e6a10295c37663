/** What a rider may have at hand. */
export const TOOLS = [
  'stand',
  'scrubber',
  'brushes',
  'chain keeper',
  'air',
  'link pliers',
  'new link',
  'pot',
] as const;
export type Tool = (typeof TOOLS)[number];

export const WATERS = ['hose', 'bottle', 'none'] as const;
export type Water = (typeof WATERS)[number];

/** Where practitioners disagree about the work itself, with the default first. */
export const BENCH_SCHOOLS = {
  where: ['lower run', 'top of the cog', 'ring to derailleur', 'both runs'],
  wipeAfter: ['by class', 'only what looks wet', 'at once', 'next morning', 'not at all'],
  chainOff: ['deep only', 'never'],
  washOrder: ['degreaser first', 'drivetrain last'],
  rotor: ['alcohol', 'soapy water'],
  pivots: ['a drop', 'chain only'],
  newChain: ['by lube', 'strip', 'wipe'],
} as const;
export type BenchSchoolName = keyof typeof BENCH_SCHOOLS;
export type BenchSchools = { [K in BenchSchoolName]: (typeof BENCH_SCHOOLS)[K][number] };

/** How a rider works: what they own and how they do it. */
export interface Workshop {
  tools: Tool[];
  water: Water;
  outdoors: boolean;
  schools: BenchSchools;
}

export const USUAL_WORKSHOP: Workshop = {
  tools: ['brushes'],
  water: 'bottle',
  outdoors: false,
  schools: {
    where: 'lower run',
    wipeAfter: 'by class',
    chainOff: 'deep only',
    washOrder: 'degreaser first',
    rotor: 'alcohol',
    pivots: 'a drop',
    newChain: 'by lube',
  },
};
