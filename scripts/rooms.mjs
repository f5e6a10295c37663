// @ts-check

/**
 * The rooms of src/core, lowest first: a file may import only from its own room and from rooms above it in
 * this list. ESLint takes its rule from here, scripts/house.mjs its drawing.
 * @type {readonly { name: string, holds: string, coming?: true }[]}
 */
export const ROOMS = [
  { name: 'problem', holds: 'failures as values: a code with its fields' },
  { name: 'intl', holds: 'figures, money, dates and clocks as regions write them' },
  { name: 'units', holds: 'kilometres and miles, hours, how figures are written' },
  { name: 'chain', holds: 'geometry: pitch, laps, wear limits' },
  { name: 'lube', holds: 'classes, doses, schools' },
  { name: 'learn', holds: 'beliefs and Bayes’ rule' },
  { name: 'chance', holds: 'seeded random draws' },
  { name: 'time', holds: 'calendar days, zones' },
  { name: 'records', holds: 'the shapes of everything that is stored, and nothing else' },
  { name: 'settings', holds: 'usual values of settings' },
  { name: 'garage', holds: 'presets of bikes, an empty garage' },
  { name: 'logbook', holds: 'events, corrections, months, merging, versions' },
  { name: 'track', holds: 'distance and moving time of recorded points' },
  { name: 'weather', holds: 'hours, squares, the wet road, drying and setting' },
  { name: 'climate', holds: 'made-up weather, forecasts, futures' },
  { name: 'care/model', holds: 'film, grit, water and wear: constants and equations' },
  { name: 'care/replay', holds: 'the logbook played through the model' },
  { name: 'care/verdict', holds: 'clocks, look-ahead, what to do next' },
  { name: 'care/bill', holds: 'the working behind a verdict' },
  { name: 'wear', holds: 'measuring wear, its rate, when to replace' },
  { name: 'shelf', holds: 'products, stock, what a job uses' },
  { name: 'years', holds: 'seasons of riding under ways of keeping a chain, real and to come' },
  { name: 'watts', holds: 'what a chain costs in power, item by item and gear by gear' },
  { name: 'money', holds: 'what care costs and saves' },
  { name: 'choice', holds: 'which lube: seasons, ranking, rules' },
  { name: 'words/bench', holds: 'what the steps of the bench say' },
  { name: 'bench', holds: 'procedures, sessions, cautions' },
  { name: 'faults', holds: 'causes of a noise, counting, odds, what to do next' },
  { name: 'rounds', holds: 'the slower rounds: what is due beside the chain' },
  { name: 'senses', holds: 'rag by camera, chain by ear: values with errors' },
  { name: 'plan/rides', holds: 'rides to come: patterns, habit, calendar' },
  { name: 'plan/solver', holds: 'values on a grid, backwards in time' },
  { name: 'plan/simulate', holds: 'policies followed through futures, their costs' },
  { name: 'plan/agenda', holds: 'jobs on dates and why' },
  { name: 'plan', holds: 'asking for a plan and making it' },
  { name: 'trials', holds: 'honest trials of a habit: coats, what they showed, answers, plans' },
  { name: 'rides', holds: 'weeks, finding, the year' },
  { name: 'words', holds: 'sentences for riders, a file a subject' },
  { name: 'help', holds: 'what each measure means and rests on, and the words of the trade' },
  { name: 'find', holds: 'everything found from one box' },
  { name: 'entry', holds: 'what people type into forms' },
  { name: 'formats', holds: 'the backup, ride files, tables, calendars, weather' },
  { name: 'carry', holds: 'a logbook from device to device as a run of codes' },
  { name: 'arrivals', holds: 'what an import will do' },
  { name: 'words/arrivals', holds: 'what is said of rides that come in' },
  { name: 'demo', holds: 'the made-up logbook' },
  { name: 'validation', holds: 'all that validates, as one piece loaded when needed' },
];

const CORE = './src/core';

/** Where the files of a room lie. A room with rooms in it has only the files directly in it as its own. */
const filesOf = (/** @type {string} */ name) => {
  if (name === 'problem') return `${CORE}/problem.ts`;
  const hasRooms = ROOMS.some((r) => r.name.startsWith(`${name}/`));
  return `${CORE}/${name}/${hasRooms ? '*' : '**/*'}`;
};

/** Zones for ESLint: what the files of each room may not import. Tests may look anywhere. */
export const ZONES = ROOMS.slice(0, -1).map(({ name }, n) => ({
  target: filesOf(name),
  from: ROOMS.slice(n + 1).map((room) => filesOf(room.name)),
  message: `The room ${name} may not look up: see scripts/rooms.mjs.`,
}));
