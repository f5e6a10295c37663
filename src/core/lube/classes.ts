/**
 * The lube classes. One table; common practice for the lives (dry about 150 km, wet about 400 km, in
 * general 200 to 800 km), the rest fitted so that the model reproduces the facts in docs/model.md.
 * A life varies from coat to coat and rider to rider: see `lifeSigma` in `care/model/constants.ts`.
 */
export const LUBE_CLASS_NAMES = [
  'wet',
  'heavy wet',
  'dry',
  'all-weather',
  'drip wax',
  'hot wax',
  'plant-based',
  'light oil',
] as const;

export type LubeClass = (typeof LUBE_CLASS_NAMES)[number];

export interface LubeTraits {
  /** Life in dry riding, km, from a full coat to none. */
  lifeKm: number;
  /** Share of the film lost per mm of water. */
  washPerMm: number;
  /** How eagerly grit sticks to the outside; all-weather = 1. */
  stickiness: number;
  /** How easily grit works inwards through it; wet = 1. */
  migration: number;
  /** Share of the film lost in a week of standing. */
  idlePerWeek: number;
  /** Whether the outside is wiped once it has sunk in. Wax never is. */
  wiped: boolean;
  /** Hours until it may be ridden, at 20 C and 50 % humidity. */
  setHours: number;
  /** The liquid that must leave first; decides how cold and damp stretch the set time. */
  carrier: 'none' | 'solvent' | 'water';
  /**
   * W at 250 W on a clean chain over the best. Own estimates inside what is common practice: 4 to 5 W between a
   * fitting and a poor one.
   */
  frictionW: number;
}

export const LUBE_CLASSES: Record<LubeClass, LubeTraits> = {
  wet: {
    lifeKm: 400,
    washPerMm: 0.03,
    stickiness: 1.5,
    migration: 1.0,
    idlePerWeek: 0.02,
    wiped: true,
    setHours: 0.5,
    carrier: 'none',
    frictionW: 3,
  },
  'heavy wet': {
    lifeKm: 600,
    washPerMm: 0.02,
    stickiness: 1.7,
    migration: 1.0,
    idlePerWeek: 0.01,
    wiped: true,
    setHours: 0.5,
    carrier: 'none',
    frictionW: 4.5,
  },
  dry: {
    lifeKm: 150,
    washPerMm: 0.35,
    stickiness: 0.6,
    migration: 1.0,
    idlePerWeek: 0.25,
    wiped: true,
    setHours: 2,
    carrier: 'solvent',
    frictionW: 1,
  },
  'all-weather': {
    lifeKm: 300,
    washPerMm: 0.07,
    stickiness: 1.0,
    migration: 0.7,
    idlePerWeek: 0.08,
    wiped: true,
    setHours: 1,
    carrier: 'solvent',
    frictionW: 1.5,
  },
  'drip wax': {
    lifeKm: 300,
    washPerMm: 0.07,
    stickiness: 0.35,
    migration: 0.4,
    idlePerWeek: 0,
    wiped: false,
    setHours: 2,
    carrier: 'water',
    frictionW: 0.5,
  },
  'hot wax': {
    lifeKm: 1000,
    washPerMm: 0.005,
    stickiness: 0.1,
    migration: 0.18,
    idlePerWeek: 0,
    wiped: false,
    setHours: 0.5,
    carrier: 'none',
    frictionW: 0,
  },
  'plant-based': {
    lifeKm: 250,
    washPerMm: 0.06,
    stickiness: 1.8,
    migration: 1.0,
    idlePerWeek: 0.05,
    wiped: true,
    setHours: 0.5,
    carrier: 'none',
    frictionW: 3,
  },
  'light oil': {
    lifeKm: 120,
    washPerMm: 0.12,
    stickiness: 1.2,
    migration: 1.0,
    idlePerWeek: 0.2,
    wiped: true,
    setHours: 0.25,
    carrier: 'none',
    frictionW: 2.5,
  },
};

const WAXES: readonly LubeClass[] = ['drip wax', 'hot wax'];

/** Whether a lube is a wax: it holds on wax or on bare steel, and oil does not go over it. */
export const isWax = (lube: LubeClass | null): boolean => lube !== null && WAXES.includes(lube);
