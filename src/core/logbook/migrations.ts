import { LOGBOOK_VERSIONS, type Migration } from './versions';

type Fields = Record<string, unknown>;

const isFields = (value: unknown): value is Fields => typeof value === 'object' && value !== null;

/** Adds the fields that older data lacks. What is no object is returned as it is, to be refused. */
const lacking =
  (defaults: Fields) =>
  (data: unknown): unknown =>
    isFields(data) ? { ...defaults, ...data } : data;

/** Changes the events of one type, those that amend another included. */
const mapEvents =
  (type: string, change: (event: unknown) => unknown) =>
  (event: unknown): unknown => {
    const changed = (e: unknown) => (isFields(e) && e.type === type ? change(e) : e);
    return isFields(event) && event.type === 'eventAmended'
      ? { ...event, replacement: changed(event.replacement) }
      : changed(event);
  };

/** Changes every record of some kinds; a kind that is not there becomes an empty one. */
const mapRecords =
  (defaults: Record<string, Fields>) =>
  (garage: unknown): unknown => {
    if (!isFields(garage)) return garage;
    const kinds = Object.entries(defaults).map(([kind, fields]) => {
      const records = garage[kind] ?? {};
      const mapped = (all: Fields) =>
        Object.fromEntries(Object.entries(all).map(([id, r]) => [id, lacking(fields)(r)]));
      return [kind, isFields(records) ? mapped(records) : records];
    });
    return { ...garage, ...Object.fromEntries(kinds) };
  };

/** Adds what older settings lack, and within the groups named what the groups lack. */
const lackingInGroups =
  (defaults: Fields, groups: Record<string, Fields>) =>
  (settings: unknown): unknown =>
    isFields(settings)
      ? {
          ...defaults,
          ...settings,
          ...Object.fromEntries(
            Object.entries(groups).map(([group, fields]) => [
              group,
              { ...fields, ...(settings[group] as Fields | undefined) },
            ]),
          ),
        }
      : settings;

const SYSTEMS: Record<string, Fields> = {
  metric: { distance: 'km', height: 'm', temperature: 'C', rain: 'mm', clock: '24' },
  imperial: { distance: 'mi', height: 'ft', temperature: 'F', rain: 'in', clock: '24' },
};

/** Units were one word for all of them: each is set by it, and as old as it. */
function unitsEach(settings: unknown): unknown {
  if (!isFields(settings)) return settings;
  const { units: word, ...rest } = settings;
  const units = SYSTEMS[String(word)] ?? word;
  const { units: at, ...others } = isFields(settings.stamps) ? settings.stamps : {};
  const stamps =
    at === undefined || !isFields(units)
      ? settings.stamps
      : { ...others, ...Object.fromEntries(Object.keys(units).map((u) => [`units.${u}`, at])) };
  return {
    weekStart: 1,
    keys: true,
    ...rest,
    ...(units === undefined ? {} : { units }),
    ...(stamps === undefined ? {} : { stamps }),
  };
}

/**
 * One migration for every version after the first, in order. The values in it are those of their day: they
 * stay as they are when today's defaults change.
 */
export const MIGRATIONS: readonly Migration[] = [
  // Rides may have the weather `unknown`: older data has none and stays as it is.
  { version: LOGBOOK_VERSIONS.unknownWeather },
  {
    version: LOGBOOK_VERSIONS.hourlyWeather,
    event: mapEvents('rideLogged', lacking({ climbM: null, path: null, recorderId: null })),
    settings: lacking({ weatherSource: 'none', recorder: false, bikeRules: {}, csvMappings: {} }),
  },
  {
    version: LOGBOOK_VERSIONS.shelf,
    event: mapEvents('workDone', lacking({ used: [] })),
    garage: lacking({ products: {} }),
    settings: lacking({
      dropsPerMl: 25,
      choice: {
        habit: 'due',
        pot: false,
        wishes: { quick: 1, clean: 1, time: 2, money: 1, life: 2 },
      },
      schools: {
        amount: 'drop',
        sides: 'fitting',
        oldCoat: 'wipe',
        waxInWet: 'model',
        household: 'no',
      },
    }),
  },
  // Chains may also be noted as still quiet: older data has no such note.
  {
    version: LOGBOOK_VERSIONS.learning,
    event: mapEvents('workDone', lacking({ depth: null, swatches: [] })),
    garage: mapRecords({
      bikes: { wheel: 'quick release', narrowWide: false, frame: 'gloss' },
      chains: { directional: false },
      products: { setHours: null, shake: false, leastC: null },
    }),
    settings: lackingInGroups(
      {
        workshop: {
          tools: ['brushes'],
          water: 'bottle',
          outdoors: false,
          schools: {
            where: 'lower run',
            wipeAfter: 'by class',
            chainOff: 'deep only',
            washOrder: 'degreaser first',
            rotor: 'alcohol',
            pivots: 'a drop',
            newChain: 'by lube',
          },
        },
      },
      {
        choice: { minutesPerWeek: null, leadHours: null },
        schools: { products: 'one', between: 'solvent', degreaser: 'label' },
      },
    ),
  },
  {
    version: LOGBOOK_VERSIONS.plan,
    garage: lacking({ planned: {}, planMarks: {} }),
    settings: lacking({
      plan: {
        minutes: [40, 40, 40, 40, 40, 90, 90],
        otherDays: {},
        benchTime: '18:00',
        days: 28,
        cap: 'none',
        routine: { name: 'weekly', weekday: 7 },
        hourPrice: 12,
        chainPrice: 30,
        cassettePrice: 20,
        wattPrice: 0.5,
        remind: true,
        notify: false,
        seenUntil: null,
        calendar: {},
      },
    }),
  },
  // Fields may carry stamps of their own: in older data each is as old as its record.
  { version: LOGBOOK_VERSIONS.stampedFields },
  // Rides may be indoors, weather may tell of the sun, chains be inspected: older data has none of these.
  { version: LOGBOOK_VERSIONS.inspections, garage: mapRecords({ bikes: { chainCase: false } }) },
  // Checks may be left open and put right, closures not known: older data has none of these.
  { version: LOGBOOK_VERSIONS.bench },
  // Wear may be read with more tools, between two figures, with a spread: older data has none of these.
  { version: LOGBOOK_VERSIONS.wearTools },
  { version: LOGBOOK_VERSIONS.parts, garage: lacking({ parts: {} }) },
  // Faults may be found, followed and noted: older data has none of these.
  { version: LOGBOOK_VERSIONS.faults },
  {
    version: LOGBOOK_VERSIONS.money,
    garage: mapRecords({
      bikes: { cogs: null, chainstayMm: null, chainlineMm: null },
      chains: { price: null },
      parts: { price: null },
    }),
    settings: lacking({ money: { currency: null, watts: 200 } }),
  },
  // Slower rounds may be done: older data has none of these.
  {
    version: LOGBOOK_VERSIONS.rounds,
    garage: mapRecords({ chains: { openingsAllowed: null } }),
    settings: lacking({ rounds: { off: [] } }),
  },
  // Work may be the fitting of a new chain, and what it leaves open: older data has none of these.
  { version: LOGBOOK_VERSIONS.newChain },
  // Rags may be photographed and chains recorded: older data has none of these.
  { version: LOGBOOK_VERSIONS.senses },
  // Coats may be of a trial: older data has none.
  { version: LOGBOOK_VERSIONS.trials, garage: lacking({ trials: {} }) },
  { version: LOGBOOK_VERSIONS.unitsEach, settings: unitsEach },
];
