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
export { BikeWear } from '../wear/BikeWear';
export { MeasureForm } from '../wear/MeasureForm';
export { PartCard } from '../wear/PartCard';
export { PartForm } from '../wear/PartForm';
export { PartsCard } from '../wear/PartsCard';
export { SpareBox } from '../wear/SpareBox';
export { TogetherNote } from '../wear/TogetherNote';
export { WearCard } from '../wear/WearCard';
export { SwapChains } from '../wear/SwapChains';
export { ServiceHistory } from '../wear/ServiceHistory';
