export * from './bikeRules';
export * from './bulk';
export * from './form';
export * from './garage';
export * from './number';
export * from './ride';
export * from './importRides';
