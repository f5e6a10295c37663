/**
 * Weather is kept and asked for by squares of a quarter degree, some 20 km: as fine as hourly weather is
 * known, and no service learns more of where a rider lives. A number each: replay asks for many.
 */
export type Cell = number;

const PER_DEGREE = 4;
const COLUMNS = 360 * PER_DEGREE;

/** The square a position lies in. */
export const cellOf = (lat: number, lon: number): Cell =>
  Math.floor((lat + 90) * PER_DEGREE) * COLUMNS + Math.floor((lon + 180) * PER_DEGREE);

/** Middle of a square, degrees. */
export function placeOfCell(cell: Cell): { lat: number; lon: number } {
  const row = Math.floor(cell / COLUMNS);
  const column = cell - row * COLUMNS;
  return { lat: (row + 0.5) / PER_DEGREE - 90, lon: (column + 0.5) / PER_DEGREE - 180 };
}

/** Where the sun is reckoned for as long as nobody knows where a bike stands: the middle of the temperate north. */
export const PLACE_IF_UNKNOWN = { lat: 52, lon: 0 };

/** A square as the log writes it: its middle, `54.125,-2.875`. */
export function cellName(cell: Cell): string {
  const { lat, lon } = placeOfCell(cell);
  return `${lat.toFixed(3)},${lon.toFixed(3)}`;
}

/** The square of a name. */
export function cellNamed(name: string): Cell {
  const comma = name.indexOf(',');
  return cellOf(Number(name.slice(0, comma)), Number(name.slice(comma + 1)));
}
