import { CARE, OWN, type Constant } from '../care/model/constants';

/** What a trial reckons with before it has seen a coat. */
export const TRIAL = {
  coatSigma: {
    value: 0.25,
    unit: 'log-normal sigma of a coat’s kilometres or dirt, weather taken out',
    source: OWN,
    spread: '0.15 to 0.4',
  },
  coatSigmaSigma: {
    value: 0.35,
    unit: 'log-normal sigma of that sigma from rider to rider',
    source: OWN,
    spread: '0.25 to 0.5',
  },
  waySigma: {
    value: 0.3,
    unit: 'log-normal sigma of the difference two ways make',
    source: OWN,
    spread: '0.15 to 0.4',
  },
  productSigma: {
    value: 0.4,
    unit: 'log-normal sigma of the difference of two bottles from their handbook',
    source: `${OWN}: two lives, 0.28 each`,
    spread: '0.3 to 0.6',
  },
  oddCoats: {
    value: CARE.noteMeansNothing.value,
    unit: 'share of coats whose end has another reason',
    source: OWN,
    spread: CARE.noteMeansNothing.spread,
  },
  oddTimes: { value: 3, unit: 'times the sigma of such a coat', source: OWN, spread: '2 to 5' },
} as const satisfies Record<string, Constant>;

/** What is believed before the first coat: plain numbers, so that a check may believe otherwise. */
export interface Prior {
  /** Sigma of the logarithm of the ratio of the two. */
  ratioSigma: number;
  /** Points of a coat's own sigma, and how much each is believed. */
  sigmas: readonly { sigma: number; share: number }[];
  oddShare: number;
}

/** Points at even steps of a normal from −2 to 2, with their shares. */
const STEPS = [-2, -4 / 3, -2 / 3, 0, 2 / 3, 4 / 3, 2];

/** So many sigmas at most is the handbook's own difference of two lubes: else it would settle a trial before its first coat. */
const MOST_BY_HANDBOOK = 1.3;

/**
 * What is believed before a trial of two ways, or of two products; `offset`: the logarithm of the ratio their handbooks have,
 * which is believed the less, the larger it is.
 */
export function priorOf(kind: 'way' | 'product' | 'own', offset = 0): Prior {
  const weights = STEPS.map((z) => Math.exp(-0.5 * z * z));
  const all = weights.reduce((a, b) => a + b, 0);
  return {
    ratioSigma: Math.max(
      kind === 'product' ? TRIAL.productSigma.value : TRIAL.waySigma.value,
      Math.abs(offset) / MOST_BY_HANDBOOK,
    ),
    sigmas: STEPS.map((z, n) => ({
      sigma: TRIAL.coatSigma.value * Math.exp(z * TRIAL.coatSigmaSigma.value),
      share: (weights[n] as number) / all,
    })),
    oddShare: TRIAL.oddCoats.value,
  };
}
