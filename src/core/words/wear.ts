import { formatDistance, formatElongation } from '../units/format';
import type { Units } from '../units/convert';
import { dateFormat } from '../intl/dates';
import { wearShown } from './event';
import { dayOf, type WearOutlook } from '../wear/outlook';
import { FURTHEST_KM } from '../wear/foresee';
import { lengthAt, type ReadBy, type Reading } from '../wear/tools';
import { usesUpAt } from '../wear/parts';
import type { WearQuestion } from '../wear/question';
import type { WearRead } from '../wear/story';

interface ReadByWords {
  label: string;
  hint: string;
  /** What to do, in order. */
  steps: readonly string[];
  unit: string;
}

const TAUT =
  'Shift to the largest ring and the smallest cog, where there are several. Hold the rear wheel and press the pedal lightly: the upper run is straight, measure there. Off the bike, pull the chain straight on a table.';
const PLACES = 'Read three places a third of the chain apart, away from the quick link.';

export const READ_BY_WORDS: Record<ReadBy, ReadByWords> = {
  'drop-in': {
    label: 'Checker that drops in',
    hint: 'Two or three sides: 0.5, 0.75, 1.0.',
    steps: [
      TAUT,
      'Hook one end over a roller and lay the other on the chain.',
      'Try each side, the smallest first. Which is the largest that drops in by itself?',
    ],
    unit: '%',
  },
  scale: {
    label: 'Checker with a scale',
    hint: 'It shows the wear in %.',
    steps: [TAUT, 'Set it between the rollers, push until it stops, and read the scale.', PLACES],
    unit: '%',
  },
  'ruler mm': {
    label: 'Ruler, mm',
    hint: '12 full links are 304.8 mm new.',
    steps: [
      TAUT,
      'Lay the ruler along the chain with its zero at the middle of a pin.',
      'Count 24 pins on, which are 12 full links, and read the middle of that pin.',
      PLACES,
    ],
    unit: 'mm',
  },
  'ruler in': {
    label: 'Ruler, inches',
    hint: '12 full links are 12 in new.',
    steps: [
      TAUT,
      'Lay the ruler along the chain with its zero at the middle of a pin.',
      'Look at the 12 in mark. By how many sixteenths is the pin past it?',
      PLACES,
    ],
    unit: '1/16 in',
  },
  calliper: {
    label: 'Calliper',
    hint: 'Between two rollers, 119.25 mm new.',
    steps: [
      TAUT,
      'Put the inner jaws between two rollers ten pins apart, so that there are nine rollers between them.',
      'Open them with light pressure. The rollers’ own play makes this read a little high.',
      PLACES,
    ],
    unit: 'mm',
  },
};

/** What is odd about a reading, and what may be behind it. */
export const WEAR_QUESTION: Record<WearQuestion, string> = {
  shrinks:
    'Chains do not shrink. This is less than you read before, by more than the tools differ.',
  leaps:
    'This is far more than your rides explain. Was the chain pulled straight, and the tool set right?',
  'past any chain': 'No chain is ridden this far. Did a comma slip?',
  'before the fitting': 'This is from before the chain was fitted.',
  'checker on narrow chain':
    'On 12 speeds and more, rollers differ in size from make to make. A checker of another make can read too high: a ruler is safe.',
};

const sentence = (words: string): string => `${words.charAt(0).toUpperCase()}${words.slice(1)}.`;

/** A reading in a line: "0.50 %, that is 306.3 mm or 12 in and 1 sixteenth over 12 full links; give or take 0.09 %." */
export function readingSentence({ percent, sd, between }: Reading): string {
  if (between) return sentence(wearShown({ percent, between }));
  const { mm, sixteenths } = lengthAt(percent);
  return `${formatElongation(percent)}, give or take ${formatElongation(sd)}. Over 12 full links that is ${mm.toFixed(1)} mm, or ${sixteenths.toFixed(1)} sixteenths past 12 in.`;
}

