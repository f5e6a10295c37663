import type { Purchase } from '../bench/purchase';
import type { Grade, Substitute } from '../bench/substitutes';
import { formatNumber } from '../units/format';
import { TOOL_LABEL } from './workshop';

export const GRADE_LABEL: Record<Grade, string> = {
  fine: 'Serves as well',
  'with care': 'Serves with care',
  never: 'Never',
};

/** What serves in place of a tool, in a line. */
export const substituteLine = ({ use, instead, minutes, note }: Substitute): string =>
  `${use}, for ${instead}${minutes > 0 ? ` (${minutes} min more)` : ''}. ${note}`;

/** Which one tool would save most, on the jobs the plan has. */
export const purchaseSentence = ({ tool, minutes }: Purchase): string =>
  `Of what you don’t have, this would save most: ${TOOL_LABEL[tool].toLowerCase()}, about ${formatNumber(Math.round(minutes / 5) * 5)} min a year on the jobs in your plan.`;

/** What a saved hour then costs in the first year; empty where no price is known. */
export const priceSentence = ({ minutes }: Purchase, price: number | null): string =>
  price === null || price <= 0
    ? ''
    : `In its first year an hour saved costs ${formatNumber(Math.round((price / minutes) * 600) / 10)}.`;
