import type { Depth } from '../logbook';
import {
  formatDistance,
  formatHours,
  formatNumber,
  formatShare,
  MS_PER_HOUR,
  type UnitSystem,
} from '../units';
import type { ClockName } from '../care';
import type { FellDue } from '../plan/agenda/due';
import type { RideAhead } from '../plan/rides/occurrences';
import type { AgendaItem } from '../plan/agenda/agenda';
import type { LubeChange } from '../plan/agenda/changes';
import { dayWord, shortDay, weekdayName, type DateText } from '../time/dates';
import { timeOf } from '../time/zones';
import type { Costs } from '../plan/simulate/costs';
import type { GivesWay } from '../plan/agenda/givesWay';
import type { PlanSettings } from '../records/plan';

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
    case 'wax reset':
      return `Reset the wax with ${lube}`;
    default:
      return `Top up with ${lube}`;
  }
}

/** An evening at the bench is over so long after it began, hours. */
const EVENING_H = 4;

/** "Start by 18:30, so that it is set by 07:00." Null where the whole evening will do. */
export function startSentence(item: AgendaItem, zone: string): string | null {
  const { startBy, readyBy, from, lubeName } = item;
  if (startBy === null || readyBy === null || startBy - from > EVENING_H * MS_PER_HOUR) return null;
  const state = lubeName === null ? 'done' : 'set';
  return `Start by ${timeOf(startBy, zone)}, so that it is ${state} by ${timeOf(readyBy, zone)}.`;
}

/** One line for Today: when, what, by when. */
export function nextJobLine(item: AgendaItem, today: DateText, zone: string): string {
  const what = orderOf(item.depth, item.lubeName);
  const start = startSentence(item, zone);
  return `${dayWord(item.date, today)}: ${what.charAt(0).toLowerCase()}${what.slice(1)}.${start ? ` ${start}` : ''}`;
}

/** Why the job falls on its day. */
export function reasonSentence(item: AgendaItem): string {
  switch (item.reason) {
    case 'pinned':
      return 'Because you put it there.';
    case 'race':
      return `Clean and set in good time for the race on ${shortDay(item.race ?? item.date)}; nothing new after it.`;
    case 'wet':
      return item.lubeName === null
        ? `The chain comes home wet then (${formatShare(item.wet)} likely): wiped dry before it rusts.`
        : `The chain comes home wet then (${formatShare(item.wet)} likely): dried and lubed before it rusts.`;
    case 'film':
      return `The lube will be down to ${formatShare(item.film)} of its life.`;
    case 'rain':
      return `Rain is likely on the rides after it (${formatShare(item.rain)}); ${formatShare(item.film)} of the film will be left to meet it.`;
    case 'inside':
      return `Grit inside will have reached ${formatShare(item.inside)}: it wears the chain from there.`;
    case 'outside':
      return `The outside will have got dirty: ${formatShare(item.outside)} grit.`;
    case 'cap':
      return 'Your calendar asks for a clean by then.';
    case 'no time later':
      return 'The evening after has no time for it.';
    case 'routine':
      return 'Your own routine: the model finds nothing better here.';
    case 'cheapest':
      return 'Of the days around it this one costs least, time, wear and risk together.';
  }
}

/** What a week's putting off costs, in km, money and watts. */
export function putOffSentence(item: AgendaItem, units: UnitSystem): string {
  const { dryKm, wearMoney, watts, rust, total } = item.putOff;
  const parts: string[] = [];
  if (dryKm >= 1) parts.push(`${formatDistance(dryKm, units)} ridden dry`);
  if (wearMoney >= 0.05) parts.push(`${money(wearMoney)} of extra wear`);
  if (watts >= 0.2) parts.push(`${formatNumber(watts)} W more`);
  if (rust >= 0.02) parts.push(`${formatShare(rust)} of the way to rust`);
  if (parts.length === 0)
    return total > 0.05
      ? `Left for a week it costs ${money(total)} in all, mostly work that grows.`
      : 'It can wait a week: that costs next to nothing.';
  return `Left for a week: ${parts.join(', ')}.`;
}

/** Money as the rider counts it, without naming a coin. */
export const money = (amount: number): string => amount.toFixed(2);

/** A chance as riders say it, never surer than it can be. */
const inTen = (share: number): string => `${Math.min(9, Math.round(share * 10))} in 10`;

/** How sure the date is, a day either way. */
export function confidenceSentence({ confidence }: AgendaItem): string {
  if (confidence >= 0.95) return 'Nearly certain, give or take a day.';
  if (confidence >= 0.5) return `Likely (${inTen(confidence)}), give or take a day.`;
  return `Still open (${inTen(confidence)}). The plan follows the weather as days pass.`;
}

