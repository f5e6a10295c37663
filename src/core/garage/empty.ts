import type { Garage } from './schema';

export const EMPTY_GARAGE: Garage = {
  bikes: {},
  chains: {},
  products: {},
  planned: {},
  planMarks: {},
};
