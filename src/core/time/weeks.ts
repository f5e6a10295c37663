import type { Day } from 'date-fns';
import { startOfWeek } from 'date-fns/startOfWeek';

/** Where the week of a moment (ms) begins where the app runs, 0:00 of its first day (1 Monday to 7 Sunday), ms. */
export const weekOf = (at: number, firstDay: number): number =>
  startOfWeek(at, { weekStartsOn: (firstDay % 7) as Day }).getTime();
