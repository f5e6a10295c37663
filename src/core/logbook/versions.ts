import { DEFAULT_PLAN } from '../plan/schema';
import { USUAL_WORKSHOP } from '../bench/workshop';

/** Versions of the stored logbook, by name. A new one goes at the end with the next number. */
export const LOGBOOK_VERSIONS = {
  start: 1,
  unknownWeather: 2,
  hourlyWeather: 3,
  shelf: 4,
  learning: 5,
  plan: 6,
  stampedFields: 7,
} as const;

export const CURRENT_VERSION = Math.max(...Object.values(LOGBOOK_VERSIONS));

/** Brings parts of a logbook to a version from the one before. Pure; a part not named stays as it is. */
export interface Migration {
  version: number;
  event?(event: unknown): unknown;
  garage?(garage: unknown): unknown;
  settings?(settings: unknown): unknown;
}

/** One migration for every version after the first, in order. */
export const MIGRATIONS: readonly Migration[] = [
  // Rides may have the weather `unknown`: older data has none and stays as it is.
  { version: LOGBOOK_VERSIONS.unknownWeather },
  { version: LOGBOOK_VERSIONS.hourlyWeather, event: withWayAndClimb, settings: withSources },
  {
    version: LOGBOOK_VERSIONS.shelf,
    event: withUse,
    garage: withProducts,
    settings: withChoice,
  },
  // Chains may be noted as still quiet: older data has no such note.
  {
    version: LOGBOOK_VERSIONS.learning,
    event: withSwatches,
    garage: withLabels,
    settings: withTimes,
  },
  { version: LOGBOOK_VERSIONS.plan, garage: withPlanned, settings: withPlan },
  // Fields may carry stamps of their own: in older data each is as old as its record.
  { version: LOGBOOK_VERSIONS.stampedFields },
];

/** Rides know their way and climb, where something told: of older ones nothing did. */
function withWayAndClimb(event: unknown): unknown {
  if (typeof event !== 'object' || event === null || !('type' in event)) return event;
  const unknowns = { climbM: null, path: null, recorderId: null };
  if (event.type === 'rideLogged') return { ...unknowns, ...event };
  if (event.type === 'eventAmended' && 'replacement' in event)
    return { ...event, replacement: withWayAndClimb(event.replacement) };
  return event;
}

/** Settings of before there were sources of rides and weather. */
function withSources(settings: unknown): unknown {
  if (typeof settings !== 'object' || settings === null) return settings;
  return { weatherSource: 'none', recorder: false, bikeRules: {}, csvMappings: {}, ...settings };
}

/** Work knows what it took off the shelf: of older work nothing is known. */
function withUse(event: unknown): unknown {
  if (typeof event !== 'object' || event === null || !('type' in event)) return event;
  if (event.type === 'workDone') return { used: [], ...event };
  if (event.type === 'eventAmended' && 'replacement' in event)
    return { ...event, replacement: withUse(event.replacement) };
  return event;
}

/** A garage of before there was a shelf. */
function withProducts(garage: unknown): unknown {
  return typeof garage === 'object' && garage !== null ? { products: {}, ...garage } : garage;
}

/** Work of before it was guided at the bench. */
function withSwatches(event: unknown): unknown {
  if (typeof event !== 'object' || event === null || !('type' in event)) return event;
  if (event.type === 'workDone') return { depth: null, swatches: [], ...event };
  if (event.type === 'eventAmended' && 'replacement' in event)
    return { ...event, replacement: withSwatches(event.replacement) };
  return event;
}

/** A garage of before labels were read for more than life, and before procedures were made for a bike. */
function withLabels(garage: unknown): unknown {
  if (typeof garage !== 'object' || garage === null) return garage;
  const { bikes, chains, products } = garage as Record<string, unknown>;
  return {
    ...garage,
    bikes: withDefaults(bikes, { wheel: 'quick release', narrowWide: false, frame: 'gloss' }),
    chains: withDefaults(chains, { directional: false }),
    products: withDefaults(products, { setHours: null, shake: false, leastC: null }),
  };
}

/** Every record with defaults for what it lacks; what is no record stays, to be refused. */
const withDefaults = (records: unknown, defaults: object): unknown =>
  typeof records === 'object' && records !== null
    ? Object.fromEntries(
        Object.entries(records).map(([id, r]) => [
          id,
          typeof r === 'object' && r !== null ? { ...defaults, ...r } : (r as unknown),
        ]),
      )
    : (records ?? {});

/** Settings of before a rider's time bore on the choice, of fewer schools, and without a workshop. */
function withTimes(settings: unknown): unknown {
  if (typeof settings !== 'object' || settings === null) return settings;
  const { choice, schools } = settings as { choice?: object; schools?: object };
  return {
    workshop: USUAL_WORKSHOP,
    ...settings,
    choice: { minutesPerWeek: null, leadHours: null, ...choice },
    schools: { products: 'one', between: 'solvent', degreaser: 'label', ...schools },
  };
}

/** A garage of before rides were planned. */
function withPlanned(garage: unknown): unknown {
  if (typeof garage !== 'object' || garage === null) return garage;
  return { planned: {}, planMarks: {}, ...garage };
}

/** Settings of before there was a planner. */
function withPlan(settings: unknown): unknown {
  if (typeof settings !== 'object' || settings === null) return settings;
  return { plan: DEFAULT_PLAN, ...settings };
}

/** Settings of before lubes were chosen. */
function withChoice(settings: unknown): unknown {
  if (typeof settings !== 'object' || settings === null) return settings;
  const wishes = { quick: 1, clean: 1, time: 2, money: 1, life: 2 };
  const choice = { habit: 'due', pot: false, wishes };
  const schools = {
    amount: 'drop',
    sides: 'fitting',
    oldCoat: 'wipe',
    waxInWet: 'model',
    household: 'no',
  };
  return { choice, schools, dropsPerMl: 25, ...settings };
}

/** Throws when the list has a gap or a repeat: that is a mistake of ours, found at start-up. */
export function checkMigrations(
  versions: Record<string, number>,
  migrations: readonly Migration[],
): void {
  const numbers = Object.values(versions).sort((a, b) => a - b);
  numbers.forEach((n, i) => {
    if (n !== i + 1)
      throw new Error(`Logbook versions must run 1, 2, 3 …: found ${numbers.join(', ')}.`);
  });
  const expected = numbers.slice(1).join();
  const found = migrations.map((m) => m.version).join();
  if (expected !== found)
    throw new Error(
      `Migrations needed for versions ${expected || 'none'}, found ${found || 'none'}.`,
    );
}

/** Brings one part from a version, 1 to today's, to today's. Damaged data comes out as it may: validate it. */
export function migrate(
  part: 'event' | 'garage' | 'settings',
  data: unknown,
  from: number,
  migrations: readonly Migration[] = MIGRATIONS,
): unknown {
  let value = data;
  for (const migration of migrations)
    if (migration.version > from) value = migration[part]?.(value) ?? value;
  return value;
}
