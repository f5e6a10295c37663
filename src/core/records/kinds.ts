/** Words that stored records choose from. Apart from the shapes, so that whoever offers a choice need not load what validates. */

/** `unknown`: from a file without weather; a middle is assumed and said to be a guess. */
export const WEATHER_WORDS = ['dry', 'dusty', 'damp', 'wet', 'downpour', 'unknown'] as const;
/** Days weeks begin on somewhere: Monday, Saturday, Sunday (ISO 8601). */
export const WEEK_STARTS = [1, 6, 7] as const;
export type WeekStart = (typeof WEEK_STARTS)[number];
/** `indoor`: on a trainer; no road, no weather. */
export const SURFACES = ['paved', 'gravel', 'trail', 'indoor'] as const;
export const CLEAN_METHODS = [
  'none',
  'dry wipe',
  'solvent wipe',
  'degreaser wipe',
  'flush and wipe',
  'brush',
  'scrubber',
  'baths',
  'soak',
  'wax reset',
  'strip',
] as const;
export const DRYINGS = ['left to drip', 'towel', 'towel and air'] as const;
export const SOUNDS = [
  'squeak',
  'grinding',
  'click',
  'rattle',
  'still quiet',
  // A squeak that was traced to something else: it says nothing of the chain.
  'not the chain',
] as const;
/** What a rider finds who looks for stiff links and pits after rust. */
export const FINDINGS = ['fine', 'stiff links', 'pitted'] as const;
/** What a check at the bench found and nobody has put right yet. */
export const UNSETTLED = [
  'noise',
  'brakes',
  'closure',
  'routing',
  'wheel',
  'tension',
  'jockey wheels',
  'worn link',
  // Of a new chain: what it runs on, how it runs under load, and that it has not been ridden yet.
  'worn teeth',
  'skipping',
  'first ride',
] as const;
export type Unsettled = (typeof UNSETTLED)[number];
export const WEAR_TOOLS = ['checker', 'drop-in checker', 'ruler', 'calliper'] as const;
/** Most that is taken for a reading of wear, %: any chain is long finished. */
export const MOST_ELONGATION = 3;
export type WearTool = (typeof WEAR_TOOLS)[number];

/** How deep a piece of work went, in the trade's words: shallow first. */
export const DEPTHS = [
  'wipe-down',
  'thin coat',
  'top-up',
  'roadside',
  'rescue',
  'on-bike clean',
  'off-bike clean',
  'soak',
  'new-chain strip',
  'wax reset',
  'swap',
  'new chain',
] as const;
export type Depth = (typeof DEPTHS)[number];

/** More in one ride is a mistake of writing, km. */
export const LONGEST_RIDE_KM = 1000;

export type WeatherWord = (typeof WEATHER_WORDS)[number];
export type Surface = (typeof SURFACES)[number];
export type CleanMethod = (typeof CLEAN_METHODS)[number];
export type Drying = (typeof DRYINGS)[number];
export type Finding = (typeof FINDINGS)[number];
export type Sound = (typeof SOUNDS)[number];

export const STORAGE_PLACES = ['indoors', 'shed', 'outdoors'] as const;
export const BRAKE_KINDS = ['rim', 'disc, cable', 'disc, hydraulic', 'drum or coaster'] as const;
export const DRIVES = ['freewheel', 'fixed', 'coaster'] as const;
export const GEARS = ['derailleur', 'hub', 'single'] as const;
export const WHEEL_FIXINGS = ['quick release', 'thru axle', 'nuts'] as const;
export const FRAME_FINISHES = ['gloss', 'matt', 'bare metal'] as const;
/** `not known`: counted as one that closes once. */
export const CLOSURES = [
  'reusable link',
  'single-use link',
  'connecting pin',
  'not known',
] as const;

export type StoragePlace = (typeof STORAGE_PLACES)[number];

export const PRODUCT_KINDS = ['lube', 'degreaser', 'solvent', 'wax', 'cleaner', 'rags'] as const;

export type ProductKind = (typeof PRODUCT_KINDS)[number];

/** How much hangs on a ride: on a long day a dry chain costs more, for a race the chain is prepared. */
export const WEIGHTS = ['ordinary', 'long day', 'race'] as const;
export type Weight = (typeof WEIGHTS)[number];

export const CAPS = ['none', 'weekly', 'fortnightly', 'monthly'] as const;
export type Cap = (typeof CAPS)[number];

export const ROUTINES = ['weekly', 'fortnightly', 'monthly', 'squeak'] as const;

export const THEMES = ['system', 'light', 'dark'] as const;

export const WEATHER_SOURCES = ['none', 'service', 'file'] as const;

export type ThemeChoice = (typeof THEMES)[number];

/** What wears with the chain. */
export const PART_KINDS = ['cassette', 'ring', 'jockey wheels'] as const;
export type PartKind = (typeof PART_KINDS)[number];
/** How a part leaves for good. */
export const PART_ENDS = ['worn out', 'sold'] as const;
export type PartEnd = (typeof PART_ENDS)[number];

/** The kinds of record a garage holds. Whoever goes through all goes through this list. */
export const RECORD_KINDS = [
  'bikes',
  'chains',
  'parts',
  'products',
  'planned',
  'planMarks',
  'trials',
] as const;
export type RecordKind = (typeof RECORD_KINDS)[number];
