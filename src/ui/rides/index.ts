export * from './rideDraft';
export * from './RideForm';
export * from './RidesList';
