import tzLookup from '@photostructure/tz-lookup';

/** IANA name of the time zone of a place; null at sea or nowhere. */
export function zoneAt(lat: number, lon: number): string | null {
  try {
    return tzLookup(lat, lon);
  } catch {
    return null;
  }
}
