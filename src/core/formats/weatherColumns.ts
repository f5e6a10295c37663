/** Columns of a file of hourly weather, by their names in its header; others are passed over. */
export const WEATHER_COLUMNS = [
  'time',
  'rain_mm',
  'temperature_c',
  'humidity_percent',
  'wind_m_s',
] as const;

/** One a file may have besides: where it is missing the sun is reckoned. */
export const SUN_COLUMN = 'radiation_mj_m2';
