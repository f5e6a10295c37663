export * from './proposedDraft';
export * from './WorkForm';
