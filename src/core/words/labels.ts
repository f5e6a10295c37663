import type { Units } from '../units/convert';
import type { Standard } from '../records/standards';
import type { Bike } from '../records/garage';
import type {
  StoragePlace,
  Unsettled,
  CleanMethod,
  Depth,
  Drying,
  Finding,
  Sound,
  Surface,
  WeatherWord,
} from '../records/kinds';

/** What is written in units, and the units there are. */
export const UNITS_LABEL: Record<keyof Units, string> = {
  distance: 'Distances',
  height: 'Heights',
  temperature: 'Temperatures',
  rain: 'Rain',
  clock: 'Clock',
};
export const UNIT_LABEL: Record<Units[keyof Units], string> = {
  km: 'Kilometres',
  mi: 'Miles',
  m: 'Metres',
  ft: 'Feet',
  C: '°C',
  F: '°F',
  mm: 'Millimetres',
  in: 'Inches',
  '24': '18:30',
  '12': '6:30 pm',
};

/** Labels of the trade's terms as the rider reads them. */
export const WEATHER_LABEL: Record<WeatherWord, string> = {
  dry: 'Dry',
  dusty: 'Dusty',
  damp: 'Damp road',
  wet: 'Wet',
  downpour: 'Downpour',
  unknown: 'Not known',
};

export const WEATHER_HINT: Record<WeatherWord, string> = {
  dry: 'Dry road, clean air.',
  dusty: 'Dry for days; you could see the dust.',
  damp: 'Half the way on wet road, no rain to speak of.',
  wet: 'Wet road, light rain.',
  downpour: 'It poured.',
  unknown: 'A guess is used: a quarter of the way on wet road.',
};

export const SURFACE_LABEL: Record<Surface, string> = {
  paved: 'Paved',
  gravel: 'Gravel',
  trail: 'Trail',
  indoor: 'Indoors',
};

/** What a ride on the trainer is taken for. */
export const INDOOR_HINT =
  'On a trainer: no weather counts. “Salted” where sweat drips on the chain.';

export const METHOD_LABEL: Record<CleanMethod, string> = {
  none: 'No cleaning',
  'dry wipe': 'Dry rag',
  'solvent wipe': 'Rag with a little solvent',
  'degreaser wipe': 'Rag with degreaser, rinsed',
  'flush and wipe': 'Flush with fresh lube, wipe hard',
  brush: 'Brush and degreaser',
  scrubber: 'Scrubber',
  baths: 'Off the bike, in baths',
  soak: 'Off the bike, soak',
  'wax reset': 'Wax reset',
  strip: 'Strip a new chain',
};

/** What comes off on the rag, from swatch 1 to 5. */
export const RAG_SHADES = ['Clean', 'A shade', 'Grey', 'Dark', 'Black'] as const;

export const DRYING_LABEL: Record<Drying, string> = {
  'left to drip': 'Left to drip',
  towel: 'Towel',
  'towel and air': 'Towel and air',
};

export const DEPTH_LABEL: Record<Depth, string> = {
  'wipe-down': 'Wipe-down',
  'thin coat': 'Thin coat before a ride',
  'top-up': 'Top-up: wipe, lube, wipe',
  rescue: 'After-rain rescue',
  'on-bike clean': 'On-bike clean and lube',
  'off-bike clean': 'Off-bike clean and lube',
  soak: 'Soak and lube',
  'new-chain strip': 'New-chain strip',
  roadside: 'Roadside top-up',
  'wax reset': 'Wax reset',
  swap: 'Swap chains',
  'new chain': 'New chain, from the box',
};

export const STANDARD_LABEL: Record<Standard, string> = {
  immaculate: 'Immaculate',
  tidy: 'Tidy',
  'easy-going': 'Easy-going',
};

export const SOUND_LABEL: Record<Sound, string> = {
  'not the chain': 'Squeak, not of the chain',
  squeak: 'Squeak',
  grinding: 'Grinding',
  click: 'Click each lap',
  rattle: 'Rattle',
  'still quiet': 'Nothing, it is still quiet',
};

/** What a check left open, as a thing to see to. */
export const UNSETTLED_LABEL: Record<Unsettled, string> = {
  noise: 'A noise',
  brakes: 'Weak brakes',
  closure: 'The chain’s closure',
  routing: 'The chain’s way through the cage',
  wheel: 'The rear wheel',
  tension: 'Chain tension',
  'jockey wheels': 'A stiff jockey wheel',
  'worn link': 'A worn quick link',
  'worn teeth': 'Worn teeth',
  skipping: 'A chain that skips',
  'first ride': 'The first ride on a new chain',
};

export const FINDING_LABEL: Record<Finding, string> = {
  fine: 'All fine',
  'stiff links': 'Stiff links',
  pitted: 'Pits',
};

export const STORAGE_LABEL: Record<StoragePlace, string> = {
  indoors: 'indoors',
  shed: 'in a shed',
  outdoors: 'outdoors',
};

export const BRAKE_LABEL: Record<Bike['brake'], string> = {
  rim: 'rim brakes',
  'disc, cable': 'disc brakes by cable',
  'disc, hydraulic': 'hydraulic disc brakes',
  'drum or coaster': 'drum or coaster brake',
};
