import type { Clock } from './dates';

/** The zone this device is in. */
export const deviceZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;

/** True of the name of a zone this device knows. */
export function isZone(name: string): boolean {
  try {
    return new Intl.DateTimeFormat('en', { timeZone: name }).resolvedOptions().timeZone !== '';
  } catch {
    return false;
  }
}

/** What a month (0 to 11) is called in a language. */
export const monthIn = (language: string, month: 'long' | 'short', n: number): string =>
  new Intl.DateTimeFormat(language, { month, timeZone: 'UTC' }).format(Date.UTC(2026, n, 1));

/** How people write where a language of a region is spoken: the region (ISO 3166), clocks, the first day of a week (ISO 8601). */
export interface Regional {
  region: string;
  clock: Clock;
  firstDay: number;
}

/** Unicode's data of regions; some browsers offer the days of the week as a property, some not at all. */
type WithWeeks = Intl.Locale & {
  getWeekInfo?: () => { firstDay: number };
  weekInfo?: { firstDay: number };
};

const MONDAY = 1;

/** What Unicode's data say of a language of a region, `en-US`. Of what is no name of a language: 24 hours, from Monday. */
export function regionalOf(language: string): Regional {
  try {
    return known(language);
  } catch {
    return { region: '', clock: '24', firstDay: MONDAY };
  }
}

function known(language: string): Regional {
  const locale: WithWeeks = new Intl.Locale(language).maximize();
  const { hourCycle } = new Intl.DateTimeFormat(language, { hour: 'numeric' }).resolvedOptions();
  return {
    region: locale.region ?? '',
    clock: hourCycle === 'h12' || hourCycle === 'h11' ? '12' : '24',
    firstDay: (locale.getWeekInfo?.() ?? locale.weekInfo)?.firstDay ?? MONDAY,
  };
}