/** What stands in the way of a better plan. */
export function noteSentence(note: GivesWay, units: UnitSystem): string {
  switch (note.name) {
    case 'no bikes':
      return 'There is no bike with a chain on it, so nothing to plan.';
    case 'no rides':
      return `No rides of the ${note.bikeName} are planned and no habit shows yet: it is taken to stand.`;
    case 'no forecast':
      return 'No forecast: the weather is drawn from an ordinary season.';
    case 'no minutes':
      return `No evening has the ${formatNumber(note.least)} minutes of the shortest work. What gives way is the chains: ${formatDistance(note.dryKm, units)} ridden dry, ${money(note.wearMoney)} of wear, ${formatShare(Math.min(1, note.rust))} of the way to rust. Free one evening below and see.`;
    case 'empty shelf':
      return `No lube that suits stands on the shelf: the plan takes it that you buy ${note.lubeName}.`;
    case 'low stock':
      return `${note.lubeName} runs out: ${note.coats} ${note.coats === 1 ? 'coat' : 'coats'} left, and the plan wants them all.`;
    case 'pin not possible':
      return `What you set for the ${note.bikeName} on ${shortDay(note.date)} cannot be done then: too few minutes, not set before the next ride, or another lube is needed.`;
  }
}

/** "about a night" and the like, for how long a coat sets. */
export const readySentence = (item: AgendaItem): string =>
  `${formatNumber(item.minutes)} min of hands, ready ${formatHours(item.readyHours)} after starting.`;

/** The routine in two or three words. */
export function routineName({ name, weekday }: PlanSettings['routine']): string {
  switch (name) {
    case 'weekly':
      return `Every ${weekdayName(weekday)}`;
    case 'fortnightly':
      return `Every other ${weekdayName(weekday)}`;
    case 'monthly':
      return 'Monthly';
    case 'squeak':
      return 'When it squeaks';
  }
}

/** Less than this share apart, plan and routine are as good as one another. */
const ALIKE = 0.05;

/** The plan against the routine in a sentence, honest when the habit is as good. */
export function againstSentence(
  plan: Costs,
  routine: Costs,
  habit: PlanSettings['routine'],
  units: UnitSystem,
): string {
  const gain = routine.total - plan.total;
  const name = routineName(habit);
  if (gain < ALIKE * routine.total)
    return `“${name}” is as good: the two are ${money(Math.max(0, gain))} apart. Keep it if you like it.`;
  const minutes = Math.round(routine.minutes - plan.minutes);
  const parts = [
    minutes > 2 ? `${minutes} minutes less` : minutes < -2 ? `${-minutes} minutes more` : null,
    routine.dryKm - plan.dryKm > 2
      ? `${formatDistance(routine.dryKm - plan.dryKm, units)} less ridden dry`
      : null,
    routine.wearMoney - plan.wearMoney > 0.05
      ? `${money(routine.wearMoney - plan.wearMoney)} less wear`
      : null,
  ].filter((p) => p !== null);
  return `Compared with “${name}” the plan saves ${money(gain)}, your time included${parts.length > 0 ? `: ${parts.join(', ')}` : ''}.`;
}

/** What the rider's own marks on the plan cost. */
export function marksSentence(cost: number): string {
  if (cost > 0.05) return `Your own changes to the plan cost ${money(cost)} over these weeks.`;
  return cost < -0.05
    ? `Your own changes save ${money(-cost)}: well seen.`
    : 'Your own changes cost next to nothing.';
}

/** What changes with a job, and the cleaning that goes before it. */
const CHANGES: Record<LubeChange, string> = {
  lube: 'This job changes the lube. Over the coming rides that costs less.',
  'wax to oil':
    'This job changes from wax to oil: wipe the wax off with solvent first. Over the coming rides that costs less.',
  'oil to wax':
    'This job changes from oil to wax: strip the chain to bare metal first. Over the coming rides that costs less.',
};

/** Everything an item says. */
export const wordsOf = (item: AgendaItem, units: UnitSystem, zone: string): ItemWords => ({
  order: `${orderOf(item.depth, item.lubeName)}.`,
  change: item.changes && CHANGES[item.changes],
  start: startSentence(item, zone),
  reason: reasonSentence(item),
  putOff: putOffSentence(item, units),
  confidence: confidenceSentence(item),
  ready: readySentence(item),
});

/** Says that two rides of one bike are planned at once, and what is made of it. */
export const overlapSentence = ([a, b]: readonly [RideAhead, RideAhead]): string =>
  `Two rides of one bike at once on ${shortDay(a.date)}: ${a.title || a.time} and ${b.title || b.time}. The later is taken to start after the first.`;

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
