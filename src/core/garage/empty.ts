import type { Garage } from '../records/garage';

export const EMPTY_GARAGE: Garage = {
  bikes: {},
  chains: {},
  parts: {},
  products: {},
  planned: {},
  planMarks: {},
  trials: {},
};
