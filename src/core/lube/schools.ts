/** Where practitioners disagree on product and amount: the schools, with a default and its reason. */
export const SCHOOLS = {
  amount: ['drop', 'stream'],
  sides: ['fitting', 'one', 'both'],
  oldCoat: ['wipe', 'flush', 'clean'],
  waxInWet: ['model', 'never'],
  household: ['no', 'yes'],
  products: ['one', 'two'],
  between: ['solvent', 'degreaser'],
  degreaser: ['label', 'soap', 'any'],
} as const;

export type SchoolName = keyof typeof SCHOOLS;
export type Schools = { [K in SchoolName]: (typeof SCHOOLS)[K][number] };

export const DEFAULT_SCHOOLS: Schools = {
  amount: 'drop',
  sides: 'fitting',
  oldCoat: 'wipe',
  waxInWet: 'model',
  household: 'no',
  products: 'one',
  between: 'solvent',
  degreaser: 'label',
};
