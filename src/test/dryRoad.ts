import type { Exposure } from '@/core/care/model/exposure';
import type { Sky } from '@/core/care/model/sky';
import type { TypicalRiding } from '@/core/care/verdict/typical';

/** What so many kilometres of clean dry tarmac do, at 25 km/h; changed where a test needs it. */
export const dryRoad = (km: number, more: Partial<Exposure> = {}): Exposure => ({
  km,
  hours: km / 25,
  wetShare: 0,
  waterMm: 0,
  onChainMm: 0,
  dirtPerKm: 1,
  wetDirtPerKm: 0,
  salted: false,
  load: 1,
  ...more,
});

/** A rider of five rides of 30 km like one such kilometre, 100 km a week. */
export const ridingOn = (
  perKm: Exposure,
  more: Partial<Omit<TypicalRiding, 'perKm'>> = {},
): TypicalRiding => ({
  perKm,
  kmPerWeek: 100,
  rideKm: 30,
  met: [],
  guard: 1,
  indoors: 0,
  rides: 5,
  ...more,
});

/** A sky without rain, dust or salt, over a dry road. */
export const CLEAR_SKY: Pick<
  Sky,
  'wetShare' | 'rainMmPerH' | 'late' | 'dust' | 'dustEverywhere' | 'salted'
> = { wetShare: 0, rainMmPerH: 0, late: null, dust: 0, dustEverywhere: false, salted: false };