/** How a reading lies to the limit of its chain. */
export const againstLimit = ({ percent, between }: Reading, limit: number): string =>
  (between?.[0] ?? percent) >= limit
    ? `This chain is changed at ${formatElongation(limit)}. It is due: a worn chain takes the cassette along.`
    : `This chain is changed at ${formatElongation(limit)}.`;

const monthOf = dateFormat({ month: 'long', year: 'numeric' });
const dayFormat = dateFormat({ day: 'numeric', month: 'long', year: 'numeric' });
/** Within so many weeks a day is worth saying. */
const DAY_WITHIN_MS = 12 * 7 * 86_400_000;

/** A day to come as far as it can be known: near ones by the day, far ones by the month. */
const whenSaid = (at: number, now: number): string =>
  at - now < DAY_WITHIN_MS ? `about ${dayFormat.format(at)}` : `in ${monthOf.format(at)}`;

const far = (km: number, units: Units): string =>
  km >= FURTHEST_KM
    ? `more than ${formatDistance(FURTHEST_KM, units)}`
    : formatDistance(Math.round(km / 50) * 50, units);

const about = (km: number): string => (km >= FURTHEST_KM ? '' : 'about ');

/** The foresight, a sentence a line. */
export function wearSentences(outlook: WearOutlook, units: Units, now: number): string[] {
  const { state, limit, foresight, past, story } = outlook;
  const level = `We put it at ${formatElongation(state.wear)} after ${formatDistance(state.km, units)}, give or take ${formatElongation(state.wearSd)}.`;
  if (past >= 0.5)
    return [
      level,
      `It is worn out: past its ${formatElongation(limit)}. Change it before it takes the cassette along.`,
    ];
  const { mid, half, most, measureIn } = foresight;
  const end = dayOf(mid, outlook, now);
  const bands = `Half the time it takes ${far(half[0], units)} to ${far(half[1], units)}, eight times in ten ${far(most[0], units)} to ${far(most[1], units)}.`;
  const next = dayOf(measureIn, outlook, now);
  return [
    level,
    `It reaches ${formatElongation(limit)} in ${about(mid)}${far(mid, units)}${end ? `, ${whenSaid(end, now)}` : ''}. ${bands}`,
    measureIn < 50
      ? `Measure it now: it may be past its limit (1 in 10${story.readings.length === 0 ? ', and it was never read' : ''}).`
      : `Measure it again in ${about(measureIn)}${far(measureIn, units)}${next ? `, ${whenSaid(next, now)}` : ''}.`,
  ];
}

/** What riding on past the limit would cost, and when: "By 1.00 %, in about 6,000 km (half the time 4,500 km to 8,000 km), it has used up a new cassette." */
export function cassetteSentence(
  { limit, cassette, past }: WearOutlook,
  units: Units,
): string | null {
  if (past >= 0.5) return null;
  const { mid, half } = cassette;
  return `Ridden on to ${formatElongation(usesUpAt(limit))}, in ${about(mid)}${far(mid, units)} (half the time ${far(half[0], units)} to ${far(half[1], units)}), it uses up a new cassette.`;
}

/** What better and worse care would do to it. */
export const careSentence = ({ better, worse, past }: WearOutlook, units: Units): string | null =>
  past >= 0.5
    ? null
    : `With half the grit inside it would go on for ${about(better)}${far(better, units)}, with twice the grit for ${far(worse, units)}.`;

/** The wear of a chain in a chart, in a sentence. */
export const chartSentence = (
  { name, outlook: { state, story, limit } }: { name: string; outlook: WearOutlook },
  units: Units,
): string =>
  `Chart of wear: ${name}, ${formatElongation(state.wear)} after ${formatDistance(state.km, units)}, ${story.readings.length} ${story.readings.length === 1 ? 'reading' : 'readings'}, limit ${formatElongation(limit)}.`;

/** A reading of the log in a line: "12 March 2026, after 1,200 km: 0.40 %". */
export const readLine = ({ at, km, percent, between }: WearRead, units: Units): string =>
  `${dayFormat.format(at)}, after ${formatDistance(km, units)}: ${wearShown({
    percent,
    ...(between ? { between: [...between] } : {}),
  })}`;
