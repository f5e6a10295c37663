import { TOOL_NOISE } from '../care/model/observe';
import { ROLLER_MM, elongationPercent, pitchesMm } from '../chain/geometry';
import { MOST_ELONGATION, type WearTool } from '../records/kinds';

/** Pitches a ruler lies along: 12 full links, each an inner and an outer one, a foot of a new chain. */
export const RULER_PITCHES = 24;
/** Pitches between the two rollers a calliper is put against from within. Common practice. */
export const CALLIPER_PITCHES = 10;

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

const kept = (percent: number): number => Math.min(MOST_ELONGATION, Math.max(0, percent));
/** Three decimals of a percent are finer than any tool; more is noise in a file. */
const round = (x: number): number => Math.round(x * 1000) / 1000;

/**
 * Of several places the mean, as much sharper as there are, and no sharper than they differ. Worked out here: the package for it
 * would add 10 kB to the first script.
 */
function reading(tool: WearTool, percents: readonly number[]): Reading {
  const n = percents.length;
  const mean = percents.reduce((sum, p) => sum + p, 0) / n;
  const squares = percents.reduce((sum, p) => sum + (p - mean) ** 2, 0);
  const differ = n > 1 ? Math.sqrt(squares / (n - 1)) : 0;
  const sd = Math.max(TOOL_NOISE[tool], differ) / Math.sqrt(n);
  return { tool, percent: round(kept(mean)), sd: round(sd) };
}

/** Lengths in mm over 24 pitches, pin to pin, at one or more places. 304.8 mm new; 306.3 mm is 0.5 %. */
export const byRuler = (lengthsMm: readonly number[]): Reading =>
  reading(
    'ruler',
    lengthsMm.map((mm) => elongationPercent(mm, RULER_PITCHES)),
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
  );

/** Readings in % of a checker with a scale. */
export const byChecker = (percents: readonly number[]): Reading => reading('checker', percents);

/** The sides of a drop-in checker, %. */
export const DROP_IN_SIDES = [0.5, 0.75, 1] as const;
export type DropsIn = 'none' | (typeof DROP_IN_SIDES)[number];

/** The largest side that drops in: the wear lies between it and the next. */
export function byDropIn(largest: DropsIn): Reading {
  const at = largest === 'none' ? -1 : DROP_IN_SIDES.indexOf(largest);
  const from = DROP_IN_SIDES[at] ?? 0;
  const to = DROP_IN_SIDES[at + 1] ?? MOST_ELONGATION;
  // Of a chain past the last side nobody knows how far: its figure is the side.
  const percent = to === MOST_ELONGATION ? from : round((from + to) / 2);
  return {
    tool: 'drop-in checker',
    percent,
    sd: TOOL_NOISE['drop-in checker'],
    between: [from, to],
  };
}

/** Length in mm of 24 pitches at a wear in %, and the sixteenths of an inch beyond 12 in. */
export const lengthAt = (percent: number): { mm: number; sixteenths: number } => {
  const mm = pitchesMm(RULER_PITCHES) * (1 + percent / 100);
  return { mm, sixteenths: (mm / 25.4 - 12) * 16 };
};

/** Gap in mm between two rollers ten pitches apart at a wear in %: 119.25 new. */
export const gapAt = (percent: number): number =>
  pitchesMm(CALLIPER_PITCHES) * (1 + percent / 100) - ROLLER_MM;
