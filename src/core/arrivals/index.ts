export * from './bikeRules';
export * from './importRides';
