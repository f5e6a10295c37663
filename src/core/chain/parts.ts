/** Parts of a full link: two plates inside, two outside, two pins, two rollers; two bushings more in the old build. Common practice. */
const PARTS = { bushingless: 8, bushings: 10 } as const;

/** Parts of a chain. 114 links are 57 full links: 456 parts, 570 with bushings (common practice). */
export const partsOf = (links: number, build: keyof typeof PARTS = 'bushingless'): number =>
  (links / 2) * PARTS[build];
