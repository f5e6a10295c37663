import type { BillConstant, BillItem, BillSource, SectionName } from '../care/bill/billTypes';
import { CARE, type Constant } from '../care/model/constants';
import { LUBE_SOURCES } from '../lube';
import { formatDistance, formatDistanceRange, formatNumber, type UnitSystem } from '../units';
import { METHOD_LABEL } from './labels';
import { learntFrom } from './learnt';

export const SECTION_LABEL: Record<SectionName, string> = {
  film: 'Lube film',
  outside: 'Grit outside',
  inside: 'Grit inside',
  wear: 'Wear',
  watts: 'Extra power at 250 W',
};

/** What a line of the bill is for. */
export function billLabel(item: BillItem, units: UnitSystem): string {
  switch (item.kind) {
    case 'coat':
      return `Coat of ${item.lube} lube`;
    case 'distance':
      return `${formatDistance(item.km, units)} ridden, of a life of ${formatDistance(item.lifeKm, units)}`;
    case 'water':
      return `${formatNumber(item.mm)} mm of water`;
    case 'standing':
      return `${formatNumber(item.days)} days of standing`;
    case 'early start':
      return 'Ridden before it had set';
    case 'wiping':
      return 'Wiped off with the dirt';
    case 'heard':
      return item.sound === 'still quiet' ? 'You heard it still quiet' : 'You heard it squeak';
    case 'start':
      return 'When it came into the logbook';
    case 'road':
      return `${formatDistance(item.km, units)} of road, ${formatNumber(item.perKm)} times clean tarmac`;
    case 'cogs':
      return 'Handed back by cassette and rings';
    case 'work':
      return `After: ${METHOD_LABEL[item.method].toLowerCase()}`;
    case 'rag':
      return 'Your rag check';
    case 'inwards':
      return `Worked inwards over ${formatDistance(item.km, units)}`;
    case 'clean wear':
      return `${formatDistance(item.km, units)}, had it been clean and lubed`;
    case 'hard wear':
      return 'By wet roads, salt, rust or a motor';
    case 'grit wear':
      return 'Ground off by grit and dryness';
    case 'measured':
      return 'Your wear reading';
    case 'watts':
      return { outside: 'Grit outside', inside: 'Grit inside', dry: 'Dry', wear: 'Wear' }[item.of];
  }
}

/** What a constant of the model is called where a section rests on it. */
const CONSTANT_NAME: Record<BillConstant, string> = {
  sprayMmPerH: 'Spray from a wet road',
  reserve: 'Reserve',
  outsideScaleKm: 'Clean road that dirties a chain by two thirds',
  swatchNoise: 'Swatch noise',
  insideScaleKm: 'Way inwards',
  wearPerKm: 'Clean and lubed',
  wearByGrit: 'Grit inside',
  wearByDryness: 'Dry',
  wearByWater: 'On a wet road',
  wattsOutside: 'Outside grit',
  wattsInside: 'Inside grit',
};

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

/** A figure the bill rests on, with its source and spread: "Reserve: 0.15 share of a coat; own estimate; …". */
export function sourceLine(source: BillSource, units: UnitSystem): string {
  switch (source.kind) {
    case 'constant': {
      const {
        value,
        unit,
        source: from,
        spread,
      } = source.name === 'wearPerKm' ? byThousandKm(CARE.wearPerKm) : CARE[source.name];
      return `${CONSTANT_NAME[source.name]}: ${value} ${unit}; ${from}; ${spread}.`;
    }
    case 'coat life': {
      const { lube, km, learnt } = source;
      const from = learnt
        ? `common practice times ${learnt.factor.toFixed(2)}, ${learntFrom(learnt.coats)}`
        : 'common practice, less what dirt under it takes';
      return `Life of this coat (${lube}): ${formatDistance(km.mid, units)}; ${from}; ${formatDistanceRange(km, units)} for half of all coats.`;
    }
    case 'wash-off': {
      const { source: from, spread } = LUBE_SOURCES.washPerMm;
      const [least, most] = spread.map((times) => Number((source.perMm * times).toFixed(3)));
      return `Wash-off: ${source.perMm} of the film per mm; ${from}; ${least} to ${most}.`;
    }
  }
}
