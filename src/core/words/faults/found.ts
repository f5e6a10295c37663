import type { OpenFault } from '../../care/replay/faults';
import type { Repeat } from '../../faults/history';
import type { Followed, Notable, Noise } from '../../records/faults';
import { dateFormat } from '../../intl/dates';
import { formatDistance } from '../../units/format';
import type { Units } from '../../units/convert';
import { timesText } from '../counted';
import { CAUSE_WORDS } from './causes';
import { placeText } from './place';

const day = dateFormat({ day: 'numeric', month: 'long' });
const dayOf = (at: string): string => day.format(Date.parse(at));

/** A cause that came back on this bike. */
export const repeatText = ({ times, last, km }: Repeat, units: Units): string =>
  `Found on this bike ${timesText(times)} before, last on ${dayOf(last.at)}, ${formatDistance(km, units)} ago. If it keeps coming back, look for the reason: a worn part, or a job that is left out.`;

const NOISE_NAME: Readonly<Record<Noise, string>> = {
  squeak: 'squeak',
  grind: 'grinding',
  click: 'click',
  creak: 'creak',
  rattle: 'rattle',
  rub: 'rubbing',
  skip: 'skipping',
  'drops off': 'dropping off',
  'shifts badly': 'late shifting',
};

/** A fault that is open: "Stiff link, 37 links on, drive side, found on 12 November. It is not put right yet." */
export function openFaultText({ found }: OpenFault): string {
  const { cause, place, at, state } = found;
  const where = place ? `, ${placeText(place)}` : '';
  const now = state === 'workshop' ? 'It waits for a workshop.' : 'It is not put right yet.';
  return `${CAUSE_WORDS[cause].name}${where}, found on ${dayOf(at)}. ${now}`;
}

/** Asks once, after the next ride, what became of a noise. */
export function followQuestion({ found }: OpenFault): string {
  const { noise, cause, at } = found;
  const what = noise ? `the ${NOISE_NAME[noise]}` : 'it';
  return `${CAUSE_WORDS[cause].name}, found on ${dayOf(at)}, is put right. You have ridden since. Is ${what} gone?`;
}

/** What there is to say of it. */
export const FOLLOW_ANSWERS: readonly { outcome: Followed; label: string }[] = [
  { outcome: 'gone', label: 'Gone' },
  { outcome: 'better', label: 'Better, not gone' },
  { outcome: 'same', label: 'It sounds the same' },
  { outcome: 'cannot tell', label: 'I cannot tell' },
];

/** What may be noted of parts, as it is said. */
export const NOTABLE_WORDS: Readonly<Record<Notable, string>> = {
  'stiff link': 'A stiff link',
  'gritty upper jockey wheel': 'Upper jockey wheel gritty',
  'gritty lower jockey wheel': 'Lower jockey wheel gritty',
  'stiff upper jockey wheel': 'Upper jockey wheel turns stiffly',
  'stiff lower jockey wheel': 'Lower jockey wheel turns stiffly',
  'hooked teeth': 'Hooked teeth',
  'damaged tooth': 'A damaged tooth',
  'packed ring': 'Ring packed with dirt',
  'bent hanger': 'Hanger bent',
  'rough freehub': 'Freehub rough',
  'play in the cranks': 'Play in cranks or pedals',
};

/** Something noted, with its place and day. */
export const noteText = ({
  what,
  place,
  at,
}: {
  what: Notable;
  place: Parameters<typeof placeText>[0] | null;
  at: string;
}): string =>
  `${NOTABLE_WORDS[what]}${place ? `, ${placeText(place)}` : ''}, noted on ${dayOf(at)}`;
