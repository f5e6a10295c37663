import type { CsvMapping } from './csvMapping';

const WORDS: Record<Exclude<keyof CsvMapping, 'unit' | 'durationUnit' | 'dayOrder'>, RegExp> = {
  start: /^(start|date|datum|day|when|begin)|start(ed)?[ _-]?(time|at|date)|date/i,
  time: /^(time|uhrzeit|clock|heure|hora)$|time of day|start time/i,
  distance: /dist|^(km|miles|mi|kilomet(er|re)s)\b|strecke/i,
  duration: /moving|duration|elapsed|riding time|^(hours|minutes|seconds)|dauer/i,
  climb: /climb|ascent|elev.*gain|^gain|altitude gain/i,
  name: /^(name|title|note|notes|ride|description|route|what)/i,
  gear: /gear|bike|bicycle|rad$/i,
  sport: /sport|type|activity/i,
};

/**
 * A guess at what the columns are, from their names and the first rows. Null columns were not found;
 * without a start and a distance there is no guess at those two and the rider must point.
 */
export function guessMapping(
  header: readonly string[],
  rows: readonly (readonly string[])[],
): CsvMapping {
  const taken = new Set<string>();
  const find = (what: keyof typeof WORDS): string | null => {
    const found = header.find((name) => !taken.has(name) && WORDS[what].test(name.trim()));
    if (found === undefined) return null;
    taken.add(found);
    return found;
  };
  const distance = find('distance') ?? '';
  const start = find('start') ?? '';
  const sample = (name: string) => rows.slice(0, 50).map((r) => r[header.indexOf(name)] ?? '');
  const dateOnly = sample(start).every((text) => !text.includes(':'));
  const time = dateOnly ? find('time') : null;
  const duration = find('duration');
  const firsts = sample(start).map((text) => Number(/^\d+/.exec(text)?.[0]));
  const seconds = sample(start).map((text) => Number(/^\d+\D(\d+)/.exec(text)?.[1]));
  const unit = /mi(les?)?\b/i.test(distance)
    ? 'mi'
    : /(^|[^a-z])m(et(er|re)s?)?\)?$/i.test(distance.replace(/km/i, '__'))
      ? 'm'
      : 'km';
  const monthFirst =
    seconds.some((n) => n > 12) || (unit === 'mi' && !firsts.some((n) => n > 12 && n < 32));
  return {
    start,
    time,
    distance,
    unit,
    duration,
    durationUnit: durationUnitOf(duration),
    climb: find('climb'),
    name: find('name'),
    gear: find('gear'),
    sport: find('sport'),
    dayOrder: monthFirst ? 'month first' : 'day first',
  };
}

function durationUnitOf(name: string | null): CsvMapping['durationUnit'] {
  if (name === null || /hour|\bh\b|\(h\)/i.test(name)) return 'h';
  if (/min/i.test(name)) return 'min';
  return /sec|\bs\b|\(s\)/i.test(name) ? 's' : 'h';
}
