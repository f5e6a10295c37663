export * from './BulkBar';
export * from './rideDraft';
export * from './RideFacts';
export * from './RideForm';
export * from './RidesHead';
export * from './RidesList';
export * from './SkyCard';
