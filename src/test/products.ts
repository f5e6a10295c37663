import type { Product } from '@/core/records/product';

/** A bottle of wet lube with nothing special about it, changed where a test needs it. */
export const productOf = (more: Partial<Product> = {}): Product => ({
  id: 'p1',
  name: 'House wet lube',
  kind: 'lube',
  lubeClass: 'wet',
  size: 100,
  price: 10,
  openedOn: null,
  left: 100,
  leftAt: '2026-05-01T00:00:00.000Z',
  lifeKm: null,
  setHours: null,
  shake: false,
  leastC: null,
  dilution: null,
  forChains: true,
  sparesWax: false,
  retired: false,
  changedAt: '2026-05-01T00:00:00.000Z',
  ...more,
});
