import type { OnePage } from '../rides/onePage';
import type { YearSky } from '../rides/year';
import { dateFormat } from '../intl/dates';
import { formatDistance, formatNumber, formatSpell } from '../units/format';
import { KM_PER_MILE } from '../units/convert';
import { aboutMoney } from './amounts';
import { formatWatts } from './watts';
import type { ShownIn } from './years';

export const SKY_SAID: Record<YearSky, string> = {
  dry: 'dry',
  damp: 'damp',
  wet: 'wet',
  guessed: 'not known',
};

const day = dateFormat({ day: 'numeric', month: 'long', year: 'numeric' });
const month = dateFormat({ month: 'long' });

export const pageSpan = ({ from, to }: OnePage): string =>
  `${day.format(from)} to ${day.format(to)}`;

/** The figures the page shows large, each with its noun. */
export function pageFigures(page: OnePage, { units }: ShownIn): { figure: string; of: string }[] {
  return [
    { figure: formatDistance(page.km, units), of: 'ridden' },
    { figure: formatNumber(page.rides), of: page.rides === 1 ? 'ride' : 'rides' },
    { figure: formatSpell(Math.round(page.hours)), of: 'in the saddle' },
    { figure: formatNumber(page.coats), of: page.coats === 1 ? 'coat of lube' : 'coats of lube' },
    { figure: formatNumber(page.cleans), of: page.cleans === 1 ? 'clean' : 'cleans' },
    { figure: formatSpell(page.minutes / 60), of: 'at the bench' },
  ];
}

/** A smaller difference, %, is not worth a line. Own choice. */
const WORTH_SAYING = 3;

/** What the year says, a sentence a line. */
export function pageSentences(
  page: OnePage,
  { currency, units }: ShownIn,
  perUnit: number,
): string[] {
  const sentences: string[] = [];
  if (page.most)
    sentences.push(
      `You rode most in ${month.format(page.most.start)}, ${formatDistance(page.most.km, units)}.`,
    );
  if (page.best && page.worst)
    sentences.push(
      `Your chains ran best in ${month.format(page.best.start)} (${formatWatts(page.best.watts)} lost) and worst in ${month.format(page.worst.start)} (${formatWatts(page.worst.watts)} lost).`,
    );
  if (page.minorPer1000Km !== null) {
    const perKm = page.minorPer1000Km / perUnit;
    const distance = units.distance;
    const per1000 = units.distance === 'km' ? perKm : perKm * KM_PER_MILE;
    sentences.push(
      `Care and wear came to ${aboutMoney(page.minor / perUnit, currency)}, or ${aboutMoney(per1000, currency)} for 1,000 ${distance}, your time included.`,
    );
  }
  for (const { bike, lube, personal } of page.learnt) {
    const percent = Math.round((personal.life.mid - 1) * 100);
    const than = `${Math.abs(percent)} % ${percent > 0 ? 'longer' : 'shorter'} than the handbook says`;
    if (Math.abs(percent) >= WORTH_SAYING)
      sentences.push(`We learnt that ${lube} lasts ${than} on ${bike}.`);
  }
  return sentences;
}

/** The page for those who do not see it. */
export const pageText = (page: OnePage, shown: ShownIn, perUnit: number): string =>
  [
    `Your year, ${pageSpan(page)}.`,
    `${pageFigures(page, shown)
      .map(({ figure, of }) => `${figure} ${of}`)
      .join(', ')}.`,
    ...pageSentences(page, shown, perUnit),
  ].join(' ');
