export * from './against';
export * from './carePrices';
export * from './ledger';
export * from './replace';
export * from './sums';
export * from './question';
