import type { Sky } from '../care/model/sky';
import type { Garage } from '../records/garage';
import type { PlainEvent } from '../records/event';
import type { Place } from '../records/faultEvents';
import type { ChainRecorded } from '../records/recording';
import type { FaultState, Followed } from '../records/faults';
import { MOST_ELONGATION } from '../records/kinds';
import { formatElongation, formatExactDistance } from '../units/format';
import type { Units } from '../units/convert';
import { placeText } from './faults/place';
import { ROUND_END_LABEL, ROUND_LABEL } from './roundLabels';
import { louderText } from './louder';
import {
  FINDING_LABEL,
  METHOD_LABEL,
  RAG_SHADES,
  SOUND_LABEL,
  UNSETTLED_LABEL,
  WEATHER_LABEL,
} from './labels';

/** What a reading showed: a figure, or between which sides of a checker. */
export function wearShown({ percent, between }: Pick<WearRead, 'percent' | 'between'>): string {
  if (!between) return formatElongation(percent);
  const [from, to] = between;
  if (from === 0) return `under ${formatElongation(to)}`;
  return to === MOST_ELONGATION
    ? `over ${formatElongation(from)}`
    : `${formatElongation(from)} to ${formatElongation(to)}`;
}
type WearRead = Extract<PlainEvent, { type: 'wearRead' }>;

const withPlace = (what: string, place: Place | null): string =>
  place ? `${what}, ${placeText(place)}` : what;

const FAULT_STATE: Record<FaultState, string> = {
  'put right': ', put right',
  'to do': ', still to do',
  workshop: ', for a workshop',
};

const FOLLOWED_LINE: Record<Followed, string> = {
  'put right': 'A fault found before: put right',
  gone: 'After a ride: the noise is gone',
  better: 'After a ride: the noise is better, not gone',
  same: 'After a ride: it sounds the same',
  'cannot tell': 'After a ride: could not tell',
};

/** A recording in a few words. */
function recordedLine({ quiet, louder }: ChainRecorded): string {
  if (quiet) return 'Recorded: its quiet';
  return louder ? `Recorded: ${louderText(louder)}` : 'Recorded';
}

/** An event in a few words; of a ride the weather it met, where its step tells more than the event. */
export function eventLine(event: PlainEvent, units: Units, sky: Sky | null = null): string {
  switch (event.type) {
    case 'rideLogged': {
      const parts = [WEATHER_LABEL[sky?.word ?? event.weather].toLowerCase(), event.surface];
      if (event.mud) parts.push('mud');
      if (sky?.salted ?? event.salted) parts.push('salt');
      return `${formatExactDistance(event.distanceKm, units)}, ${parts.join(', ')}`;
    }
    case 'workDone': {
      const lube = event.lube ? `, ${event.lube.lubeClass} lube` : '';
      const cogs = event.cogsCleaned ? ', with cassette' : '';
      return `${METHOD_LABEL[event.method]}${cogs}${lube}`;
    }
    case 'gotWet':
      return event.how === 'washed' ? 'Washed, left wet' : 'Stood in rain';
    case 'chainFitted':
      return 'Chain fitted';
    case 'chainRemoved':
      return 'Chain taken off';
    case 'partFitted':
      return 'Part fitted';
    case 'partRemoved':
      return 'Part taken off';
    case 'wearRead':
      return `Wear read: ${wearShown(event)}, ${event.tool}`;
    case 'ragChecked':
      return `${event.photo ? 'Rag photographed' : 'Rag check'}: ${(RAG_SHADES[event.swatch - 1] ?? '').toLowerCase()}`;
    case 'chainInspected':
      return `Inspected: ${FINDING_LABEL[event.found].toLowerCase()}`;
    case 'settled':
      return `Put right: ${UNSETTLED_LABEL[event.what].toLowerCase()}`;
    case 'faultFound':
      return `Found: ${withPlace(event.cause, event.place)}${FAULT_STATE[event.state]}`;
    case 'faultFollowed':
      return FOLLOWED_LINE[event.outcome];
    case 'partNoted':
      return `${event.putRight ? 'Put right' : 'Noted'}: ${withPlace(event.what, event.place)}`;
    case 'roundDone':
      return `${ROUND_LABEL[event.round]}: ${ROUND_END_LABEL[event.end].toLowerCase()}`;
    case 'chainRecorded':
      return recordedLine(event);
    case 'soundHeard':
      return `Heard: ${SOUND_LABEL[event.sound].toLowerCase()}`;
  }
}

/** An event in a few words, chains and parts by their names: "Racer chain A fitted". */
export function namedEventLine(
  { event, sky }: { event: PlainEvent; sky: Sky | null },
  { chains, parts }: Pick<Garage, 'chains' | 'parts'>,
  units: Units,
): string {
  switch (event.type) {
    case 'chainFitted':
      return `${chains[event.chainId]?.name ?? 'A chain'} fitted`;
    case 'chainRemoved':
      return `${chains[event.chainId]?.name ?? 'A chain'} taken off`;
    case 'partFitted':
      return `${parts[event.partId]?.name ?? 'A part'} fitted`;
    case 'partRemoved':
      return `${parts[event.partId]?.name ?? 'A part'} taken off`;
    default:
      return eventLine(event, units, sky);
  }
}
