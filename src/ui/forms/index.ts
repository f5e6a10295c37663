/**
 * All forms that are read by core/entry as one piece, with the package that runs them, loaded when the first
 * is shown: none of it weighs on the first screen.
 */
export { BikeForm } from '../garage/BikeForm';
export { ChainForm } from '../garage/ChainForm';
export { PlannedRideForm } from '../plan/PlannedRideForm';
export { RideForm } from '../rides/RideForm';
export { ProductForm } from '../shelf/ProductForm';
export { WorkForm } from '../work/WorkForm';
// What stands beside the forms of a chain and a bike, and shares their code.
export * from '../wear';
