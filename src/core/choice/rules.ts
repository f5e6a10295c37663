import { isWax, LUBE_CLASSES, type LubeClass } from '../lube/classes';
import type { Schools } from '../lube/schools';
import type { StoragePlace } from '../records/kinds';
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
/** Whether one shower takes a lube off. */
export const rinsesOff = (lube: LubeClass): boolean =>
  LUBE_CLASSES[lube].washPerMm >= RINSES_OFF_MM;

/** Why a lube is not to be used by this rider. Common practice. */
export type Refusal =
  | { kind: 'rinses off' | 'chain lube only' | 'wax in long rain' | 'no pot' }
  /** Hours it sets where this bike stands, and hours there are. */
  | { kind: 'sets too slowly'; hours: number; leadHours: number }
  /** Minutes a week it takes, and those there are. */
  | { kind: 'takes too long'; minutes: number; minutesPerWeek: number };

/** Returns why a class of lube does not go with this rider's habit and schools; null where it does. */
export function againstHabits(
  lube: LubeClass,
  facts: Pick<ChoiceFacts, 'habit' | 'household' | 'waxInWet' | 'wetShare'>,
): Refusal | null {
  if (rinsesOff(lube) && facts.habit === 'monthly') return { kind: 'rinses off' };
  if (lube === 'light oil' && facts.household === 'no') return { kind: 'chain lube only' };
  if (isWax(lube) && facts.waxInWet === 'never' && facts.wetShare > LONG_RAIN)
    return { kind: 'wax in long rain' };
  return null;
}

/** Returns why a lube is not to be used by this rider, whatever its figures; null where it may. */
export function refusalOf(c: Candidate, facts: ChoiceFacts): Refusal | null {
  const against = againstHabits(c.lubeClass, facts);
  if (against !== null) return against;
  if (c.lubeClass === 'hot wax' && !facts.pot) return { kind: 'no pot' };
  const hours = leadHours(c, facts.storage);
  return facts.leadHours !== null && hours > facts.leadHours
    ? { kind: 'sets too slowly', hours, leadHours: facts.leadHours }
    : null;
}

/** Returns why a lube takes more time than the rider has; null where it does not. */
export function tooLong(minutesPer1000Km: number, facts: ChoiceFacts): Refusal | null {
  const minutes = (minutesPer1000Km * facts.kmPerWeek) / 1000;
  const { minutesPerWeek } = facts;
  return minutesPerWeek !== null && minutes > minutesPerWeek
    ? { kind: 'takes too long', minutes, minutesPerWeek }
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

/** What to mind with a lube. Common practice. */
export type LubeRule =
  | {
      kind:
        | 'carry wet lube'
        | 'strip before wax'
        | 'wipe off wax'
        | 'gathers dust'
        | 'motor loads it'
        | 'dries out standing';
    }
  /** Hours it sets where this bike stands, and hours by its label. */
  | { kind: 'sets slowly here'; hours: number; labelHours: number };

/** Returns what to mind with a lube on this bike, the weightiest first. */
export function rulesFor(c: Candidate, facts: ChoiceFacts): LubeRule[] {
  const traits = LUBE_CLASSES[c.lubeClass];
  const hours = leadHours(c, facts.storage);
  const labelHours = c.setHours ?? traits.setHours;
  const rules: LubeRule[] = [];
  if (rinsesOff(c.lubeClass) && facts.wetShare > 0.1) rules.push({ kind: 'carry wet lube' });
  if (isWax(c.lubeClass) && !isWax(facts.now)) rules.push({ kind: 'strip before wax' });
  if (!isWax(c.lubeClass) && isWax(facts.now)) rules.push({ kind: 'wipe off wax' });
  if (facts.dusty && traits.stickiness >= 1.5) rules.push({ kind: 'gathers dust' });
  if (facts.ebike && traits.lifeKm < 400) rules.push({ kind: 'motor loads it' });
  if (hours > 2 * labelHours) rules.push({ kind: 'sets slowly here', hours, labelHours });
  if (facts.standsHours > 120 && traits.idlePerWeek >= 0.2)
    rules.push({ kind: 'dries out standing' });
  return rules;
}
