import { CARE, type Constant } from '../care/model/constants';

/** What the constants that riders are shown are called. */
const CONSTANT_NAME = {
  sprayMmPerH: 'Spray from a wet road',
  reserve: 'Reserve',
  outsideScaleKm: 'Clean road that dirties a chain by two thirds',
  swatchNoise: 'How much a reading of a rag is off',
  insideScaleKm: 'Way inwards',
  wearPerKm: 'Clean and lubed',
  wearByGrit: 'Grit inside',
  wearByDryness: 'Dry',
  wearByWater: 'On a wet road',
  wearBySalt: 'On a salted road',
  wattsOutside: 'Dirt outside',
  wattsInside: 'Grit inside',
  wattsDry: 'Dry',
  wattsWear: 'Worn',
  lifeSigma: 'How much coats differ',
  gritSigma: 'How much riders’ dirt differs',
  dirtyCoatPenalty: 'Lubed over dirt',
  earlyRideFloor: 'Ridden too soon',
  cogTransfer: 'Handed back by the cogs',
  cogShare: 'Dirt on the cogs',
  unwipedStickiness: 'Not wiped after lubing',
  waterCarries: 'Water carries grit in',
  waterFlushes: 'Water washes grit out',
  dripHours: 'Left to drip',
  towelHours: 'Towelled',
  airHours: 'Blown out',
  rustHours: 'Until it rusts',
  saltRust: 'Rust with salt',
} as const satisfies Partial<Record<keyof typeof CARE, string>>;

export type NamedConstant = keyof typeof CONSTANT_NAME;

/** A figure of the model with its source and spread: "Reserve: 0.15 film at which to lube again; …". */
export function constantLine(name: NamedConstant): string {
  const { value, unit, source, spread } =
    name === 'wearPerKm' ? byThousandKm(CARE.wearPerKm) : CARE[name];
  return sourcedLine(CONSTANT_NAME[name], { value, unit, source, spread });
}

/** A figure with its source and spread, whatever table it stands in. */
export const sourcedLine = (name: string, { value, unit, source, spread }: Constant): string =>
  `${name}: ${value} ${unit}; ${source}; ${spread}.`;

/** Wear by the kilometre has more noughts than a rider reads. */
const byThousandKm = ({ value, source, spread }: Constant): Constant => {
  const thousand = (text: string) => String(Number((Number(text) * 1000).toPrecision(3)));
  return {
    value: Number(thousand(String(value))),
    unit: '% per 1,000 km',
    source,
    spread: spread.split(' to ').map(thousand).join(' to '),
  };
};
