export * from './entries';
export * from './EntryForm';
export * from './useEntry';
