import { YEAR_SKIES, type YearSky } from '@/core/rides/year';
import type { OnePage } from '@/core/rides/onePage';

/** The page, in its own units: about the sides of A4. */
export const PAGE = { width: 720, height: 1000, edge: 48 } as const;

const MONTHS = { top: 360, height: 190 } as const;
const BAR = { top: 262, height: 30 } as const;

/** A filled stretch of the page. */
export interface Block {
  key: string;
  x: number;
  y: number;
  width: number;
  height: number;
  sky: YearSky;
}

/** What the page draws of the distance: the year as one bar, and month by month. */
export interface PageShapes {
  year: Block[];
  months: { x: number; start: number; blocks: Block[] }[];
  /** Where the months stand. */
  floor: number;
}

export function pageShapes({ months, bySky, km }: OnePage): PageShapes {
  const wide = PAGE.width - 2 * PAGE.edge;
  let x: number = PAGE.edge;
  const year = YEAR_SKIES.map((sky): Block => {
    const width = km > 0 ? (wide * bySky[sky]) / km : 0;
    const block = { key: sky, x, y: BAR.top, width, height: BAR.height, sky };
    x += width;
    return block;
  });
  const floor = MONTHS.top + MONTHS.height;
  const most = Math.max(1, ...months.map((m) => YEAR_SKIES.reduce((sum, sky) => sum + m[sky], 0)));
  const step = wide / Math.max(1, months.length);
  return {
    year,
    floor,
    months: months.map((month, n) => {
      let y = floor;
      const left = PAGE.edge + n * step;
      const blocks = YEAR_SKIES.map((sky): Block => {
        const height = (MONTHS.height * month[sky]) / most;
        y -= height;
        return { key: sky, x: left + step * 0.18, y, width: step * 0.64, height, sky };
      });
      return { x: left + step / 2, start: month.start, blocks };
    }),
  };
}

/** Cuts a sentence into lines of at most so many letters. */
export function linesOf(sentence: string, letters: number): string[] {
  const lines: string[] = [];
  for (const word of sentence.split(' ')) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + 1 + word.length <= letters)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}
