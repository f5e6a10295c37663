export * from './guess';
export * from './read';
export * from './rows';
