/**
 * Geometry of a roller chain. A link is one pitch: 114 links have 114 pins and 114 rollers.
 * Pitch: ISO 9633:2001 (cycle chains), half an inch of 25.4 mm.
 */
export const PITCH_MM = 12.7;

/** Diameter of a cycle chain's roller, mm: ISO 606, chain 081C (from memory). */
export const ROLLER_MM = 7.75;

/** Places where parts rub as one link bends on to a tooth and off again, counted on both runs. */
const ARTICULATIONS_PER_TOOTH = 8;

/**
 * What the length of a new chain may be above its pitches, %: it is made so long or a little longer, never shorter. ISO 9633,
 * tolerance on length 0 to +0.15 % (from memory).
 */
export const NEW_LENGTH_TOLERANCE_PERCENT = 0.15;

/** Length of a number of pitches when new, in mm. 24 pitches are 304.8 mm. */
export const pitchesMm = (pitches: number): number => pitches * PITCH_MM;

/** Crank turns for one lap of the chain round the bike. 114 links on a 50 ring: 2.28. */
export const turnsPerLap = (links: number, ringTeeth: number): number => links / ringTeeth;

/** Link articulations a minute at a cadence on a ring. Common practice: 90 rpm on 53 teeth, about 40,000. */
export const articulationsPerMinute = (rpm: number, ringTeeth: number): number =>
  rpm * ringTeeth * ARTICULATIONS_PER_TOOTH;

/** Elongation in % read over a span of pitches. 24 pitches at 306.3 mm: 0.5 %. */
export const elongationPercent = (measuredMm: number, pitches: number): number =>
  (measuredMm / pitchesMm(pitches) - 1) * 100;

/** Drops for one coat: a drop per roller and side. */
export const dropsPerCoat = (links: number, sides: 1 | 2 = 1): number => links * sides;

/** Drops in a millilitre of water: the metric drop of pharmacy, 0.05 ml. Oils make smaller drops. */
export const WATER_DROPS_PER_ML = 20;

/** Millilitres in a number of drops. */
export const dropsToMl = (drops: number, dropsPerMl: number = WATER_DROPS_PER_ML): number =>
  drops / dropsPerMl;

/**
 * Elongation in % at which a chain is replaced before it spoils cogs and rings. Common practice;
 * the maker's own figure wins. Narrow chains have narrow, softer cogs to protect.
 */
export function wearLimitPercent(speeds: number, gear: 'derailleur' | 'hub' | 'single'): number {
  if (gear !== 'derailleur') return 1;
  return speeds >= 11 ? 0.5 : 0.75;
}
