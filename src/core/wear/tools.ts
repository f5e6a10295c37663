import type { WearTool } from '../records/kinds';
import { PITCH_MM, elongationPercent, pitchesMm } from '../chain';

/** Pitches a ruler lies along: 12 full links, each an inner and an outer one, a foot of a new chain. */
export const RULER_PITCHES = 24;
/** Pitches between the two rollers a calliper is put against from within. Common practice. */
export const CALLIPER_PITCHES = 10;
/** Diameter of a cycle chain's roller, mm: ISO 606, chain 081C (from memory). */
export const ROLLER_MM = 7.75;

/** How wear can be read: some tools in one unit or another. */
export const READ_BY = ['drop-in', 'scale', 'ruler mm', 'ruler in', 'calliper'] as const;
export type ReadBy = (typeof READ_BY)[number];

/** A reading of wear in %, with its standard deviation, and what a tool that only drops in or not leaves open. */
export interface Reading {
  tool: WearTool;
  percent: number;
  sd: number;
  between?: [number, number];
}

/** Spread of one reading, as the tool shows it. Common practice; see the constants of the care model. */
const RULER_MM_SD = 0.5;
const CALLIPER_MM_SD = 0.1;
const CHECKER_PERCENT_SD = 0.05;

/** Most that is taken for a reading, %: the end of what the logbook stores. */
export const MOST_PERCENT = 3;

const mean = (values: readonly number[]): number =>
  values.reduce((a, b) => a + b, 0) / values.length;
const kept = (percent: number): number => Math.min(MOST_PERCENT, Math.max(0, percent));
/** Three decimals of a percent are finer than any tool; more is noise in a file. */
const round = (x: number): number => Math.round(x * 1000) / 1000;

/** A mean of several places is that much sharper, and no sharper than the places differ. */
function spread(percents: readonly number[], sd: number): number {
  const n = percents.length;
  const m = mean(percents);
  const between = n > 1 ? Math.sqrt(percents.reduce((s, p) => s + (p - m) ** 2, 0) / (n - 1)) : 0;
  return round(Math.max(sd, between) / Math.sqrt(n));
}

const reading = (tool: WearTool, percents: readonly number[], sd: number): Reading => ({
  tool,
  percent: round(kept(mean(percents))),
  sd: spread(percents, sd),
});

/** Lengths in mm over 24 pitches, pin to pin, at one or more places. 304.8 mm new; 306.3 mm is 0.5 %. */
export const byRuler = (lengthsMm: readonly number[]): Reading =>
  reading(
    'ruler',
    lengthsMm.map((mm) => elongationPercent(mm, RULER_PITCHES)),
    (RULER_MM_SD / pitchesMm(RULER_PITCHES)) * 100,
  );

/** Sixteenths of an inch beyond 12 in over 12 full links. One is 0.52 %. */
export const bySixteenths = (sixteenths: readonly number[]): Reading =>
  byRuler(sixteenths.map((s) => (12 + s / 16) * 25.4));

/**
 * Gaps in mm between the inner faces of two rollers ten pitches apart: 119.25 mm new. The rollers' own play is in it,
 * so that it reads high by that.
 */
export const byCalliper = (gapsMm: readonly number[]): Reading =>
  reading(
    'calliper',
    gapsMm.map((mm) => elongationPercent(mm + ROLLER_MM, CALLIPER_PITCHES)),
    (CALLIPER_MM_SD / (CALLIPER_PITCHES * PITCH_MM)) * 100,
  );

/** Readings in % of a checker with a scale. */
export const byChecker = (percents: readonly number[]): Reading =>
  reading('checker', percents, CHECKER_PERCENT_SD);

/** The sides of a drop-in checker, %. */
export const DROP_IN_SIDES = [0.5, 0.75, 1] as const;
export type DropsIn = 'none' | (typeof DROP_IN_SIDES)[number];

/** The largest side that drops in: the wear lies between it and the next. */
export function byDropIn(largest: DropsIn): Reading {
  const at = largest === 'none' ? -1 : DROP_IN_SIDES.indexOf(largest);
  const from = DROP_IN_SIDES[at] ?? 0;
  const to = DROP_IN_SIDES[at + 1] ?? MOST_PERCENT;
  // Of a chain past the last side nobody knows how far: its figure is the side.
  const percent = to === MOST_PERCENT ? from : round((from + to) / 2);
  return { tool: 'drop-in checker', percent, sd: CHECKER_PERCENT_SD, between: [from, to] };
}

/** Length in mm of 24 pitches at a wear in %, and the sixteenths of an inch beyond 12 in. */
export const lengthAt = (percent: number): { mm: number; sixteenths: number } => {
  const mm = pitchesMm(RULER_PITCHES) * (1 + percent / 100);
  return { mm, sixteenths: (mm / 25.4 - 12) * 16 };
};
