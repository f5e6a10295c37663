import { isWax, LUBE_CLASSES, type LubeClass, type Schools } from '../lube';
import { formatHours, formatNumber } from '../units';
import type { StoragePlace } from '../garage';
import { leadHours, type Candidate } from './candidate';
import type { CleaningHabit } from '../records/wishes';

/** What the rules of the trade need to know beside the figures. */
export interface ChoiceFacts {
  habit: CleaningHabit;
  wetShare: number;
  ebike: boolean;
  storage: StoragePlace;
  /** Longest the bike usually stands between rides, hours. */
  standsHours: number;
  /** Whether days of drought and loose ground make dust. */
  dusty: boolean;
  /** What is on the chain now; null: bare. */
  now: LubeClass | null;
  waxInWet: Schools['waxInWet'];
  household: Schools['household'];
  /** A thermostat pot for hot wax stands ready. */
  pot: boolean;
  /** Minutes a week the rider has, and hours between lubing and the next ride; null: no limit. */
  minutesPerWeek: number | null;
  leadHours: number | null;
  kmPerWeek: number;
  /** How far is ridden within the time that is chosen for, km: what a change of lube is spread over. */
  horizonKm: number;
}

const RINSES_OFF_MM = 0.2;
/** Wet share from which a way counts as ridden in long rain. Own estimate. */
const LONG_RAIN = 0.5;
const rinsesOff = (lube: LubeClass): boolean => LUBE_CLASSES[lube].washPerMm >= RINSES_OFF_MM;

/** Why a class of lube does not go with this rider's habit and schools; null where it does. Common practice. */
export function againstHabits(
  lube: LubeClass,
  facts: Pick<ChoiceFacts, 'habit' | 'household' | 'waxInWet' | 'wetShare'>,
): string | null {
  if (rinsesOff(lube) && facts.habit === 'monthly')
    return 'It rinses off easily, and cleaned once a month it would be gone for weeks.';
  if (lube === 'light oil' && facts.household === 'no')
    return 'You keep to chain lube (a school, below).';
  if (isWax(lube) && facts.waxInWet === 'never' && facts.wetShare > LONG_RAIN)
    return 'You hold that wax gives out in long rain (a school, below).';
  return null;
}

/** Why a lube is not to be used by this rider, whatever its figures; null where it may. Common practice. */
export function refusalOf(c: Candidate, facts: ChoiceFacts): string | null {
  const against = againstHabits(c.lubeClass, facts);
  if (against !== null) return against;
  if (c.lubeClass === 'hot wax' && !facts.pot)
    return 'It needs a thermostat pot, used for nothing else.';
  const lead = leadHours(c, facts.storage);
  if (facts.leadHours !== null && lead > facts.leadHours)
    return `It sets in ${formatHours(lead)} where this bike stands; you have ${formatHours(facts.leadHours)}.`;
  return null;
}

/** Returns why a lube takes more time than the rider has; null where it does not. */
export function tooLong(minutesPer1000Km: number, facts: ChoiceFacts): string | null {
  const minutes = (minutesPer1000Km * facts.kmPerWeek) / 1000;
  return facts.minutesPerWeek !== null && minutes > facts.minutesPerWeek
    ? `It takes ${formatNumber(minutes)} minutes a week; you give it ${formatNumber(facts.minutesPerWeek)}.`
    : null;
}

/** Minutes to strip a chain of oil, baths and drying by hand. Common practice: 45 to 90. */
const STRIP_MINUTES = 70;
const WIPE_MINUTES = 10;

/** Minutes a change to this lube takes once, over an ordinary top-up. */
export function switchMinutes(c: Candidate, now: LubeClass | null): number {
  if (now === null || now === c.lubeClass) return 0;
  if (isWax(c.lubeClass)) return isWax(now) ? 0 : STRIP_MINUTES;
  return isWax(now) ? WIPE_MINUTES : 0;
}

/** What to mind with a lube, in sentences for the rider. Common practice. */
export function rulesFor(c: Candidate, facts: ChoiceFacts): string[] {
  const traits = LUBE_CLASSES[c.lubeClass];
  const hours = leadHours(c, facts.storage);
  const labelHours = c.setHours ?? traits.setHours;
  const notes: string[] = [];
  if (rinsesOff(c.lubeClass) && facts.wetShare > 0.1)
    notes.push('Carry a small bottle of wet lube: one shower takes this one off.');
  if (isWax(c.lubeClass) && !isWax(facts.now))
    notes.push('Wax holds on a stripped chain only: strip off what is on it now, first.');
  if (!isWax(c.lubeClass) && isWax(facts.now)) notes.push('From wax to oil a hard wipe is enough.');
  if (facts.dusty && traits.stickiness >= 1.5)
    notes.push('In dust it gathers grit to a black paste: wipe it often.');
  if (facts.ebike && traits.lifeKm < 400)
    notes.push('A motor loads the chain more than legs: lube both sides, and more often.');
  if (hours > 2 * labelHours)
    notes.push(
      `Where this bike stands it sets in ${formatHours(hours)} instead of ${formatHours(labelHours)}: somewhere warm is quicker.`,
    );
  if (facts.standsHours > 120 && traits.idlePerWeek >= 0.2)
    notes.push('A week of standing dries it out: a thin coat half an hour before the ride.');
  return notes;
}
