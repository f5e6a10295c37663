/** Versions of the stored logbook, by name. A new one goes at the end with the next number. */
export const LOGBOOK_VERSIONS = {
  start: 1,
  unknownWeather: 2,
  hourlyWeather: 3,
  shelf: 4,
  learning: 5,
  plan: 6,
  stampedFields: 7,
  inspections: 8,
  bench: 9,
  wearTools: 10,
  parts: 11,
  faults: 12,
  money: 13,
  rounds: 14,
  newChain: 15,
  senses: 16,
  trials: 17,
  unitsEach: 18,
} as const;

export const CURRENT_VERSION = Math.max(...Object.values(LOGBOOK_VERSIONS));

/** Brings parts of a logbook to a version from the one before. Pure; a part not named stays as it is. */
export interface Migration {
  version: number;
  event?(event: unknown): unknown;
  garage?(garage: unknown): unknown;
  settings?(settings: unknown): unknown;
}
