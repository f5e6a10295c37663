/** How clean a rider wants it, strictest first; what each allows is a constant of the care model. */
export const STANDARD_NAMES = ['immaculate', 'tidy', 'easy-going'] as const;
export type Standard = (typeof STANDARD_NAMES)[number];
