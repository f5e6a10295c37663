import type { BillItem, BillSection, BillSource, SectionName } from '../care/bill/billTypes';
import type { ClockName } from '../care/verdict/clocks';
import type { Verdict } from '../care/verdict/verdict';
import { LUBE_SOURCES } from '../lube/sources';
import { addUp } from '../units/addUp';
import { formatDistance, formatDistanceRange, formatNumber, formatShare } from '../units/format';
import type { Units } from '../units/convert';
import { constantLine } from './constants';
import { METHOD_LABEL } from './labels';
import { learntFrom } from './learntFrom';

export const SECTION_LABEL: Record<SectionName, string> = {
  film: 'Lube left',
  outside: 'Dirt outside',
  inside: 'Grit inside',
  wear: 'Chain wear',
  watts: 'Watts lost (riding at 250 W)',
};

/** What a line of the bill is for. */
export function billLabel(item: BillItem, units: Units): string {
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
    case 'recorded':
      return 'You recorded how loud it is';
    case 'start':
      return 'When it came into the logbook';
    case 'road':
      return `${formatDistance(item.km, units)} of road, ${formatNumber(item.perKm)} times clean tarmac`;
    case 'cogs':
      return 'Handed back by cassette and rings';
    case 'work':
      return `After: ${METHOD_LABEL[item.method].toLowerCase()}`;
    case 'rag':
      return item.photo ? 'Your photographed rag' : 'Your rag check';
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
      return { outside: 'Dirt outside', inside: 'Grit inside', dry: 'Dry', wear: 'Wear' }[item.of];
  }
}

/** The lines of a section and their total as printed, so that a rider who adds them up comes to the total. */
export function printed({ lines, unit }: BillSection): { lines: string[]; total: string } {
  const amounts = lines.map(({ amount }) => amount);
  const tiny = (below: number) => amounts.some((x) => x !== 0 && Math.abs(x) < below);
  const { step, times, decimals, sign } = {
    share: {
      step: tiny(0.005) ? 0.001 : 0.01,
      times: 100,
      decimals: tiny(0.005) ? 1 : 0,
      sign: '%',
    },
    '%': { step: 0.01, times: 1, decimals: 2, sign: '%' },
    W: { step: tiny(0.05) ? 0.01 : 0.1, times: 1, decimals: tiny(0.05) ? 2 : 1, sign: 'W' },
  }[unit];
  const sum = addUp(amounts, step);
  const text = (x: number) => `${(x * times + 0).toFixed(decimals).replace(/^-/, '−')} ${sign}`;
  return {
    lines: sum.amounts.map((x, n) => (n > 0 && x > 0 ? '+' : '') + text(x)),
    total: text(sum.total),
  };
}

/** A limit of a section in its measure: "35 %". */
export const limitText = (limit: number, unit: BillSection['unit']): string =>
  unit === 'share' ? formatShare(limit) : `${limit} ${unit}`;

/** The section of the bill that decides. */
export const decidingSection = ({ clock }: Verdict): SectionName =>
  clock === 'outside' || clock === 'inside' || clock === 'wear' ? clock : 'film';

/** What decided the verdict: "Dirt outside reaches your 35 % in 22 km." */
export function decidingSentence(verdict: Verdict, units: Units): string {
  const { clock, clocks, distanceKm, beyondHorizon } = verdict;
  const limit = clocks.find((c) => c.name === clock)?.limit ?? 0;
  const of = DECIDES[clock];
  if (!distanceKm) return of.fired(limit);
  if (beyondHorizon)
    return `Nothing reaches its limit within ${formatDistance(distanceKm.mid, units)}.`;
  return `${of.reaches(limit)} in ${formatDistance(distanceKm.mid, units)}.`;
}

const lubeDecides = {
  reaches: (limit: number) => `Lube comes down to its last ${formatShare(limit)}`,
  fired: (limit: number) => `Lube is down to its last ${formatShare(limit)}.`,
};
const DECIDES: Record<
  ClockName,
  { reaches: (limit: number) => string; fired: (limit: number) => string }
> = {
  outside: {
    reaches: (limit) => `Dirt outside reaches your ${formatShare(limit)}`,
    fired: (limit) => `Dirt outside is beyond your ${formatShare(limit)}.`,
  },
  inside: {
    reaches: (limit) => `Grit inside reaches your ${formatShare(limit)}`,
    fired: (limit) => `Grit inside is beyond your ${formatShare(limit)}.`,
  },
  film: lubeDecides,
  standing: lubeDecides,
  bare: { ...lubeDecides, fired: () => 'There is no lube on the chain.' },
  wear: {
    reaches: (limit) => `Chain wear reaches its limit of ${limit} %`,
    fired: (limit) => `Chain wear is at its limit of ${limit} %, or rust has pitted it.`,
  },
  rust: { ...lubeDecides, fired: () => 'It has been wet for so long that it has rusted.' },
  wet: { ...lubeDecides, fired: () => 'It is wet, and will rust before it is dry.' },
};

/** What a constant of the model is called where a section rests on it. */
/** A figure the bill rests on, with its source and spread: "Reserve: 0.15 share of a coat; own estimate; …". */
export function sourceLine(source: BillSource, units: Units): string {
  switch (source.kind) {
    case 'constant':
      return constantLine(source.name);
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
