import { METRIC } from '../units/convert';
import { USUAL_WORKSHOP } from '../records/workshop';
import { EVERYDAY_WISHES } from '../records/wishes';
import { DEFAULT_SCHOOLS } from '../lube/schools';
import { USUAL_DROPS_PER_ML } from '../lube/dose';
import { DEFAULT_PLAN } from './planDefaults';
import type { Settings } from '../records/settings';

/** Tidy: wiped when a rag comes away grey, deep-cleaned before grit triples the wear. */
export const DEFAULT_SETTINGS: Settings = {
  units: METRIC,
  weekStart: 1,
  keys: true,
  standard: 'tidy',
  theme: 'system',
  // The service that ships with the app makes its weather up: only the demo's rides were ridden in it.
  weatherSource: 'none',
  recorder: false,
  bikeRules: {},
  csvMappings: {},
  choice: {
    habit: 'due',
    pot: false,
    minutesPerWeek: null,
    leadHours: null,
    wishes: EVERYDAY_WISHES,
  },
  schools: DEFAULT_SCHOOLS,
  workshop: USUAL_WORKSHOP,
  plan: DEFAULT_PLAN,
  money: { currency: null, watts: 200 },
  rounds: { off: [] },
  dropsPerMl: USUAL_DROPS_PER_ML,
  changedAt: '1970-01-01T00:00:00.000Z',
};
