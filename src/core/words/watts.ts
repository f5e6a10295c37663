import { formatNumber } from '../units/format';
import { formatMoney } from '../intl/money';
import type { GearMap } from '../watts/gears';
import type { MinutesLost } from '../watts/minutes';
import type { WattItem } from '../watts/ledger';
import type { Way, WinBack } from '../watts/winBack';

export const WATT_LABEL: Record<WattItem, string> = {
  outside: 'Dirt outside',
  inside: 'Grit inside',
  dryness: 'A dry chain',
  wear: 'Wear',
  lube: 'The lube itself',
  crossing: 'Crossed gears',
  length: 'Wrong length',
  quality: 'The chain’s own make',
};

/** What is said of a loss nobody can see from here. */
export const NOT_KNOWN: Partial<Record<WattItem, string>> = {
  quality: 'Chains differ by up to 3 W. Only a test rig tells which is which.',
};

export const formatWatts = (watts: number): string =>
  `${formatNumber(Math.round(watts * 10) / 10)} W`;

/** "Your chain takes about 9 W of your 200 W beyond a clean, straight new one." */
export const wattsSentence = (watts: number, power: number): string =>
  watts < 1
    ? `Your chain runs about as well as a new one. It takes less than 1 W of your ${power} W.`
    : `Your chain takes about ${formatWatts(Math.round(watts))} of your ${power} W, beyond a clean, straight new one with the best lube.`;

const WAY_SAID: Record<Way, string> = {
  gears: 'Stay off the crossed gears.',
  wipe: 'Wipe the chain.',
  topUp: 'Wipe it and lube it.',
  clean: 'Clean it on the bike and lube it.',
  'new chain': 'Fit a new chain.',
  'best lube': 'Strip the chain and change to drip wax.',
};

export const waySentence = ({ way }: WinBack): string => WAY_SAID[way];

/** "2.1 W for 4 min", with the money where it is known. */
export function winBackFacts({ watts, minutes, money }: WinBack, currency: string | null): string {
  const time = minutes === 0 ? 'at no cost' : `for ${formatNumber(Math.round(minutes))} min`;
  const price =
    money === null ? ', price not known' : money > 0 ? `, ${formatMoney(money, currency)}` : '';
  return `${formatWatts(watts)} ${time}${minutes === 0 ? '' : price}`;
}

/** "A watt takes 15 min and €0.34." Null where it takes nothing. */
export function perWattSaid(
  { watts, minutes, money }: WinBack,
  currency: string | null,
): string | null {
  if (minutes === 0) return null;
  const time = `${formatNumber(Math.max(1, Math.round(minutes / watts)))} min`;
  return money === null || money === 0
    ? `A watt takes ${time}.`
    : `A watt takes ${time} and ${formatMoney(money / watts, currency)}.`;
}

/** What the losses cost on a ride, flat and climbing. */
export function minutesSentence({ flat, climb }: MinutesLost, ride: string): string {
  const said = (minutes: number) =>
    minutes < 1
      ? `${Math.max(5, Math.round((minutes * 60) / 5) * 5)} seconds`
      : `${formatNumber(Math.round(minutes * 10) / 10)} min`;
  return `On ${ride}, that is about ${said(flat)} if it is all flat, and ${said(climb)} if it is all uphill. A real ride lies between.`;
}

const MEASURE: Record<GearMap['assumed'][number], string> = {
  cogs: 'the cogs between the smallest and the largest',
  chainstay: 'the chainstay (420 mm)',
  chainline: 'the chainline',
};

/** What of a gear map is assumed; null where everything was measured. */
export const assumedSentence = ({ assumed }: GearMap): string | null =>
  assumed.length === 0
    ? null
    : `We assume ${assumed.map((a) => MEASURE[a]).join(', ')}. Measure and note them under the bike to have your own.`;

/** "Leave alone: 50 with 34, 30; 34 with 11." Null where no gear is crossed that far. */
export function leaveAlone({ gears }: GearMap): string | null {
  const rings = gears.flatMap((row) => {
    const crossed = row.filter((g) => g.crossed).map((g) => g.cog);
    return crossed.length > 0 ? [`the ${row[0]?.ring} ring with ${crossed.join(', ')}`] : [];
  });
  return rings.length === 0
    ? null
    : `Leave these gears alone where another does as well: ${rings.join('; ')}.`;
}
