import type { Standard } from '../../records/standards';

/**
 * Every constant of the care model, with its unit, where it comes from and how far it may be off.
 * "Fitted" means: set so that the model, run through rides and work, reproduces the facts of the trade
 * listed in docs/model.md. Shown to the rider under "Show working".
 */
export interface Constant {
  value: number;
  unit: string;
  source: string;
  /** Plausible range, or a log-normal sigma where the unit says so. */
  spread: string;
}

const constant = (value: number, unit: string, source: string, spread: string): Constant => ({
  value,
  unit,
  source,
  spread,
});

export const PRACTICE = 'common practice';
export const FITTED = 'fitted to common practice';
export const OWN = 'own estimate';

export const CARE = {
  lifeSigma: constant(0.35, 'log-normal sigma of a coat’s life', FITTED, '0.25 to 0.45'),
  gritSigma: constant(0.35, 'log-normal sigma of how fast grit comes', OWN, '0.25 to 0.45'),
  wearSigma: constant(0.35, 'log-normal sigma of wear', FITTED, '0.25 to 0.5'),
  dirtyCoatPenalty: constant(0.5, 'share of life lost when lubed at inside = 1', OWN, '0.3 to 0.7'),
  earlyRideFloor: constant(0.5, 'film left when ridden straight after lubing', OWN, '0.3 to 0.7'),
  outsideScaleKm: constant(536, 'km of clean road, stickiness 1', FITTED, '400 to 700'),
  wetStickiness: constant(
    1,
    'least stickiness for wet grit, which the water holds',
    FITTED,
    '0.6 to 1.3',
  ),
  cogShare: constant(0.5, 'speed at which cogs gather grit, of the chain’s', OWN, '0.3 to 0.7'),
  cogTransfer: constant(0.0042, 'share of the gap to the cogs handed back per km', FITTED, '±50 %'),
  unwipedStickiness: constant(1.6, 'times, when not wiped after lubing', OWN, '1.3 to 2'),
  insideScaleKm: constant(580, 'km at outside = 1', FITTED, '400 to 750'),
  wearPerKm: constant(0.028e-3, '% per km, clean and lubed', FITTED, '0.02e-3 to 0.04e-3'),
  wearByGrit: constant(
    9,
    'times more at inside = 1',
    `${PRACTICE}: 3, 5, 10 times faster`,
    '5 to 12',
  ),
  wearByWater: constant(0.9, 'times more on a wet road', FITTED, '0.5 to 1.3'),
  wearBySalt: constant(1.3, 'times, with salt', OWN, '1.1 to 1.6'),
  wearByRust: constant(1, 'times more at rust = 1, from where one inspects', OWN, '0.5 to 2'),
  wearByDryness: constant(2.45, 'times more when dry', FITTED, '1 to 3.5'),
  averageWearPerKm: constant(
    0.158e-3,
    '% per km, average care',
    `${PRACTICE}: 0.75 % at 4,750 km`,
    '±35 %',
  ),
  wattsOutside: constant(10, 'W at 250 W', `${PRACTICE}, from memory`, '7 to 12'),
  wattsInside: constant(4, 'W at 250 W', `${PRACTICE}, from memory`, '2 to 6'),
  wattsDry: constant(5, 'W at 250 W', `${PRACTICE}, from memory`, '3 to 7'),
  wattsWear: constant(3, 'W per % of wear', `${PRACTICE}: 1 to 2 W when worn`, '2 to 4'),
  sprayMmPerH: constant(0.5, 'mm of water an hour on a wet road at 25 km/h', OWN, '0.3 to 0.8'),
  sprayAtKmPerH: constant(25, 'km/h at which a wet road sprays so; by the square', OWN, '20 to 30'),
  shedsWaterH: constant(
    0.5,
    'h in which a running chain loses two thirds of its water',
    OWN,
    '0.25 to 1',
  ),
  dustGain: constant(0.6, 'times more dirt on loose ground after days of drought', OWN, '0.3 to 1'),
  guardShare: constant(0.6, 'share of the water that passes mudguards', OWN, '0.4 to 0.8'),
  caseWater: constant(0.15, 'share of the water that passes a full chain case', OWN, '0.05 to 0.3'),
  caseDirt: constant(0.2, 'share of the dirt that passes a full chain case', OWN, '0.1 to 0.4'),
  waterCarries: constant(
    1,
    'times more grit works in per mm of water on the chain',
    OWN,
    '0.4 to 1.6',
  ),
  waterFlushes: constant(
    0.03,
    'share of the grit inside washed out per mm of water that meets the chain',
    OWN,
    '0.01 to 0.06',
  ),
  ebikeLoad: constant(1.4, 'times the load of legs alone', OWN, '1.2 to 1.7'),
  reserve: constant(0.15, 'film at which to lube again', FITTED, '0.1 to 0.25'),
  rustHours: constant(
    40,
    'wet hours to visible rust, bare',
    `${PRACTICE}: two wet nights`,
    '24 to 72',
  ),
  rustShield: constant(0.9, 'share of rust a full film holds off', OWN, '0.7 to 0.95'),
  rustShieldFrom: constant(0.5, 'film from which it shields in full', OWN, '0.3 to 0.8'),
  saltRust: constant(3, 'times, with salt', OWN, '2 to 5'),
  rustInspect: constant(0.5, 'rust at which to look for stiff links', OWN, '0.3 to 0.7'),
  rustAlarm: constant(
    0.05,
    'rust still to come at which a wet chain is pressing',
    OWN,
    '0.03 to 0.1',
  ),
  soakedMm: constant(1, 'mm of water that leave a chain soaked', OWN, '0.5 to 2'),
  rescueHours: constant(
    2,
    'hours of wetness left that call for help where no lube is left',
    OWN,
    '1 to 4',
  ),
  dripHours: constant(6, 'h to dry in workshop air, left to drip', OWN, '4 to 10'),
  towelHours: constant(1.5, 'h to dry in workshop air, towelled', PRACTICE, '1 to 3'),
  airHours: constant(0.3, 'h to dry in workshop air, blown out', PRACTICE, '0.1 to 0.5'),
  bathHeldMl: constant(3, 'ml held in the chain between baths', OWN, '2 to 5'),
  bathBound: constant(0.3, 'share of bound dirt left by one bath', FITTED, '0.2 to 0.45'),
  swatchNoise: constant(0.08, 'of outside', OWN, '0.05 to 0.12'),
  squeakNoise: constant(0.15, 'log-normal sigma', OWN, '0.1 to 0.25'),
  noteMeansNothing: constant(
    0.05,
    'share of noises, or of none, not the coat’s',
    OWN,
    '0.02 to 0.15',
  ),
  byChanceInARide: constant(
    0.1,
    'chance of a noise or a new coat for another reason, a ride',
    OWN,
    '0.05 to 0.2',
  ),
  dryDb: constant(
    9,
    'dB louder between 2 and 8 kHz with no film left than freshly coated',
    OWN,
    '5 to 15',
  ),
  recordingNoise: constant(4, 'dB from one recording of the same film to the next', OWN, '3 to 6'),
  gritNoise: constant(0.15, 'log-normal sigma from ride to ride', OWN, '0.1 to 0.3'),
  squeakTooSoon: constant(
    0.15,
    'used share of life below which a squeak is asked about',
    OWN,
    '0.1 to 0.25',
  ),
  quietTooLong: constant(
    3,
    'times the handbook life after which quiet is asked about',
    OWN,
    '2 to 4',
  ),
  checkerNoise: constant(0.05, '% of a reading with a chain checker', PRACTICE, '0.03 to 0.1'),
  rulerNoise: constant(
    0.16,
    '% of a reading with a ruler: 0.5 mm over 24 pitches',
    PRACTICE,
    '0.1 to 0.25',
  ),
  calliperNoise: constant(
    0.08,
    '% of a reading with a calliper: 0.1 mm over 10 pitches; the rollers’ play is not in it',
    PRACTICE,
    '0.05 to 0.15',
  ),
} as const satisfies Record<string, Constant>;

export type ConstantName = keyof typeof CARE;

/** Swatch 1 to 5 as share of `outside`. Own estimate; the noise is in `swatchNoise`. */
export const SWATCH_LEVELS = [0.05, 0.2, 0.4, 0.62, 0.85] as const;

/** Quartile of the normal distribution: half of all cases lie within plus or minus this. */
export const QUARTILE_Z = 0.6745;

/** What a rider's standard allows before the chain is wiped (outside) and deep-cleaned (inside). */
export const STANDARDS: Record<Standard, { outside: number; inside: number }> = {
  immaculate: { outside: 0.2, inside: 0.15 },
  tidy: { outside: 0.35, inside: 0.3 },
  'easy-going': { outside: 0.5, inside: 0.45 },
};
