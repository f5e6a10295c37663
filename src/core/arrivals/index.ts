export * from './bikeRules';
export * from './importRides';
export * from './known';
export * from './sense';
export * from './heldGroups';
export * from './failedLines';
export * from './older';
export * from './understood';
