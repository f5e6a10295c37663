import { timeIn, timeText, type Clock } from '../intl/dates';
import type { Depth } from '../records/kinds';
import { formatDistance, formatHours, formatNumber } from '../units/format';
import { MS_PER_HOUR, MS_PER_MINUTE, type Units } from '../units/convert';
import { CARE } from '../care/model/constants';
import type { ClockName } from '../care/verdict/clocks';
import type { FellDue } from '../plan/agenda/due';
import type { RideAhead } from '../plan/rides/occurrences';
import type { AgendaItem } from '../plan/agenda/agenda';
import type { LubeChange } from '../plan/agenda/changes';
import { shortDay } from '../time/dates';
import { listed } from './counted';
import type { GivesWay } from '../plan/agenda/givesWay';

/** What an item says, ready to be read. */
export interface ItemWords {
  order: string;
  /** That it changes the lube; null: it does not. */
  change: string | null;
  start: string | null;
  reason: string;
  putOff: string;
  confidence: string;
  ready: string;
}

/** A job with its words. */
export interface AgendaEntry extends AgendaItem {
  words: ItemWords;
}

/** What is done, as an order, with the lube by name where there is one. */
export function orderOf(depth: Depth, lubeName: string | null): string {
  const lube = lubeName ?? 'lube';
  switch (depth) {
    case 'wipe-down':
      return 'Wipe the chain down';
    case 'rescue':
      return `Dry it, then ${lube}`;
    case 'on-bike clean':
      return `Clean on the bike, then ${lube}`;
    case 'off-bike clean':
      return `Off the bike, baths, then ${lube}`;
    case 'swap':
      return 'Swap the chains';
    case 'wax reset':
      return `Reset the wax with ${lube}`;
    default:
      return `Top up with ${lube}`;
  }
}

/** An evening at the bench is over so long after it began, hours. */
const EVENING_H = 4;

/** To a quarter of an hour, always the earlier: nobody starts at 18:19. */
const QUARTER_MS = 15 * MS_PER_MINUTE;
const quarterBefore = (at: number): number => Math.floor(at / QUARTER_MS) * QUARTER_MS;

/** When a job must be begun to be ready for its ride, a quarter of an hour early rather than late; null: the whole evening will do. */
export function startOf({
  startBy,
  readyBy,
  from,
}: AgendaItem): { by: number; ready: number } | null {
  if (startBy === null || readyBy === null || startBy - from > EVENING_H * MS_PER_HOUR) return null;
  return { by: quarterBefore(startBy), ready: readyBy };
}

/** "Start by 18:30 and it is set by 07:00." Null where the whole evening will do. */
export function startSentence(item: AgendaItem, zone: string, clock: Clock): string | null {
  const start = startOf(item);
  if (!start) return null;
  const state = item.lubeName === null ? 'done' : 'set';
  return `Start by ${timeIn(start.by, zone, clock)} and it is ${state} by ${timeIn(start.ready, zone, clock)}.`;
}

/** Why the job falls on its day. */
export function reasonSentence(item: AgendaItem): string {
  switch (item.reason) {
    case 'pinned':
      return 'You put it there.';
    case 'race':
      return `Clean and set in good time for the race on ${shortDay(item.race ?? item.date)}. Change nothing after it.`;
    case 'wet':
      return item.lubeName === null
        ? `It will probably come home wet (${inTen(item.wet)}). Wipe it dry so it can’t rust.`
        : `It will probably come home wet (${inTen(item.wet)}). Dry and lube it so it can’t rust.`;
    case 'film':
      return item.film <= CARE.reserve.value
        ? 'By then the lube is used up.'
        : 'By then the lube is nearly used up.';
    case 'rain':
      return `Rain is likely on the rides after it (${inTen(item.rain)}), and the lube left won’t see you through.`;
    case 'inside':
      return 'By then grit has worked its way inside. It wears the chain from there.';
    case 'outside':
      return 'By then a rag comes away dark.';
    case 'cap':
      return 'You asked for a clean at least this often.';
    case 'no time later':
      return 'The next evening has no time for it.';
    case 'routine':
      return 'Your own routine. We found nothing better.';
    case 'cheapest':
      return 'Sooner wastes lube and time, later wears the chain more.';
  }
}

/** What a week's putting off costs: km ridden dry, wear, watts, rust. */
export function putOffSentence(item: AgendaItem, units: Units): string {
  const { dryKm, wearMoney, watts, rust, total } = item.putOff;
  const parts: string[] = [];
  if (dryKm >= 1) parts.push(`ride about ${formatDistance(dryKm, units)} dry`);
  if (wearMoney >= 0.05) parts.push('wear the chain more');
  if (watts >= 0.5) parts.push(`lose about ${formatNumber(Math.round(watts))} W`);
  if (rust >= 0.02) parts.push('risk rust');
  if (parts.length === 0)
    return total > 0.05
      ? 'Wait a week and the job itself takes longer.'
      : 'It can wait a week. That costs next to nothing.';
  return `Wait a week and you ${listed(parts)}.`;
}

