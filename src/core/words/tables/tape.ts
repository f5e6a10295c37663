import type { StepInFull } from '../../care/replay/step';
import { dateFormat } from '../../intl/dates';
import { formatShare } from '../../units/format';
import type { Units } from '../../units/convert';
import { eventLine } from '../event';

const day = dateFormat({ day: 'numeric', month: 'short' });

export const TAPE_COLUMNS = ['What', 'Lube', 'Dirt', 'Grit'] as const;
const MOST = 20;

/** The last rides and jobs of a chain, newest first: what each was, and lube, dirt outside and grit inside after it. */
export const rowsOfTape = (steps: readonly StepInFull[], units: Units): string[][] =>
  steps
    .slice(-MOST)
    .reverse()
    .map(({ event, sky, after }) => [
      `${day.format(Date.parse(event.at))}: ${eventLine(event, units, sky)}`,
      ...(after ? [after.film, after.outside, after.inside].map(formatShare) : ['', '', '']),
    ]);
