import type { StoragePlace } from '../records/kinds';
import type { LubeTraits } from '../lube/classes';

/**
 * Saturation vapour pressure over water, kPa, at a temperature in C, -40 to 50.
 * Magnus form, coefficients of Alduchov and Eskridge 1996, J. Appl. Meteorol. 35:601.
 */
export const saturationKpa = (temperatureC: number): number =>
  0.61094 * Math.exp((17.625 * temperatureC) / (temperatureC + 243.04));

/** How thirsty the air is, kPa. `humidity` is a share, 0 to 1. */
export const vapourPressureDeficitKpa = (temperatureC: number, humidity: number): number =>
  saturationKpa(temperatureC) * (1 - humidity);

export interface Air {
  temperatureC: number;
  /** Relative humidity, a share. */
  humidity: number;
}

/** The air that set times on labels are written for. */
export const WORKSHOP_AIR: Air = { temperatureC: 20, humidity: 0.5 };

/** Still, saturated air never quite stops drying: a floor keeps the hours finite. Own estimate. */
const VPD_FLOOR_KPA = 0.05;

/**
 * A yearly middle for each storage place in a temperate, maritime climate. Own estimate; a weather
 * source replaces it where there is one.
 */
export const STORAGE_AIR: Record<StoragePlace, Air> = {
  indoors: { temperatureC: 18, humidity: 0.55 },
  shed: { temperatureC: 11, humidity: 0.78 },
  outdoors: { temperatureC: 10, humidity: 0.84 },
};

/** The air a stored chain stands in, from the air outside: a shed evens out, a house has its own. */
export function storedAir(storage: StoragePlace, outside: Air | null): Air {
  const usual = STORAGE_AIR[storage];
  if (outside === null || storage === 'indoors') return usual;
  if (storage === 'outdoors') return outside;
  const humidity = (outside.humidity + usual.humidity) / 2;
  return { temperatureC: outside.temperatureC + 1, humidity };
}

/** Air above this counts as wet for an unoiled steel surface: time of wetness, ISO 9223:2012. */
export const WETNESS_HUMIDITY = 0.8;

const workshopVpd = vapourPressureDeficitKpa(WORKSHOP_AIR.temperatureC, WORKSHOP_AIR.humidity);

/** Hours for water to leave, from the hours it takes in workshop air. */
export function dryingHours(workshopHours: number, air: Air): number {
  const vpd = Math.max(VPD_FLOOR_KPA, vapourPressureDeficitKpa(air.temperatureC, air.humidity));
  return (workshopHours * workshopVpd) / vpd;
}

/**
 * Hours until a fresh coat is set, hours at the given air. Water carriers follow the thirst of the
 * air, solvent carriers double every 10 C colder, oils do not care.
 */
export function settingHours(lube: Pick<LubeTraits, 'carrier' | 'setHours'>, air: Air): number {
  if (lube.carrier === 'water') return dryingHours(lube.setHours, air);
  if (lube.carrier === 'solvent') return lube.setHours * 2 ** ((20 - air.temperatureC) / 10);
  return lube.setHours;
}