/** Money as the rider counts it, without naming a coin. */
export const money = (amount: number): string => amount.toFixed(2);

/** A chance as riders say it, never surer than it can be. */
const inTen = (share: number): string => `${Math.min(9, Math.round(share * 10))} in 10`;

/** How sure the date is, a day either way. */
export function confidenceSentence({ confidence }: AgendaItem): string {
  if (confidence >= 0.95) return 'Nearly certain to fall about then.';
  if (confidence >= 0.5) return `Likely to fall about then (${inTen(confidence)}).`;
  return `Still open (${inTen(confidence)}). The plan follows the weather as days pass.`;
}

/** What stands in the way of a better plan. */
export function noteSentence(note: GivesWay, units: Units): string {
  switch (note.name) {
    case 'no bikes':
      return 'There is no bike with a chain on it, so nothing to plan.';
    case 'no rides':
      return note.bikeNames.length === 1
        ? `The ${note.bikeNames.join()} has no ride planned and we know no habit yet. We assume it stays parked.`
        : `The ${listed(note.bikeNames)} have no rides planned and we know no habit yet. We assume they stay parked.`;
    case 'no forecast':
      return 'No forecast came. We assume ordinary weather for the season.';
    case 'no minutes':
      return `No evening has the ${formatNumber(note.least)} minutes of the shortest job. ${noMinutesCost(note, units)} Free an evening below.`;
    case 'empty shelf':
      return `No lube on your shelf suits. We assume you buy ${note.lubeName}.`;
    case 'low stock':
      return `${note.lubeName} runs out. It has ${note.coats} ${note.coats === 1 ? 'coat' : 'coats'} left, and the plan uses them all.`;
    case 'pin not possible':
      return `What you set for the ${note.bikeName} on ${shortDay(note.date)} cannot be done then. Either the evening is too short, it would not set before the next ride, or it needs another lube.`;
  }
}

/** What the chains lose in weeks without a free evening. */
function noMinutesCost(note: Extract<GivesWay, { name: 'no minutes' }>, units: Units): string {
  const parts = [
    note.dryKm >= 1 ? `run dry for about ${formatDistance(note.dryKm, units)}` : null,
    note.wearMoney >= 0.05 ? 'wear more' : null,
    note.rust >= 0.02 ? 'may rust' : null,
  ].filter((part) => part !== null);
  return parts.length > 0 ? `So the chains ${listed(parts)}.` : 'So nothing is planned.';
}

/** "about a night" and the like, for how long a coat sets. */
export const readySentence = (item: AgendaItem): string =>
  `${formatNumber(item.minutes)} min work, ready in ${formatHours(item.readyHours)}.`;

/** What the rider's own marks on the plan cost. */
export const marksSentence = (cost: number): string =>
  cost > 0.05
    ? `Your own changes to the plan cost ${money(cost)} more over these weeks.`
    : 'Your own changes cost next to nothing.';

/** What changes with a job, and the cleaning that goes before it. */
const CHANGES: Record<LubeChange, string> = {
  lube: 'This job changes the lube. Over the coming rides that costs less.',
  'wax to oil':
    'This job changes from wax to oil: wipe the wax off with solvent first. Over the coming rides that costs less.',
  'oil to wax':
    'This job changes from oil to wax: strip the chain to bare metal first. Over the coming rides that costs less.',
};

/** Everything an item says. */
export const wordsOf = (item: AgendaItem, units: Units, zone: string): ItemWords => ({
  order: `${orderOf(item.depth, item.lubeName)}.`,
  change: item.changes && CHANGES[item.changes],
  start: startSentence(item, zone, units.clock),
  reason: reasonSentence(item),
  putOff: putOffSentence(item, units),
  confidence: confidenceSentence(item),
  ready: readySentence(item),
});

/** Says that two rides of one bike are planned at once, and what is made of it. */
export const overlapSentence = ([a, b]: readonly [RideAhead, RideAhead], clock: Clock): string =>
  `Two rides of one bike are planned at once on ${shortDay(a.date)}, ${a.title || timeText(a.time, clock)} and ${b.title || timeText(b.time, clock)}. We assume the later starts when the first has ended.`;

/** What a clock that has run out says of a chain. */
const DUE: Record<ClockName, string> = {
  wear: 'is worn out',
  rust: 'has rusted',
  bare: 'is bare',
  wet: 'is wet',
  film: 'has used its lube up',
  standing: 'has dried out standing',
  inside: 'is gritty inside',
  outside: 'is dirty outside',
};

/** What fell due on a bike, in a line. */
export const dueSentence = ({ bikeName, clocks }: FellDue): string =>
  `${bikeName}: the chain ${clocks.map((name) => DUE[name]).join(', ')}.`;
