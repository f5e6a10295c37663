/** A place on the WGS84 ellipsoid, degrees. */
export interface Place {
  lat: number;
  lon: number;
}

/** WGS84: equatorial radius in km and first eccentricity squared (NIMA TR8350.2). */
const RADIUS_KM = 6378.137;
const E2 = 6.69437999014e-3;

/**
 * Distance between two near places, km: the step in latitude by the radius of the meridian, the step in
 * longitude by that of the parallel. Points of a ride lie metres apart, where this is exact to a
 * millionth; up to 50 km it stays within 0.1 % of the geodesic.
 */
export function distanceKm(a: Place, b: Place): number {
  const rad = Math.PI / 180;
  const middle = ((a.lat + b.lat) / 2) * rad;
  const sin = Math.sin(middle);
  const w2 = 1 - E2 * sin * sin;
  const w = Math.sqrt(w2);
  const meridian = (RADIUS_KM * (1 - E2)) / (w2 * w);
  const parallel = (RADIUS_KM / w) * Math.sqrt(1 - sin * sin);
  const turn = shortest(b.lon - a.lon);
  const north = (b.lat - a.lat) * rad * meridian;
  const east = turn * rad * parallel;
  return Math.sqrt(north * north + east * east);
}

/** A turn about the axis the short way, degrees. */
function shortest(turn: number): number {
  if (turn > 180) return turn - 360;
  return turn < -180 ? turn + 360 : turn;
}
