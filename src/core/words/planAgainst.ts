import type { Costs } from '../plan/simulate/costs';
import type { PlanSettings } from '../records/plan';
import { weekdayName } from '../time/dates';
import { formatDistance } from '../units/format';
import type { Units } from '../units/convert';
import { listed } from './counted';

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

/** The plan against the routine: what it saves and what it loses, honest when the habit is as good. */
export function againstSentence(
  plan: Costs,
  routine: Costs,
  habit: PlanSettings['routine'],
  units: Units,
): string {
  const name = routineName(habit);
  if (routine.total - plan.total < ALIKE * routine.total)
    return `“${name}” is as good. Keep it if you like it.`;
  const minutes = Math.round((routine.minutes - plan.minutes) / 5) * 5;
  const dryKm = routine.dryKm - plan.dryKm;
  const wear = routine.wearMoney - plan.wearMoney;
  const saves = [
    minutes > 0 ? `about ${minutes} min` : null,
    dryKm > DRY_KM ? `about ${formatDistance(dryKm, units)} of riding dry` : null,
    wear > WEAR ? 'some wear' : null,
  ].filter((p) => p !== null);
  const loses = [
    minutes < 0 ? `takes about ${-minutes} min more` : null,
    dryKm < -DRY_KM
      ? `rides dry for ${formatDistance(plan.dryKm, units)} instead of ${formatDistance(routine.dryKm, units)}`
      : null,
    wear < -WEAR ? 'wears the chain a little more' : null,
  ].filter((p) => p !== null);
  const gain = `Compared with “${name}”, the plan saves ${saves.length > 0 ? listed(saves) : 'a little in all'}`;
  return loses.length > 0 ? `${gain}, but ${listed(loses)}.` : `${gain}.`;
}

/** From here on kilometres ridden dry and wear, as money, are worth a word. */
const DRY_KM = 1;
const WEAR = 0.05;
