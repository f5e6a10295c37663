import type { Constant } from '../care/model/constants';

const FROM_MEMORY = 'common practice, from memory';
const OWN = 'own estimate';

/** Constants of the watts beyond the care model’s, each with unit, source and spread. */
export const WATTS = {
  crossingAt: {
    value: 3,
    unit: 'degrees from which a crossed chain is felt',
    source: FROM_MEMORY,
    spread: '2 to 4',
  },
  crossingW: {
    value: 2,
    unit: 'W at 250 W at that angle; by the square of the angle',
    source: FROM_MEMORY,
    spread: '2 to 3 above it',
  },
  wrongLengthW: {
    value: 1,
    unit: 'W at 250 W of a chain too long or too short',
    source: OWN,
    spread: '0.5 to 2',
  },
  bareDrivetrain: {
    value: 0.02,
    unit: 'share of power a clean, straight, well lubed new chain takes',
    source: FROM_MEMORY,
    spread: '0.01 to 0.03',
  },
  cassetteMiddleMm: {
    value: 44.5,
    unit: 'mm from the frame’s middle to the middle of the cogs',
    source: FROM_MEMORY,
    spread: '43 to 48',
  },
  ringSpacingMm: {
    value: 7.5,
    unit: 'mm from ring to ring',
    source: FROM_MEMORY,
    spread: '7 to 8.5',
  },
} as const satisfies Record<string, Constant>;

/** mm from cog to cog by the number of speeds. From memory of dimension tables; 11 and 12: 3.8 and 3.6. */
export const COG_SPACING_MM: Readonly<Record<number, number>> = {
  5: 5.5,
  6: 5.5,
  7: 5,
  8: 4.8,
  9: 4.35,
  10: 3.95,
  11: 3.8,
  12: 3.6,
  13: 3.4,
  14: 3.3,
};

/** Where a bike was not measured, mm. Own estimates of common frames. */
export const USUAL_CHAINSTAY_MM = 420;
export const USUAL_CHAINLINE_MM = { one: 49, more: 44.5 } as const;
