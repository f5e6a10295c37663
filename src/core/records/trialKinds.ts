/** Words that trials choose from, apart from the shapes: whoever offers a choice need not load what validates. */

/** The two habits of a trial; and, of a coat put on otherwise, neither. */
export const ARMS = ['a', 'b'] as const;
export type Arm = (typeof ARMS)[number];
export const TRIED = [...ARMS, 'neither'] as const;
export type Tried = (typeof TRIED)[number];

/** The ways of lubing that can be tried against each other. */
export const TRIED_WAYS = ['where', 'wipeAfter', 'amount', 'sides', 'oldCoat'] as const;
export type TriedWay = (typeof TRIED_WAYS)[number];

/** What of each coat is measured: how far it goes before it squeaks, or how dark a rag is after some way. */
export const MEASURES = ['squeak', 'rag'] as const;
export type Measure = (typeof MEASURES)[number];
