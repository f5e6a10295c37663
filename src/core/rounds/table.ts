import type { Bike } from '../records/garage';
import type { Round } from '../records/rounds';

/** How long a round keeps: whichever is used up first. Null: that does not bear on it. */
export interface RoundRule {
  /** Kilometres in the wet, counted by how wet the road was. */
  wetKm: number | null;
  /** Times degreaser was used on the bike. */
  degreasings: number | null;
  weeks: number;
  minutes: number;
  /** Whether a bike has what the round is for. */
  has: (bike: Bike) => boolean;
}

const all = () => true;
const geared = ({ gear }: Bike) => gear === 'derailleur';
const disc = ({ brake }: Bike) => brake.startsWith('disc');

/** Own estimates within common practice: tyres weekly, pivots about monthly, bearings and cables a few times a year. */
export const ROUND_RULES: Record<Round, RoundRule> = {
  tyres: { wetKm: null, degreasings: null, weeks: 1, minutes: 4, has: all },
  'brake pads': {
    wetKm: 300,
    degreasings: null,
    weeks: 8,
    minutes: 3,
    has: ({ brake }) => brake !== 'drum or coaster',
  },
  rotors: { wetKm: 600, degreasings: null, weeks: 13, minutes: 5, has: disc },
  rims: {
    wetKm: 800,
    degreasings: null,
    weeks: 26,
    minutes: 3,
    has: ({ brake }) => brake === 'rim',
  },
  'jockey bearings': { wetKm: 600, degreasings: 8, weeks: 26, minutes: 15, has: geared },
  pivots: { wetKm: 300, degreasings: 4, weeks: 8, minutes: 5, has: geared },
  cables: {
    wetKm: 1500,
    degreasings: null,
    weeks: 52,
    minutes: 20,
    has: ({ brake, gear }) => brake !== 'disc, hydraulic' || gear !== 'single',
  },
  bolts: { wetKm: 500, degreasings: null, weeks: 26, minutes: 6, has: all },
  freehub: {
    wetKm: 1500,
    degreasings: null,
    weeks: 26,
    minutes: 2,
    has: ({ drive }) => drive === 'freewheel',
  },
  cranks: { wetKm: 1500, degreasings: null, weeks: 13, minutes: 3, has: all },
};
